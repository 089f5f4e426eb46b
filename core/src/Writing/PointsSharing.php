<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Part;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** Points for many questions: the same for each, or a total that is shared out in equal steps. */
final readonly class PointsSharing
{
    public const STEPS = ['1', '0.5', '0.25'];

    /** The sheet without headings that give points to each. */
    public ReadSheet $sheet;
    /** How many such headings were taken out. */
    public int $headings;

    /** @throws CannotAmend where the notation has no points */
    public function __construct(ReadSheet $sheet)
    {
        if (!\in_array(Part::Points, $sheet->notation->rewriter()->parts(), true)) {
            throw CannotAmend::because('no-part', notation: $sheet->notation->label(), part: 'points');
        }
        [$text, $this->headings] = self::withoutHeadings($sheet);
        $this->sheet = 0 === $this->headings ? $sheet : ReadSheet::of(SourceText::fromUtf8($text), $sheet->notation);
    }

    /** @return array{string, int} */
    private static function withoutHeadings(ReadSheet $sheet): array
    {
        $text = $sheet->source->text;
        $count = 0;
        foreach (array_reverse($sheet->blocks) as $placed) {
            $own = $placed->block->textIn($text);
            if (BlockKind::Stray !== $placed->reading->kind || null === PaperWords::all()->pointsOfEachIn($own)) {
                continue;
            }
            $without = Regex::replace('~[ \t]*+\([^()\r\n]*\d[^()\r\n]*\)~', '', $own);
            if (null === PaperWords::all()->pointsOfEachIn($without)) {
                $text = substr_replace($text, $without, $placed->block->start, \strlen($own));
                ++$count;
            }
        }

        return [$text, $count];
    }

    /**
     * @param ?list<int> $of the numbers of those that are to get them; null gives them to all
     *
     * @return array<int, string> points by number
     */
    public function each(string $points, ?array $of = null): array
    {
        $given = [];
        foreach ($this->questions() as $number => $question) {
            if (null === $of || \in_array($number, $of, true)) {
                $given[$number] = $points;
            }
        }

        return $this->changes($given);
    }

    /**
     * A total, shared evenly in steps; what is left over goes to the first ones.
     *
     * @param string $step one of {@see self::STEPS}
     * @param bool   $all  whether points that were set by hand are shared out again too
     *
     * @return array<int, string> points by number
     *
     * @throws CannotAmend where it cannot be shared so
     */
    public function sharing(BigDecimal $total, string $step, bool $all): array
    {
        if (!self::isMultiple($total, $step)) {
            throw CannotAmend::misuse('total-step', total: (string) $total, step: $step);
        }
        $questions = $this->questions();
        $kept = BigDecimal::zero();
        $shared = [];
        foreach ($questions as $number => $question) {
            if (!$all && null !== $question->points) {
                $kept = $kept->plus($question->points);
            } else {
                $shared[] = $number;
            }
        }
        $rest = $total->minus($kept);
        if ([] === $shared) {
            return $rest->isZero() ? [] : throw CannotAmend::because('all-have-points', kept: self::spelled($kept));
        }
        if ($rest->isLessThan(BigDecimal::of($step)->multipliedBy(\count($shared))) || !self::isMultiple($rest, $step)) {
            $fits = array_values(array_filter(self::STEPS, static fn (string $other) => self::isMultiple($rest, $other) && !$rest->isLessThan(BigDecimal::of($other)->multipliedBy(\count($shared)))))[0] ?? 'none';
            throw CannotAmend::because('total-small', total: (string) $total, kept: self::spelled($kept), count: \count($shared), step: $step, fits: $fits);
        }
        $steps = $rest->dividedBy($step, 0, RoundingMode::Unnecessary)->toInt();
        $given = [];
        foreach ($shared as $place => $number) {
            $own = intdiv($steps, \count($shared)) + ($place < $steps % \count($shared) ? 1 : 0);
            $given[$number] = self::spelled(BigDecimal::of($step)->multipliedBy($own));
        }

        return $this->changes($given);
    }

    private static function isMultiple(BigDecimal $number, string $step): bool
    {
        return $number->remainder($step)->isZero();
    }

    private static function spelled(BigDecimal $number): string
    {
        return (string) $number->strippedOfTrailingZeros();
    }

    /** @return array<int, Question> those that can carry points, by number */
    private function questions(): array
    {
        $questions = [];
        foreach ($this->sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null !== $placed->number && null !== $question && !$question->answers instanceof Stimulus) {
                $questions[$placed->number] = $question;
            }
        }

        return $questions;
    }

    /**
     * One point is what a question is worth anyway: it is written only where points are shown.
     *
     * @param array<int, string> $given
     *
     * @return array<int, string>
     */
    private function changes(array $given): array
    {
        $questions = $this->questions();
        $isShown = [] !== array_filter($given, static fn (string $points) => '1' !== $points)
            || [] !== array_filter($questions, static fn (Question $question) => null !== $question->points);

        return array_filter($given, static fn (string $points, int $number) => $questions[$number]->points !== $points && ($isShown || '1' !== $points), \ARRAY_FILTER_USE_BOTH);
    }

    /**
     * What is to be known of points in this notation: that quiz systems skip them, perhaps.
     *
     * @return list<Message>
     */
    public function losses(): array
    {
        $writer = $this->sheet->notation->writer();
        foreach ($this->questions() as $question) {
            $losses = static fn (?string $points) => array_map(static fn (Loss $loss) => $loss->message, $writer->write(new BlockReading(BlockKind::Question, $question->with(['points' => $points, 'comments' => []])))->losses);

            return array_values(array_filter($losses('2'), static fn (Message $message) => !\in_array($message->id, array_column($losses(null), 'id'), true)));
        }

        return [];
    }

    /** @param array<int, string> $points by number */
    public function scored(array $points): SheetRewriting
    {
        $questions = [];
        foreach ($points as $number => $worth) {
            $question = $this->sheet->numbered($number)->reading->question;
            if (null !== $question) {
                $questions[$number] = $question->with(['points' => $worth]);
            }
        }

        return SheetRewriting::of($this->sheet, $questions);
    }
}
