<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineMap;
use Notagram\Source\Regex;

/**
 * The options that stood out in the document, where this may well mean that they are right: some of a question's options
 * did, not all of them, and none is marked. They are offered, never taken silently.
 */
final class OfferedMarks
{
    /**
     * @param list<Emphasis> $emphasised each with its line in this text
     *
     * @return array<int, list<int>> by the number of the question, its options by place
     */
    public static function in(ReadSheet $sheet, array $emphasised): array
    {
        $offered = [];
        foreach (self::byQuestion($sheet, $emphasised) as $number => $texts) {
            $question = $sheet->numbered($number)->reading->question;
            if (null === $question || $question->isMarked()) {
                continue;
            }
            $keys = [];
            foreach ($question->options() as $index => $option) {
                if (isset($texts[self::folded($option->text->text)])) {
                    $keys[] = $index;
                }
            }
            if ([] !== $keys && \count($keys) < \count($question->options())) {
                $offered[$number] = $keys;
            }
        }

        return $offered;
    }

    /**
     * What stood out in each question: the same words may stand in many, and stand out in one.
     *
     * @param list<Emphasis> $emphasised
     *
     * @return array<int, array<string, true>>
     */
    private static function byQuestion(ReadSheet $sheet, array $emphasised): array
    {
        if ([] === $emphasised) {
            return [];
        }
        $lines = new LineMap($sheet->source->text);
        usort($emphasised, static fn (Emphasis $one, Emphasis $other) => $one->line <=> $other->line);
        $questions = array_values(array_filter($sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->number));
        $texts = [];
        $next = 0;
        foreach ($emphasised as $one) {
            while (isset($questions[$next]) && $lines->lineAt($questions[$next]->block->start) <= $one->line) {
                ++$next;
            }
            $number = $questions[$next - 1]->number ?? null;
            if (null !== $number) {
                // The letter may be bold with its text, or without.
                $texts[$number][self::folded(Regex::replace('/^\*?\(?[A-Za-z][.)]\s+/', '', $one->text))] = true;
                $texts[$number][self::folded($one->text)] = true;
            }
        }

        return $texts;
    }

    private static function folded(string $text): string
    {
        return mb_strtolower(trim(Regex::replace('/[\s\x{A0}]++/u', ' ', $text)), 'UTF-8');
    }
}
