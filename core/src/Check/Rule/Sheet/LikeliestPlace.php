<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Sheet;

use Notagram\Finding\Finding;
use Notagram\Finding\Matter;
use Notagram\Notation\BlockKind;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Option;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Where the count of questions most likely went wrong. */
final readonly class LikeliestPlace
{
    private function __construct(public Span $span, public string $reason)
    {
    }

    /** Where two questions may have become one, or one may have been passed over; null where nothing looks so. */
    public static function ofOneMissing(ReadSheet $sheet): ?self
    {
        $best = null;
        $most = 0;
        $previous = null;
        foreach ($sheet->blocks as $placed) {
            $text = $placed->block->textIn($sheet->source->text);
            [$score, $reason] = match ($placed->reading->kind) {
                BlockKind::Question, BlockKind::Broken => self::signsOfTwo($placed, $text, $previous),
                BlockKind::Stray => [30, 'Likeliest: a text that is no question yet stands here.'],
                BlockKind::Comment => Regex::match('/\{[^}]*[=~TF]|\?/', $text) ? [40, 'Likeliest: a question stands here as a comment.'] : [0, ''],
                default => [0, ''],
            };
            if ($score > $most) {
                [$best, $most] = [new self(self::spanOf($placed, $text), $reason), $score];
            }
            $previous = self::printedNumber($placed, $text) ?? (null === $placed->number ? $previous : null);
        }

        return $best;
    }

    /** Where a text that is no question was counted, or one fell apart; null where nothing looks so. */
    public static function ofOneTooMany(ReadSheet $sheet): ?self
    {
        $best = null;
        $most = 0;
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null === $placed->number) {
                continue;
            }
            $text = $placed->block->textIn($sheet->source->text);
            [$score, $reason] = match (true) {
                null === $question => [60, "Likeliest: number {$placed->number} is a piece of a question."],
                $question->stem->isEmpty() => [70, "Likeliest: question {$placed->number} has no stem and belongs to the one before."],
                $question->answers instanceof Stimulus && !Regex::match('/[?:]\s*+\z/', $text) => [50, "Likeliest: number {$placed->number} is a text without an answer, a title perhaps."],
                $question->answers instanceof Stimulus => [40, "Likeliest: number {$placed->number} has lost its answers."],
                default => [0, ''],
            };
            if ($score > $most) {
                [$best, $most] = [new self(self::spanOf($placed, $text), $reason), $score];
            }
        }

        return $best;
    }

    /**
     * @param ?int $previous the number that is printed before the question above
     *
     * @return array{int, string} how strongly this looks like two, and what to say
     */
    private static function signsOfTwo(PlacedBlock $placed, string $text, ?int $previous): array
    {
        $number = self::printedNumber($placed, $text);
        $question = $placed->reading->question;
        $options = null === $question ? [] : $question->options();
        $joined = array_filter($options, static fn (Option $option) => Regex::match('/\?(?:\s|\z)|\n[^\S\n]*+\n/', $option->text->text));
        $matters = array_map(static fn (Finding $finding) => $finding->matter, $placed->reading->findings);

        return match (true) {
            null === $question => [80, "Likeliest: number {$placed->number} could not be read and may hold more than one."],
            Regex::matchAll('/(*ANYCRLF)^[ \t]*+\(?\d{1,4}[.)][ \t]/m', $text) > 1 => [90, "Likeliest: question {$placed->number} holds two numbered stems."],
            \in_array(Matter::LetterTwice, $matters, true) => [85, "Likeliest: question {$placed->number} uses a letter twice and may be two."],
            null !== $number && null !== $previous && $number > $previous + 1 => [88, \sprintf('Likeliest: before question %d, where the printed numbers go from %d to %d.', $placed->number ?? 0, $previous, $number)],
            [] !== $joined => [75, "Likeliest: an option of question {$placed->number} asks something itself."],
            \in_array(Matter::BlankLine, $matters, true) => [65, "Likeliest: question {$placed->number} reaches over a blank line."],
            Regex::matchAll('/\?(?=\s|\z)/', $question->stem->text) > 1 => [50, "Likeliest: the stem of question {$placed->number} asks twice."],
            \in_array(Matter::StrayLines, $matters, true) => [35, "Likeliest: question {$placed->number} has lines that may belong to another one."],
            default => [0, ''],
        };
    }

    private static function printedNumber(PlacedBlock $placed, string $text): ?int
    {
        $title = $placed->reading->question?->title;

        return Regex::match('/^\s*+(?:::)?(?:Q|No\.? ?|#)?\(?(\d{1,5})(?:[.):]|\z)/i', $title ?? $text, $match) ? (int) $match[1] : null;
    }

    private static function spanOf(PlacedBlock $placed, string $text): Span
    {
        $start = $placed->block->start + strspn($text, " \t\r\n");

        return new Span($start, max($start, $placed->block->start + \strlen(rtrim($text))));
    }
}
