<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Gives options their letters: those with boxes, bullets or numbers, and those of mixed styles. A ticked box becomes a star. */
final readonly class OptionLetters implements TidyStep
{
    public function name(): string
    {
        return 'option-letters';
    }

    public function label(): string
    {
        return 'Letters for options';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->scan()->questions as $question) {
            if (\count($question->options) > 26 || self::isUniform(array_map($draft->line(...), $question->options))) {
                continue;
            }
            foreach ($question->options as $place => $index) {
                $line = trim($draft->line($index));
                $letter = OptionMarks::letter($line);
                if (null !== $letter) {
                    $star = str_contains($letter[1], '*') ? '*' : '';
                    $draft->edit($index, $star.strtolower($letter[0]).'. '.$letter[2]);
                    continue;
                }
                $label = \chr(97 + $place).'. ';
                if (Regex::match(OptionMarks::BULLET, $line, $match)) {
                    $isMarked = '*' === trim($match[1]) || Regex::match(OptionMarks::TICKED, $match[2]);
                    $text = substr($line, \strlen($match[0]));
                    // A box may stand before a letter.
                    $behind = OptionMarks::letter($text);
                    $hasLetter = null !== $behind && \ord(strtolower($behind[0])) === 97 + $place && '' !== $behind[2];
                    $draft->edit($index, ($isMarked ? '*' : '').($hasLetter ? '' : $label).$text);
                } elseif (null !== $start = QuestionStart::in($line)) {
                    $draft->edit($index, $label.$start->text);
                }
            }
        }
    }

    /** @param list<string> $options */
    private static function isUniform(array $options): bool
    {
        $styles = [];
        foreach ($options as $option) {
            if (!Regex::match('/^\s*+\*?\s?(\()?([A-Za-z])\*?([.)])/', $option, $match)) {
                return false;
            }
            $styles[] = $match[1].(ctype_upper($match[2]) ? 'A' : 'a').$match[3];
        }

        return \count(array_unique($styles)) < 2;
    }
}
