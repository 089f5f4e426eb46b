<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Repository\SheetOnShelf;
use App\Repository\SheetRepository;
use App\View\ChanceView;
use App\View\FindingView;
use App\View\NumberedFindingView;
use App\View\OfferedMarkView;
use App\View\OutlookView;
use App\View\SheetMarksView;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Check\Repeat\StemPrint;
use Notagram\Check\Rule\Craft\StemRepeated;
use Notagram\Check\SheetWishes;
use Notagram\Intake\OfferedMarks;
use Notagram\Marking\Chance;
use Notagram\Marking\SheetMarks;
use Notagram\Notation\ReadSheet;
use Notagram\Source\EditorOffsets;
use Symfony\Contracts\Cache\CacheInterface;

/** Looks at all questions of a sheet together, and at those of the other sheets on the shelf. */
final readonly class Outlook
{
    public function __construct(private SheetRepository $sheets, private Checker $checker, private CacheInterface $cache)
    {
    }

    public function of(Sheet $sheet): OutlookView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $wishes = $sheet->wishes();
        $findings = $this->checker->findingsOfWhole($read, new SheetWishes($wishes->expectedQuestions, $wishes->switchedOff, $this->neighboursOf($sheet)));
        $questions = [];
        foreach ($read->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $questions[] = $placed->reading->question;
            }
        }

        return new OutlookView($sheet->textHash(), array_map(fn (PlacedFinding $placed) => $this->view($placed, $read), $findings), self::marks(SheetMarks::of($questions)), self::offered($read, $sheet));
    }

    /** @return list<OfferedMarkView> */
    private static function offered(ReadSheet $read, Sheet $sheet): array
    {
        $offered = OfferedMarks::in($read, $sheet->emphasised());

        return array_map(static fn (int $question, array $keys) => new OfferedMarkView($question, $keys), array_keys($offered), array_values($offered));
    }

    private function view(PlacedFinding $placed, ReadSheet $read): NumberedFindingView
    {
        if (null === $placed->question) {
            return new NumberedFindingView(null, FindingView::of($placed->finding, new EditorOffsets($read->source->text)));
        }
        $block = $read->numbered($placed->question)->block;

        return new NumberedFindingView($placed->question, FindingView::of($placed->finding->shiftedBy(-$block->start), new EditorOffsets($block->textIn($read->source->text))));
    }

    /** @return list<StemPrint> */
    private function neighboursOf(Sheet $sheet): array
    {
        $prints = [];
        foreach ($this->sheets->onShelf() as $other) {
            if ($other->id !== $sheet->id) {
                array_push($prints, ...$this->printsOf($other));
            }
        }

        return $prints;
    }

    /**
     * Derived from the text, so kept beside it for as long as the text stays the same.
     *
     * @return list<StemPrint>
     */
    private function printsOf(SheetOnShelf $other): array
    {
        $key = 'prints.'.hash('xxh128', implode("\n", [$other->notation, $other->title, $other->textHash]));

        return $this->cache->get($key, function () use ($other): array {
            $sheet = $this->sheets->find($other->id);

            return null === $sheet ? [] : StemRepeated::printsOf(ReadSheet::of($sheet->source(), $sheet->notation()), $sheet->title());
        });
    }

    private static function marks(SheetMarks $marks): SheetMarksView
    {
        return new SheetMarksView(
            self::rounded($marks->total, 2),
            null === $marks->guess ? null : self::rounded($marks->guess, 1),
            self::chance($marks->halfChance),
        );
    }

    private static function chance(?Chance $chance): ?ChanceView
    {
        if (null === $chance) {
            return null;
        }
        $percent = static fn (float $share): string => self::rounded(BigRational::of(number_format(100 * $share, 8, '.', '')), 2);
        $exact = (string) $chance->exact;

        return new ChanceView($percent($chance->least), $percent($chance->most), '' === $exact || \strlen($exact) > 60 ? null : $exact);
    }

    /** @param int<0, max> $decimals */
    private static function rounded(BigRational $number, int $decimals): string
    {
        return str_replace('-', '−', (string) $number->toScale($decimals, RoundingMode::HalfUp)->strippedOfTrailingZeros());
    }
}
