<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Starred\StarredLine;
use Notagram\Source\Regex;

/**
 * Takes out the signs of Markdown that hide what a line is: of headings, rules, bullets before letters, emphasis of whole
 * lines and of numbers, letters and labels. Emphasis within a sentence is its author's, and stays.
 */
final readonly class MarkdownSigns implements TidyStep
{
    private const RULE = '/^\s{0,3}(?:-{3,9}|\*{3,9}|(?:\* ){2,}\*|(?:- ){2,}-)\s*\z/';
    /** What frames the whole text; code within it stays. */
    private const FENCE = '/^\s*+```\s*+\w*+\s*\z/';
    /** Before a letter or a box, there may be one of these. */
    private const BULLET = '/^\s*+[-+•]\s++(?=(?:\*\*|__)?\(?[A-Za-z][.)](?:\*\*|__)?\s|\[[ xX]\]|[☐☑]|[*_]{1,2}\p{L}[^*_]*:)/u';
    private const ALL = '/^(\s*+)(\*\*|__)(?=\S)((?:(?!\2).)+)(?<=\S)\2([:.]?)\s*\z/u';
    private const LABEL = '/^(\s*+)(\*\*|__)([^*_]{1,40})\2(?=\s*\S)/u';

    public function name(): string
    {
        return 'markdown-signs';
    }

    public function label(): string
    {
        return 'Signs of Markdown';
    }

    public function apply(Draft $draft): void
    {
        $lines = $draft->lines();
        $stars = self::starredBullets($lines);
        $filled = array_keys(array_filter($lines, static fn (string $line) => '' !== trim($line)));
        $frame = \count($filled) > 2 ? [$filled[0], $filled[\count($filled) - 1]] : [];
        $isFramed = [] !== $frame && 2 === \count(array_filter($frame, static fn (int $index) => Regex::match(self::FENCE, $lines[$index])));
        for ($index = \count($lines) - 1; $index >= 0; --$index) {
            $isBetweenBlanks = '' === trim($lines[$index - 1] ?? '') && '' === trim($lines[$index + 1] ?? '');
            if (($isBetweenBlanks && Regex::match(self::RULE, $lines[$index])) || ($isFramed && \in_array($index, $frame, true))) {
                $draft->drop($index);
            } else {
                $draft->edit($index, self::without($lines[$index], isset($stars[$index])));
            }
        }
    }

    private static function without(string $line, bool $hasStarAsBullet): string
    {
        if (false === strpbrk($line, '*_#') && !Regex::match(self::BULLET, $line)) {
            return $line;
        }
        $made = $hasStarAsBullet ? Regex::replace('/^\s*+\*\s++/', '', $line) : $line;
        $made = Regex::replace(['/^#{2,6}[ \t]++(?=\S)|^#[ \t]++(?=\S.*\d)/', self::BULLET], '', $made);
        $start = QuestionStart::in($made);
        if (null !== $start && Regex::match(self::ALL, $start->text, $match)) {
            $made = $start->rule.$start->label.$match[3].$match[4];
        } elseif (Regex::match(self::ALL, $made, $match)) {
            $letter = OptionMarks::letter($match[3]);
            // An option that stands out may be the right one: that is for a person to say.
            $made = null !== $letter && '' !== $letter[2] ? "{$match[1]}{$letter[1]}{$match[2]}{$letter[2]}{$match[2]}" : $match[1].$match[3].$match[4];
        } elseif (Regex::match(self::LABEL, $made, $match) && self::isLabel($match[3])) {
            $made = $match[1].$match[3].substr($made, \strlen($match[0]));
        } elseif (Regex::match('/^\s*+([*_])(?=\S)([^*_]++)(?<=\S)\1\s*\z/u', $made, $match) && self::isAnswer($match[2])) {
            $made = $match[2];
        }

        return str_contains($made, '**') && self::isAnswer($made) ? str_replace('**', '', $made) : $made;
    }

    private static function isLabel(string $text): bool
    {
        return null !== QuestionStart::in($text) || '' === (OptionMarks::letter($text)[2] ?? null) || self::isAnswer($text) || self::isAnswer($text.':');
    }

    private static function isAnswer(string $text): bool
    {
        return null !== StarredLine::at($text, 0)->answer() || null !== PaperWords::all()->afterCorrectAnswer($text);
    }

    /**
     * “* a) one” marks an option; where all of them have that star, it is a bullet.
     *
     * @param list<string> $lines
     *
     * @return array<int, true> by line
     */
    private static function starredBullets(array $lines): array
    {
        $found = $run = [];
        $isRun = true;
        foreach ([...$lines, ''] as $index => $line) {
            $isStarred = Regex::match('/^\s*+\*\s++(?:\*\*)?\(?[A-Za-z][.)](?:\*\*)?\s/', $line);
            if ($isStarred) {
                $run[$index] = true;
                continue;
            }
            $isRun = $isRun && ('' === trim($line) || null === OptionMarks::letter($line));
            if ('' === trim($line) || null !== QuestionStart::in($line)) {
                $found += $isRun && \count($run) > 1 ? $run : [];
                $run = [];
                $isRun = true;
            }
        }

        return $found;
    }
}
