<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\PaperWords;

/** Marks the answer of one question in a draft, as a Starred list does. */
final class KeyMarks
{
    /** Whether the answer fits the question, and was marked. */
    public static function mark(Draft $draft, PaperQuestion $question, string $answer): bool
    {
        $lines = $draft->lines();
        if ([] !== $question->options) {
            return self::star($draft, $question, $answer, $lines);
        }
        $truth = PaperWords::all()->truth($answer);
        $stem = implode(' ', array_map(static fn (int $index) => $lines[$index], $question->stem));
        $below = $question->stem[\count($question->stem) - 1] + 1;
        if (null !== $truth && ([] !== $question->truths || (1 !== preg_match('/_{3,}/', $stem) && 'typed' !== $question->kind))) {
            return $draft->replace([] === $question->truths ? $below : $question->truths[0], \count($question->truths), [$truth ? 'True' : 'False']);
        }
        if ([] !== $question->truths || [] !== $question->pairs) {
            return false;
        }

        return null === $question->answer ? $draft->putIn($below, 'Answer: '.$answer) : $draft->edit($question->answer, 'Answer: '.$answer);
    }

    /** @param list<string> $lines */
    private static function star(Draft $draft, PaperQuestion $question, string $answer, array $lines): bool
    {
        $options = array_map(static fn (int $index) => OptionMarks::letter($lines[$index]) ?? ['', '', trim($lines[$index])], $question->options);
        $keys = KeyAnswer::options($answer, array_column($options, 0), array_map(trim(...), array_column($options, 2)));
        foreach ($keys ?? [] as $key) {
            $index = $question->options[$key];
            if (!str_contains($options[$key][1], '*')) {
                $draft->edit($index, (string) preg_replace('/^\s*+/', '$0*', $lines[$index], 1));
            }
        }

        return null !== $keys;
    }
}
