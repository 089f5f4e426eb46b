<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\PlacedFinding;
use Notagram\Check\Repeat\Neighbour;
use Notagram\Check\Repeat\Repeat;
use Notagram\Check\Repeat\Repeats;
use Notagram\Check\Repeat\StemPrint;
use Notagram\Check\SheetWishes;
use Notagram\Check\WholeSheetRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\OtherPlace;
use Notagram\Finding\TextEdit;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Span;

/**
 * Doubts a question that asks what another one of the sheet, or of the shelf, asks already. A sheet that is for the most part
 * another one over again is told so once.
 */
final readonly class StemRepeated implements WholeSheetRule
{
    public const CODE = 'craft.stem-repeated';

    /** Fewer questions than these are no copy of a sheet. */
    private const FEWEST_OF_A_COPY = 3;

    public function check(ReadSheet $sheet, SheetWishes $wishes): iterable
    {
        if (null === $wishes->neighbours) {
            return;
        }
        $prints = self::printsOf($sheet);
        $repeats = Repeats::among($prints, $wishes->neighbours);
        $copied = self::copied($repeats, \count($prints));
        foreach ($copied as [$neighbour, $count]) {
            yield new PlacedFinding(Finding::hint(self::CODE, Span::at(0), case: 'copy', count: $count, questions: \count($prints), sheet: $neighbour->title)->elsewhere(new OtherPlace($neighbour->id)), null);
        }
        foreach ($repeats as $repeat) {
            if (!isset($copied[$repeat->earlier->neighbour->id ?? ''])) {
                yield self::finding($repeat, $sheet);
            }
        }
    }

    private static function finding(Repeat $repeat, ReadSheet $sheet): PlacedFinding
    {
        $placed = $sheet->numbered($repeat->later->number);
        $question = $placed->reading->question ?? throw new \LogicException('Only questions have prints.');
        $neighbour = $repeat->earlier->neighbour;
        $finding = Finding::doubt(
            self::CODE,
            $question->stemSpan->shiftedBy($placed->block->start),
            Fix::offered('remove-question', [TextEdit::remove(new Span($placed->block->start, $placed->block->end))]),
            null === $neighbour ? '' : 'elsewhere',
            number: $repeat->earlier->number,
            sheet: $neighbour->title ?? '',
            likeness: $repeat->likeness,
        );

        return new PlacedFinding(null === $neighbour ? $finding : $finding->elsewhere(new OtherPlace($neighbour->id, $repeat->earlier->number)), $placed->number);
    }

    /**
     * @param list<Repeat> $repeats
     *
     * @return array<string, array{Neighbour, int}> the sheets that hold more than half of the questions, by id, with how many
     */
    private static function copied(array $repeats, int $questions): array
    {
        $copied = [];
        foreach ($repeats as $repeat) {
            $neighbour = $repeat->earlier->neighbour;
            if (null !== $neighbour) {
                $copied[$neighbour->id] = [$neighbour, ($copied[$neighbour->id][1] ?? 0) + 1];
            }
        }

        return array_filter($copied, static fn (array $one) => $one[1] >= self::FEWEST_OF_A_COPY && 2 * $one[1] > $questions);
    }

    /** @return list<StemPrint> */
    public static function printsOf(ReadSheet $sheet, ?Neighbour $neighbour = null): array
    {
        $prints = [];
        foreach ($sheet->blocks as $placed) {
            $print = null === $placed->reading->question || null === $placed->number ? null : StemPrint::of($placed->reading->question, $placed->number, $neighbour);
            if (null !== $print) {
                $prints[] = $print;
            }
        }

        return $prints;
    }
}
