<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Notation\ReadSheet;
use Notagram\Source\Regex;

/**
 * The options that stood out in the document, where this may well mean that they are right: some of a question's options
 * did, not all of them, and none is marked. They are offered, never taken silently.
 */
final class OfferedMarks
{
    /**
     * @param list<Emphasis> $emphasised
     *
     * @return array<int, list<int>> by the number of the question, its options by place
     */
    public static function in(ReadSheet $sheet, array $emphasised): array
    {
        $texts = [];
        foreach ($emphasised as $one) {
            // The letter may be bold with its text, or without.
            $texts[self::folded(Regex::replace('/^\*?\(?[A-Za-z][.)]\s+/', '', $one->text))] = true;
            $texts[self::folded($one->text)] = true;
        }
        $offered = [];
        foreach ([] === $texts ? [] : $sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null === $question || null === $placed->number || $question->isMarked()) {
                continue;
            }
            $keys = [];
            foreach ($question->options() as $index => $option) {
                if (isset($texts[self::folded($option->text->text)])) {
                    $keys[] = $index;
                }
            }
            if ([] !== $keys && \count($keys) < \count($question->options())) {
                $offered[$placed->number] = $keys;
            }
        }

        return $offered;
    }

    private static function folded(string $text): string
    {
        return mb_strtolower(trim(Regex::replace('/[\s\x{A0}]++/u', ' ', $text)), 'UTF-8');
    }
}
