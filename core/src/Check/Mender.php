<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;

/**
 * Applies safe fixes, round after round, until nothing safe is left. Edits that overlap wait for the next round.
 */
final readonly class Mender
{
    /** Far more than any text has needed; a pair of rules that undid each other would otherwise never end. */
    private const MAX_ROUNDS = 50;

    public function __construct(private Checker $checker = new Checker())
    {
    }

    /**
     * @param ?list<string> $codes only the findings of these; null for all
     */
    public function mend(SourceText $source, Notation $notation, ?array $codes = null): Mended
    {
        $changes = [];
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            $fixes = $this->safeFixes($source, $notation, $codes);
            if (!$source->isPlainUtf8() && [] !== array_filter($fixes, static fn (array $fix) => [] === $fix[1]->edits)) {
                $source = $source->asPlainUtf8();
            }
            $edits = [];
            $end = -1;
            foreach ($fixes as [$code, $fix]) {
                if ([] !== $fix->edits && $fix->edits[0]->span->start <= $end) {
                    continue;
                }
                $changes[$code] = ($changes[$code] ?? 0) + 1;
                foreach ($fix->edits as $edit) {
                    $edits[] = $edit;
                    $end = $edit->span->end;
                }
            }
            if ([] === $fixes) {
                break;
            }
            $source = SourceText::fromUtf8((new Fix('', $edits, true))->appliedTo($source->text), $source->encoding, $source->hasBom);
        }

        return new Mended($source, $changes);
    }

    /**
     * @param ?list<string> $codes
     *
     * @return list<array{string, Fix}> in the order of the text
     */
    private function safeFixes(SourceText $source, Notation $notation, ?array $codes): array
    {
        $fixes = [];
        foreach ($this->checker->check(ReadSheet::of($source, $notation))->findings() as $placed) {
            $fix = $placed->finding->fix;
            if (null !== $fix && $fix->isSafe && (null === $codes || \in_array($placed->finding->code, $codes, true))) {
                $fixes[] = [$placed->finding->code, $fix];
            }
        }
        usort($fixes, static fn (array $one, array $other) => self::firstPlace($one[1]) <=> self::firstPlace($other[1]));

        return $fixes;
    }

    private static function firstPlace(Fix $fix): int
    {
        return array_map(static fn (TextEdit $edit) => $edit->span->start, $fix->edits)[0] ?? -1;
    }
}
