<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Repository\SheetOnShelf;
use App\Repository\SheetRepository;
use App\View\CategoryTotalView;
use App\View\ChanceView;
use App\View\FindingView;
use App\View\NumberedFindingView;
use App\View\OfferedMarkView;
use App\View\OutlookView;
use App\View\PictureUseView;
use App\View\SheetMarksView;
use App\View\UntidiedView;
use Brick\Math\BigRational;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Check\Repeat\Neighbour;
use Notagram\Check\Repeat\StemPrint;
use Notagram\Check\Rule\Craft\StemRepeated;
use Notagram\Check\SheetWishes;
use Notagram\Intake\OfferedMarks;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Marking\Chance;
use Notagram\Marking\PointsSum;
use Notagram\Marking\SheetMarks;
use Notagram\Message\Sentences;
use Notagram\Notation\Block;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\SheetOverview;
use Notagram\Question\KeptPicture;
use Notagram\Question\Question;
use Notagram\Source\EditorOffsets;
use Notagram\Source\ReadLimits;
use Notagram\Source\SourceText;
use Psr\Cache\CacheItemPoolInterface;

/** Looks at all questions of a sheet together, and at those of the other sheets on the shelf. */
final readonly class Outlook
{
    private const NANOSECONDS_FOR_NEIGHBOURS = 300_000_000;
    /** Bytes; some five thousand questions. */
    private const LARGEST_NEIGHBOUR = 500_000;

    public function __construct(private SheetRepository $sheets, private Checker $checker, private Sentences $sentences, private CacheItemPoolInterface $cache)
    {
    }

    public function of(Sheet $sheet): OutlookView
    {
        $numbered = array_filter($sheet->notation()->reader()->split($sheet->text()), static fn (Block $block) => $block->kind->isNumbered());
        if (\count($numbered) > ReadLimits::MAX_QUESTIONS_TOGETHER) {
            return new OutlookView($sheet->textHash(), false, [], null, [], null, '0', [], self::pictures($sheet, null));
        }
        $isCompared = \count($numbered) <= ReadLimits::MAX_QUESTIONS_COMPARED;
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $wishes = $sheet->wishes();
        $findings = $this->checker->findingsOfWhole($read, new SheetWishes($wishes->expectedQuestions, $wishes->switchedOff, $isCompared ? $this->neighboursOf($sheet) : null, $wishes->expectedPoints, $wishes->pictures, $sheet->drafts()));
        $questions = $filed = [];
        foreach ($read->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $questions[] = $placed->reading->question;
                $filed[implode("\x00", $placed->category)][] = $placed->reading->question;
            }
        }

        return new OutlookView($sheet->textHash(), $isCompared, array_map(fn (PlacedFinding $placed) => $this->view($placed, $read), $findings), self::marks(SheetMarks::of($questions)), self::offered($read, $sheet), self::untidied($sheet), (string) PointsSum::of($questions), self::categories($filed), self::pictures($sheet, $read));
    }

    /**
     * @param array<array-key, list<Question>> $filed
     *
     * @return list<CategoryTotalView>
     */
    private static function categories(array $filed): array
    {
        return array_map(static fn (string|int $path, array $questions) => new CategoryTotalView(
            '' === $path ? [] : explode("\x00", (string) $path),
            \count($questions),
            (string) PointsSum::of($questions),
        ), array_keys($filed), array_values($filed));
    }

    /**
     * Where each picture stands.
     *
     * @param ?ReadSheet $read null where there are too many questions to look through
     *
     * @return list<PictureUseView>
     */
    private static function pictures(Sheet $sheet, ?ReadSheet $read): array
    {
        $pictures = $sheet->keptPictures();
        $questions = [];
        foreach ([] === $pictures->all ? [] : $read->blocks ?? [] as $placed) {
            if (null !== $placed->number) {
                foreach ($pictures->mentionedIn($placed->block->textIn($sheet->text())) as $picture) {
                    $questions[$picture->number][] = $placed->number;
                }
            }
        }
        $used = array_column($pictures->mentionedIn($sheet->text()), 'number');

        return array_map(static fn (KeptPicture $picture) => new PictureUseView($picture->number, \in_array($picture->number, $used, true), $questions[$picture->number] ?? []), $pictures->all);
    }

    /** @return list<OfferedMarkView> */
    private static function offered(ReadSheet $read, Sheet $sheet): array
    {
        $offered = OfferedMarks::in($read, $sheet->emphasised());

        return array_map(static fn (int $question, array $keys) => new OfferedMarkView($question, $keys), array_keys($offered), array_values($offered));
    }

    private static function untidied(Sheet $sheet): ?UntidiedView
    {
        if (!$sheet->awaitsTidying() || SheetViews::isTabular($sheet)) {
            return null;
        }
        $tidied = Tidy::of($sheet->text());

        return 0 === $tidied->changeCount()
            ? null
            : new UntidiedView(SheetOverview::of(SourceText::fromUtf8($tidied->text), $sheet->notation()->reader()->split($tidied->text))->questions, $tidied->changeCount());
    }

    private function view(PlacedFinding $placed, ReadSheet $read): NumberedFindingView
    {
        if (null === $placed->question) {
            return new NumberedFindingView(null, FindingView::of($placed->finding, new EditorOffsets($read->source->text), $this->sentences));
        }
        $block = $read->numbered($placed->question)->block;

        return new NumberedFindingView($placed->question, FindingView::of($placed->finding->shiftedBy(-$block->start), new EditorOffsets($block->textIn($read->source->text)), $this->sentences));
    }

    /**
     * The questions of the other sheets, the one changed last first. What there is no time for comes the next time.
     *
     * @return list<StemPrint>
     */
    private function neighboursOf(Sheet $sheet): array
    {
        $prints = [];
        $end = hrtime(true) + self::NANOSECONDS_FOR_NEIGHBOURS;
        foreach ($this->sheets->onShelf() as $other) {
            if ($other->id !== $sheet->id) {
                array_push($prints, ...$this->printsOf($other, hrtime(true) < $end));
            }
            if (\count($prints) > ReadLimits::MAX_QUESTIONS_COMPARED) {
                break;
            }
        }

        return $prints;
    }

    /**
     * Derived from the text, so kept beside it for as long as the text stays the same.
     *
     * @return list<StemPrint>
     */
    private function printsOf(SheetOnShelf $other, bool $mayRead): array
    {
        $kept = $this->cache->getItem('prints.'.hash('xxh128', implode("\n", [$other->id, $other->notation, $other->title, $other->textHash])));
        if ($kept->isHit()) {
            /** @var list<StemPrint> $prints */
            $prints = $kept->get();

            return $prints;
        }
        $sheet = $mayRead ? $this->sheets->find($other->id) : null;
        if (null === $sheet) {
            return [];
        }
        $prints = \strlen($sheet->text()) > self::LARGEST_NEIGHBOUR ? [] : StemRepeated::printsOf(ReadSheet::of($sheet->source(), $sheet->notation()), new Neighbour($sheet->id, $sheet->title()));
        $this->cache->save($kept->set($prints));

        return $prints;
    }

    private static function marks(SheetMarks $marks): SheetMarksView
    {
        return new SheetMarksView(
            Decimals::shown($marks->total, 2),
            null === $marks->guess ? null : Decimals::shown($marks->guess, 1),
            self::chance($marks->halfChance),
        );
    }

    private static function chance(?Chance $chance): ?ChanceView
    {
        if (null === $chance) {
            return null;
        }
        $percent = static fn (float $share): string => Decimals::shown(BigRational::of(number_format(100 * $share, 8, '.', '')), 0);
        $exact = (string) $chance->exact;

        return new ChanceView($percent($chance->least), $percent($chance->most), '' === $exact || \strlen($exact) > 60 ? null : $exact);
    }
}
