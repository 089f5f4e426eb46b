<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Brick\Math\BigRational;
use Notagram\Marking\BelowZero;
use Notagram\Marking\GivenAnswer;
use Notagram\Marking\MisfitAnswer;
use Notagram\Marking\QuestionScore;
use Notagram\Marking\Scoring;
use Notagram\Marking\TypedAnswer;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Numeric;

/** A whole sheet, answered and marked. */
final readonly class SheetScore
{
    /**
     * @param BigRational               $of        the points of all questions, those too that nobody answered or marked
     * @param array<int, QuestionScore> $questions by number; texts without an answer have none
     */
    private function __construct(public BigRational $earned, public BigRational $of, public array $questions)
    {
    }

    /**
     * @param array<array-key, mixed> $answers as {@see GivenAnswer} takes them, by the number of the question
     *
     * @throws UnscorableAnswers where one of them fits no question
     */
    public static function of(ReadSheet $sheet, array $answers, BelowZero $belowZero = BelowZero::Never): self
    {
        foreach (array_keys($answers) as $number) {
            if (!\is_int($number) || !$sheet->has($number) || null === $sheet->numbered($number)->reading->question) {
                throw UnscorableAnswers::noSuchQuestion((string) $number);
            }
        }
        $scoring = new Scoring($belowZero);
        $scores = [];
        $of = BigRational::zero();
        foreach ($sheet->blocks as $placed) {
            $number = $placed->number;
            $score = null === $number ? null : self::scored($placed, $number, $answers, $scoring);
            if (null !== $score) {
                $scores[$number] = $score;
                $of = $of->plus($score->of);
            }
        }

        return new self($scoring->sum(array_values($scores)), $of, $scores);
    }

    /** @param array<array-key, mixed> $answers */
    private static function scored(PlacedBlock $placed, int $number, array $answers, Scoring $scoring): ?QuestionScore
    {
        $question = $placed->reading->question;
        if (null === $question) {
            return null;
        }
        try {
            $given = GivenAnswer::to($question, $answers[$number] ?? null);
            if ($question->answers instanceof Numeric && !$given->isNone() && null === TypedAnswer::number($given->text)) {
                throw MisfitAnswer::because('number');
            }

            return $scoring->of($question, $given);
        } catch (MisfitAnswer $misfit) {
            throw UnscorableAnswers::of($number, $misfit->reason);
        }
    }
}
