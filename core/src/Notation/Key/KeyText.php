<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Finding\TextEdit;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** A key list as it is written: a number and its answer, again and again, each where it stands. */
final readonly class KeyText
{
    /**
     * @param non-empty-list<KeyEntry> $entries
     * @param non-empty-list<Span>     $numbers where the number of each stands
     * @param non-empty-list<Span>     $answers
     */
    private function __construct(private string $text, public array $entries, private array $numbers, private array $answers)
    {
    }

    /** Null where the list has parts, goes without numbers, or is a table of rows: then its entries do not follow one another. */
    public static function in(string $text): ?self
    {
        $entries = KeyList::read($text);
        /** @var list<Span> $numbers */
        $numbers = [];
        /** @var list<Span> $answers */
        $answers = [];
        $at = 0;
        foreach ($entries as $entry) {
            $pattern = '~(?<![\p{L}\p{N}])('.$entry->number.')(?!\d)[^\p{L}\p{N}]{0,8}?('.preg_quote($entry->answer, '~').')~u';
            if (null !== $entry->part || null === $entry->number || !Regex::match($pattern, $text, $match, \PREG_OFFSET_CAPTURE, $at)) {
                return null;
            }
            $numbers[] = new Span($match[1][1], $match[1][1] + \strlen($match[1][0]));
            $answers[] = new Span($match[2][1], $match[2][1] + \strlen($match[2][0]));
            $at = $match[2][1] + \strlen($match[2][0]);
        }

        return [] === $entries ? null : new self($text, $entries, $numbers, $answers);
    }

    /** @return non-empty-list<Span> of each entry, from its number to the end of its answer */
    public function spans(): array
    {
        return array_map(static fn (Span $number, Span $answer) => new Span($number->start, $answer->end), $this->numbers, $this->answers);
    }

    public function answerTo(int $number): ?string
    {
        $index = $this->indexOf($number);

        return null === $index ? null : $this->entries[$index]->answer;
    }

    public function answering(int $number, string $answer): ?TextEdit
    {
        $index = $this->indexOf($number);

        return null === $index ? null : new TextEdit($this->answers[$index], $answer);
    }

    private function indexOf(int $number): ?int
    {
        foreach ($this->entries as $index => $entry) {
            if ($entry->number === $number) {
                return $index;
            }
        }

        return null;
    }

    /**
     * The list with other entries in the places of these: fewer take the last ones away, more go on as the last two do.
     *
     * @param non-empty-list<array{int, string}> $entries numbers with their answers
     */
    public function with(array $entries): string
    {
        $edits = [];
        $last = \count($this->entries) - 1;
        foreach (\array_slice($entries, 0, $last + 1) as $index => [$number, $answer]) {
            array_push($edits, new TextEdit($this->numbers[$index], (string) $number), new TextEdit($this->answers[$index], $answer));
        }
        $kept = min(\count($entries), $last + 1) - 1;
        if ($kept < $last) {
            $edits[] = TextEdit::remove(new Span($this->answers[$kept]->end, $this->answers[$last]->end));
        }
        $further = \array_slice($entries, $last + 1);
        $before = $last > 0 ? substr($this->text, $this->answers[$last - 1]->end, $this->numbers[$last]->start - $this->answers[$last - 1]->end) : "\n";
        $between = substr($this->text, $this->numbers[$last]->end, $this->answers[$last]->start - $this->numbers[$last]->end);
        foreach ($further as [$number, $answer]) {
            $edits[] = TextEdit::insert($this->answers[$last]->end, $before.$number.$between.$answer);
        }

        return TextEdit::allIn($this->text, $edits);
    }
}
