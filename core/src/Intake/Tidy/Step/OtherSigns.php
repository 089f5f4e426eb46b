<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Writes numbers and letters that other signs follow, “1-”, “a:”, “[A]” or a column of bare letters, with a full stop. */
final readonly class OtherSigns implements TidyStep
{
    private const LETTER = '/^\s*+(\*?)(\[)?([A-Za-z])((?(2)\]|(?:\s?+:|\s?+[–-](?=\s)|\.[–-]|\)[–-]|\s{2,}(?=\S)|\t|(?<=[A-H])\s)))\s*+(?=\S)/u';
    private const NUMBER = '/^\s*+(\d{1,3})(?:\s?+[:\/–-]\s++(?=\S)|(?:\t|\s{2})\s*+(?=[\p{L}¿«„“"_]))/u';
    /** With nothing behind it, a number begins a question only below a blank line. */
    private const BARE_NUMBER = '/^\s*+(\d{1,3})\s(?=[\p{Lu}¿«„“"])/u';
    /** An option takes hardly more lines. */
    private const FAR = 5;

    public function name(): string
    {
        return 'other-signs';
    }

    public function label(): string
    {
        return 'Signs behind numbers and letters';
    }

    public function apply(Draft $draft): void
    {
        $lines = $draft->lines();
        foreach (self::options($lines) + self::numbers($lines) as $index => $line) {
            $draft->edit($index, $line);
        }
    }

    /**
     * Letters that rise from A under one sign, where no lettered options as everybody writes them follow: a talk of A and B is none.
     *
     * @param list<string> $lines
     *
     * @return array<int, string>
     */
    private static function options(array $lines): array
    {
        $made = $run = [];
        $sign = '';
        foreach ($lines as $index => $line) {
            $line = str_replace("\u{A0}", ' ', $line);
            if (!Regex::match(self::LETTER, $line, $match)) {
                $isPlain = 'a' === strtolower(OptionMarks::letter($line)[0] ?? '');
                if ($isPlain || ([] !== $run && $index - max(array_keys($run)) >= self::FAR)) {
                    $made += \count($run) > 1 && !$isPlain ? $run : [];
                    $run = [];
                }
                continue;
            }
            [, $star, , $letter, $its] = $match;
            $place = \ord(strtolower($letter)) - 97;
            $its = trim($its);
            if (0 === $place || $place !== \count($run) || $its !== $sign) {
                $made += \count($run) > 1 ? $run : [];
                $run = [];
                $sign = $its;
            }
            if ($place === \count($run)) {
                $run[$index] = $star.$letter.'. '.trim(substr($line, \strlen($match[0])));
            }
        }

        return $made + (\count($run) > 1 ? $run : []);
    }

    /**
     * Numbers that rise from 1, in a text that has no others.
     *
     * @param list<string> $lines
     *
     * @return array<int, string>
     */
    private static function numbers(array $lines): array
    {
        $made = [];
        foreach ($lines as $index => $line) {
            if (null !== QuestionStart::in($line)) {
                return [];
            }
            $isFirst = 0 === $index || '' === trim($lines[$index - 1]);
            if ((Regex::match(self::NUMBER, $line, $match) || ($isFirst && Regex::match(self::BARE_NUMBER, $line, $match))) && (int) $match[1] === \count($made) + 1) {
                $made[$index] = $match[1].'. '.trim(substr($line, \strlen($match[0])));
            }
        }

        return \count($made) > 1 ? $made : [];
    }
}
