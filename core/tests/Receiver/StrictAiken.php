<?php

declare(strict_types=1);

namespace Notagram\Tests\Receiver;

/**
 * Takes Aiken as a quiz system takes it: line by line, all or nothing.
 *
 * It shares no code with the program and guesses nothing. Its rules are those of Aiken as they are commonly documented, written
 * from memory: a stem on one line, options lettered from A, at once the answer's line, blank lines only between questions.
 */
final class StrictAiken
{
    /**
     * @return ?list<string> each question on one line; null where a question is not taken
     */
    public static function take(string $text): ?array
    {
        $questions = [];
        $stem = null;
        $options = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $line) {
            $line = rtrim($line, " \t");
            $isOption = 1 === preg_match('/^([A-Z])[.)] (\S.*)$/', $line, $option);
            $isAnswer = 1 === preg_match('/^ANSWER: ([A-Z])$/', $line, $answer);
            if (null === $stem) {
                if (1 === preg_match('/^\s*(?:[A-Z][.)] |ANSWER:)/', $line)) {
                    return null;
                }
                $stem = '' === $line ? null : $line;
            } elseif ($isAnswer && \count($options) >= 2 && \ord($answer[1]) - \ord('A') < \count($options)) {
                $weighed = [];
                foreach ($options as $index => $text) {
                    $weighed[] = (\ord($answer[1]) - \ord('A') === $index ? '100 ' : '0 ').$text;
                }
                $questions[] = 'options '.implode(' ; ', $weighed).' | '.Taken::text($stem);
                $stem = null;
                $options = [];
            } elseif ($isOption && \count($options) === \ord($option[1]) - \ord('A')) {
                $options[] = Taken::text($option[2]);
            } else {
                return null;
            }
        }

        return null === $stem ? $questions : null;
    }
}
