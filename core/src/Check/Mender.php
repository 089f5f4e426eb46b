<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
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
    public function mend(SourceText $source, Notation $notation, ?array $codes = null, SheetWishes $wishes = new SheetWishes()): Mended
    {
        return $this->repeatedly($source, $notation, $wishes, static fn (Finding $finding) => true === $finding->fix?->isSafe && (null === $codes || \in_array($finding->code, $codes, true)));
    }

    /** Applies every fix of one kind of finding, also those that a person must choose: a person did. */
    public function mendAllOf(string $code, SourceText $source, Notation $notation, SheetWishes $wishes = new SheetWishes()): Mended
    {
        return $this->repeatedly($source, $notation, $wishes, static fn (Finding $finding) => $finding->code === $code && null !== $finding->fix);
    }

    /** @param \Closure(Finding): bool $isWanted */
    private function repeatedly(SourceText $source, Notation $notation, SheetWishes $wishes, \Closure $isWanted): Mended
    {
        $changes = [];
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            $fixes = $this->fixes($source, $notation, $wishes, $isWanted);
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
            $source = SourceText::fromUtf8(TextEdit::allIn($source->text, $edits), $source->encoding, $source->hasBom);
        }

        return new Mended($source, $changes);
    }

    /**
     * @param \Closure(Finding): bool $isWanted
     *
     * @return list<array{string, Fix}> in the order of the text
     */
    private function fixes(SourceText $source, Notation $notation, SheetWishes $wishes, \Closure $isWanted): array
    {
        $sheet = ReadSheet::of($source, $notation);
        $findings = $this->checker->findingsAtAGlance($sheet->overview(), $wishes);
        foreach ($sheet->blocks as $placed) {
            foreach ($this->checker->findingsIn($notation, $placed->reading, $placed->block->textIn($source->text), $wishes) as $finding) {
                $findings[] = $finding->shiftedBy($placed->block->start);
            }
        }
        $fixes = [];
        foreach ($findings as $finding) {
            if (null !== $finding->fix && !$finding->isOff && $isWanted($finding)) {
                $fixes[] = [$finding->code, $finding->fix];
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
