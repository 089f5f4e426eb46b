<?php

declare(strict_types=1);

namespace Notagram\Check;

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
    /**
     * @param string             $case      why, as the catalogue names it
     * @param array<string, int> $arguments what that sentence names
     */
    private function __construct(public Span $span, public string $case, public array $arguments)
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
            [$score, $case] = match ($placed->reading->kind) {
                BlockKind::Question, BlockKind::Broken => self::signsOfTwo($placed, $text, $previous),
                BlockKind::Stray => [30, 'stray-text'],
                BlockKind::Comment => Regex::match('/\{[^}]*[=~TF]|\?/', $text) ? [40, 'comment'] : [0, ''],
                default => [0, ''],
            };
            if ($score > $most) {
                [$best, $most] = [new self(self::spanOf($placed, $text), $case, self::argumentsOf($placed, $text, $previous)), $score];
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
            [$score, $case] = match (true) {
                null === $question => [60, 'piece'],
                $question->stem->isEmpty() => [70, 'no-stem'],
                $question->answers instanceof Stimulus && !Regex::match('/[?:]\s*+\z/', $text) => [50, 'title'],
                $question->answers instanceof Stimulus => [40, 'no-answers'],
                default => [0, ''],
            };
            if ($score > $most) {
                [$best, $most] = [new self(self::spanOf($placed, $text), $case, ['number' => $placed->number]), $score];
            }
        }

        return $best;
    }

    /**
     * @param ?int $previous the number that is printed before the question above
     *
     * @return array{int, string} how strongly this looks like two, and why
     */
    private static function signsOfTwo(PlacedBlock $placed, string $text, ?int $previous): array
    {
        $number = self::printedNumber($placed, $text);
        $question = $placed->reading->question;
        $options = null === $question ? [] : $question->options();
        $joined = array_filter($options, static fn (Option $option) => Regex::match('/\?(?:\s|\z)|\n[^\S\n]*+\n/', $option->text->text));
        $matters = array_map(static fn (Finding $finding) => $finding->matter, $placed->reading->findings);

        return match (true) {
            null === $question => [80, 'unreadable'],
            Regex::matchAll('/(*ANYCRLF)^[ \t]*+\(?\d{1,4}[.)][ \t]/m', $text) > 1 => [90, 'two-numbers'],
            \in_array(Matter::LetterTwice, $matters, true) => [85, 'letter-twice'],
            null !== $number && null !== $previous && $number > $previous + 1 => [88, 'number-gap'],
            [] !== $joined => [75, 'option-asks'],
            \in_array(Matter::BlankLine, $matters, true) => [65, 'blank-line'],
            Regex::matchAll('/\?(?=\s|\z)/', $question->stem->text) > 1 => [50, 'asks-twice'],
            \in_array(Matter::StrayLines, $matters, true) => [35, 'stray-lines'],
            default => [0, ''],
        };
    }

    /** @return array<string, int> */
    private static function argumentsOf(PlacedBlock $placed, string $text, ?int $previous): array
    {
        return ['number' => $placed->number ?? 0, 'from' => $previous ?? 0, 'to' => self::printedNumber($placed, $text) ?? 0];
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
