<?php

declare(strict_types=1);

namespace Notagram\Tests\Receiver;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** A question as the program reads it, on one line as the strict receivers give theirs. */
final class Taken
{
    public static function line(Question $question, string $before = ''): string
    {
        $answers = $question->answers;
        $stem = self::text($before.$question->stem->text);
        $answered = match (true) {
            $answers instanceof Stimulus => null,
            $answers instanceof Essay => 'essay',
            $answers instanceof TrueFalse => true === $answers->answer ? 'true' : 'false',
            $answers instanceof Matching => 'pairs '.implode(' ; ', array_map(static fn (Pair $pair) => self::text($pair->prompt->text).' -> '.self::text($pair->match), $answers->pairs)),
            $answers instanceof Numeric => 'numbers '.implode(' ; ', array_map(static fn (AcceptedNumber $number) => "{$number->weight->toString()} {$number->first} ".($number->isRange ? '..' : ':')." {$number->second}", $answers->numbers)),
            [] !== $question->options() => 'options '.implode(' ; ', array_map(static fn (Option $option) => "{$option->weight->toString()} ".self::text($option->text->text).self::feedback($option->feedback), $question->options())),
            default => 'typed '.implode(' ; ', array_map(static fn (AcceptedAnswer $answer) => "{$answer->weight->toString()} ".self::text($answer->text).self::feedback($answer->feedback), $question->accepted())),
        };
        if ($answers instanceof Gap) {
            $stem = self::text("{$answers->before} _____ {$answers->after}");
        }

        return null === $answered ? "text {$stem}" : "{$answered} | {$stem}";
    }

    private static function feedback(?FormattedText $feedback): string
    {
        return null === $feedback ? '' : ' # '.self::text($feedback->text);
    }

    /** White space counts for nothing, nor does what stands around a gap. */
    public static function text(string $text): string
    {
        return trim(preg_replace(['/\s+/', '~ (?=</)~', '/ ?_____ ?/'], [' ', '', ' _____ '], $text) ?? '');
    }
}
