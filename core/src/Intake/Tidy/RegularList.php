<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Source\Regex;

/**
 * The plainest list that tidying ends with: a blank line between the questions, numbers from 1 without a gap, and below each stem
 * on one line its options, letter by letter. Such a list can be read in one way only, so it needs no second look; the law
 * of mutilated papers takes that look.
 */
final class RegularList
{
    private const QUESTION = '/^([1-9]\d{0,3})([.)]) \S/';
    private const OPTION = '/^\*?([A-Za-z])([.)]) \S/';

    /** What may be more than words: another label within a line, a place to write or to tick, a sign behind an answer, a blank too many. */
    private const MORE = '/\S[ (]+(?:\d{1,4}|[A-Za-z])[.)]|\.{3}|  | \n|(?<!\n)\*|[^\p{L}\p{M}\p{Nd} \n.,;:!?¿¡\'"’‘“”„«»()*%°–-]/u';

    public static function is(string $text): bool
    {
        if (Regex::match(self::MORE, $text)) {
            return false;
        }
        $question = $numberSign = $firstLetter = $letterSign = null;
        foreach (explode("\n\n", rtrim($text, "\n")) as $index => $block) {
            $lines = explode("\n", $block);
            if (\count($lines) < 3 || !Regex::match(self::QUESTION, $lines[0], $question) || (int) $question[1] !== $index + 1 || $question[2] !== ($numberSign ??= $question[2])) {
                return false;
            }
            foreach (\array_slice($lines, 1) as $place => $line) {
                if (!Regex::match(self::OPTION, $line, $option)) {
                    return false;
                }
                $firstLetter ??= \ord($option[1]);
                if (\ord($option[1]) !== $firstLetter + $place || $option[2] !== ($letterSign ??= $option[2])) {
                    return false;
                }
            }
            if (65 !== $firstLetter && 97 !== $firstLetter) {
                return false;
            }
        }

        return true;
    }
}
