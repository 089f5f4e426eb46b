<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Marks the answer of one question in a draft, as a Starred list does. */
final class KeyMarks
{
    /** Whether the answer can be one of this question. */
    public static function fits(Draft $draft, PaperQuestion $question, string $answer): bool
    {
        if ([] !== $question->options) {
            return null !== self::keys($draft, $question, $answer);
        }

        return self::isTruth($draft, $question, $answer) || ([] === $question->truths && [] === $question->pairs);
    }

    /** Marks an answer that fits. */
    public static function mark(Draft $draft, PaperQuestion $question, string $answer): void
    {
        if ([] !== $question->options) {
            foreach (self::keys($draft, $question, $answer) ?? [] as $key) {
                $index = $question->options[$key];
                if (!str_contains(OptionMarks::letter($draft->line($index))[1] ?? '', '*')) {
                    $draft->edit($index, Regex::replace('/^\s*+/', '$0*', $draft->line($index), 1));
                }
            }

            return;
        }
        $below = $question->stem[\count($question->stem) - 1] + 1;
        if (self::isTruth($draft, $question, $answer)) {
            $word = true === PaperWords::all()->truth($answer) ? 'True' : 'False';
            $draft->replace([] === $question->truths ? $below : $question->truths[0], \count($question->truths), [$word]);
        } elseif ([] === $question->truths && [] === $question->pairs) {
            null === $question->answer ? $draft->putIn($below, 'Answer: '.$answer) : $draft->edit($question->answer, 'Answer: '.$answer);
        }
    }

    private static function isTruth(Draft $draft, PaperQuestion $question, string $answer): bool
    {
        $stem = implode(' ', array_map(static fn (int $index) => $draft->line($index), $question->stem));

        return null !== PaperWords::all()->truth($answer) && ([] !== $question->truths || (!Regex::match('/_{3,}/', $stem) && 'typed' !== $question->kind));
    }

    /** @return ?list<int> */
    private static function keys(Draft $draft, PaperQuestion $question, string $answer): ?array
    {
        $options = array_map(static fn (int $index) => OptionMarks::letter($draft->line($index)) ?? ['', '', trim($draft->line($index))], $question->options);

        return KeyAnswer::options($answer, array_column($options, 0), array_map(trim(...), array_column($options, 2)));
    }
}
