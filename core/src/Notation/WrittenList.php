<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Finding\TextEdit;
use Notagram\Source\Span;

/** A list of answers as it is written: what stands between two of them stays in its place when they move. */
final readonly class WrittenList
{
    /** @param non-empty-list<Span> $places of its entries, in order, without what parts them */
    public function __construct(private string $text, private array $places)
    {
    }

    /**
     * @param non-empty-list<array{?int, string}> $entries as they shall be: which one it was, null for a new one, and how it is written
     * @param string                              $between what parts a new one from its neighbour where nothing shows it
     */
    public function with(array $entries, string $between): TextEdit
    {
        $kept = array_values(array_filter(array_column($entries, 0), is_int(...)));
        [$lead, $gaps] = $this->gapsWithout(array_values(array_diff(array_keys($this->places), $kept)));
        $written = $lead.$entries[0][1];
        $above = $entries[0][0];
        foreach (\array_slice($entries, 1) as [$index, $entry]) {
            $written .= (null === $index ? $this->gapBefore($above) ?? $between : array_shift($gaps) ?? $between).$entry;
            $above = $index ?? $above;
        }

        return new TextEdit(new Span($this->places[0]->start, $this->places[\count($this->places) - 1]->end), $written);
    }

    /** What leads to an entry, but for a note before it: one below it is set in as far. */
    private function gapBefore(?int $index): ?string
    {
        if (null === $index || 0 === $index) {
            return null;
        }
        $gap = $this->gap($index - 1);

        return substr($gap, \strlen(rtrim($gap)));
    }

    private function gap(int $index): string
    {
        return substr($this->text, $this->places[$index]->end, $this->places[$index + 1]->start - $this->places[$index]->end);
    }

    /**
     * What parts those that stay. An entry that goes takes along what parts it from its neighbour, but never a note.
     *
     * @param list<int> $gone
     *
     * @return array{string, list<string>} what then stands before the first, and between each and the next
     */
    private function gapsWithout(array $gone): array
    {
        $count = \count($this->places);
        $gaps = array_map($this->gap(...), $count > 1 ? range(0, $count - 2) : []);
        $lead = '';
        foreach (array_reverse($gone) as $index) {
            $at = min($index, \count($gaps) - 1);
            if ($at < 0) {
                continue;
            }
            $note = '' === trim($gaps[$at]) ? '' : $gaps[$at];
            if ('' !== $note && $at > 0) {
                $gaps[$at - 1] = rtrim($gaps[$at - 1]).$note;
            } elseif ('' !== $note) {
                $lead = ltrim($note).$lead;
            }
            array_splice($gaps, $at, 1);
        }

        return [$lead, $gaps];
    }
}
