<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;

/** Takes off what lies over the lines of a text: hidden characters, signs of quotation, Markdown. */
final class Lines
{
    private const HIDDEN = '/\x{AD}(?!\z)|[\x{200B}\x{2060}\x{FEFF}]|(?<![\p{L}\p{M}\p{So}\x{FE0F}])[\x{200C}\x{200D}]|[\x{01}-\x{08}\x{0B}\x{0E}-\x{1F}\x{7F}]/u';
    /** Of the lines that say something, so many have the sign where it is one of quotation. */
    private const NEARLY_ALL = 0.9;
    private const RULE = '/^\s{0,3}(?:-{3,9}|\*{3,9}|(?:\* ){2,}\*|(?:- ){2,}-)\s*\z/';
    private const FENCE = '/^\s*+(?:`{3,}+|~{3,}+)\s*+\w*+\s*\z/';
    /** Before a letter, a box or a label there may be one of these. */
    private const BULLET = '/^\s*+[-+•*]\s++(?=(?:\*\*|__)?(?:\(?[A-Za-z][.)]|\[[A-Za-z]\])(?:\*\*|__)?\s|\[[ xX]\]|[☐☑]|(?:\*\*|__)\d{1,3}[.):]|[*_]{1,2}\p{L}[^*_]*:)/u';
    private const ALL = '/^(\s*+)(\*\*|__)(?=\S)((?:(?!\2(?!\*)).)+)(?<=\S)\2([:.]?)\s*\z/u';
    private const BEGINS = '/^(\s*+)(\*\*|__)([^*_]{1,40})\2(?=\s*+\S)/u';

    /**
     * @param \Closure(Layer, int): bool $keeps whether a layer stays on a line, by its number
     *
     * @return list<Line>
     */
    public static function of(string $text, \Closure $keeps): array
    {
        $lines = [];
        foreach (explode("\n", LineEnding::folded($text)) as $index => $raw) {
            $lines[] = $line = new Line($index + 1, $raw);
            $line->hasPageBreak = str_contains($raw, "\f");
            if (Regex::match('/[\x00-\x08\x0B\x0E-\x1F\x7F]|\xC2\xAD|\xE2\x80[\x8B-\x8D]|\xE2\x81\xA0|\xEF\xBB\xBF/', $raw)) {
                $line->take(Layer::Hidden, Regex::replace(self::HIDDEN, '', $raw), $keeps(Layer::Hidden, $line->number));
            }
        }
        self::quotation($lines, $keeps);
        if (false !== strpbrk($text, '*_#`') || Regex::match('/^\s*+(?:[-+•]\s|-{3})/mu', $text)) {
            self::markdown($lines, $keeps);
        }
        if (Regex::match('~[(\[]\s*+(?:'.PaperWords::all()->kindName.')\s*+[)\]][*_]{0,3}[ \t]*+$~imu', $text)) {
            self::kinds($lines, $keeps);
        }

        return $lines;
    }

    /**
     * “(Multiple choice)” behind a sentence. What calls a statement true or false stays where nothing below it does.
     *
     * @param list<Line>                 $lines
     * @param \Closure(Layer, int): bool $keeps
     */
    private static function kinds(array $lines, \Closure $keeps): void
    {
        $words = PaperWords::all();
        /** @var ?string $pattern */
        static $pattern = null;
        $pattern ??= "~(?<=[.?!:…_\"”»’)])\\s*+[*_]{0,3}[(\\[]\\s*+({$words->kindName})\\s*+[)\\]][*_]{0,3}\\s*+\\z~iu";
        foreach ($lines as $index => $line) {
            $last = rtrim($line->text)[-1] ?? '';
            if (!str_contains(')]*_', $last) || '' === $last || !Regex::match($pattern, Lexer::tail($line->text), $match)) {
                continue;
            }
            $below = ($lines[$index + 1] ?? null)?->trimmed() ?? '';
            $below = Regex::replace('/^[-*•+]\s++/u', '', '' === $below ? ($lines[$index + 2] ?? null)?->trimmed() ?? '' : $below);
            $isAsked = null !== Lexer::truths($below) || null !== Lexer::truths((Lexer::options($below)[0] ?? null)->rest ?? '');
            if ('true-false' !== $words->kindIn($match[1]) || $isAsked) {
                $line->take(Layer::Kind, substr($line->text, 0, -\strlen($match[0])), $keeps(Layer::Kind, $line->number));
            }
        }
    }

    /**
     * @param list<Line>                 $lines
     * @param \Closure(Layer, int): bool $keeps
     */
    private static function quotation(array $lines, \Closure $keeps): void
    {
        $filled = array_filter($lines, static fn (Line $line) => '' !== $line->trimmed());
        foreach (['/^\s*+(?:>\s?)++/', '/^\s*+[|¦│]\s?(?![^|]*\|)/u'] as $sign) {
            if (\count($filled) < 2 || !Regex::match($sign, reset($filled)->text)) {
                continue;
            }
            $marked = array_filter($filled, static fn (Line $line) => Regex::match($sign, $line->text));
            if (\count($marked) >= self::NEARLY_ALL * \count($filled)) {
                foreach ($marked as $line) {
                    $line->take(Layer::Quotation, Regex::replace($sign, '', $line->text), $keeps(Layer::Quotation, $line->number));
                }
            }
        }
    }

    /**
     * Signs of headings, rules, bullets before letters, emphasis of whole lines and of numbers, letters and labels. Emphasis
     * within a sentence is its author's, and stays.
     *
     * @param list<Line>                 $lines
     * @param \Closure(Layer, int): bool $keeps
     */
    private static function markdown(array $lines, \Closure $keeps): void
    {
        $bullets = self::starredBullets($lines);
        $filled = array_keys(array_filter($lines, static fn (Line $line) => '' !== trim($line->text)));
        $frame = \count($filled) > 2 ? array_filter($filled, static fn (int $index) => Regex::match(self::FENCE, $lines[$index]->text)) : [];
        $isFramed = 2 === \count($frame);
        foreach ($lines as $index => $line) {
            $first = substr(ltrim($line->text), 0, 1);
            // Nearly every line begins with a letter or a number, and has no such sign in it; longer rules are places to write on.
            $hasSign = false !== strpbrk($line->text, '*#`') || (str_contains($line->text, '_') && Regex::match('/(?<!_)__?(?!_)/', $line->text));
            if (!$hasSign && '-' !== $first && '+' !== $first && '>' !== $first && $first < "\x80") {
                continue;
            }
            $isRefused = $keeps(Layer::Markdown, $line->number);
            $isBetweenBlanks = '' === trim($lines[$index - 1]->text ?? '') && '' === trim($lines[$index + 1]->text ?? '');
            if (($isBetweenBlanks && Regex::match(self::RULE, $line->text)) || ($isFramed && \in_array($index, $frame, true))) {
                $line->takeWhole(Layer::Markdown, $isRefused);
            } elseif (false !== strpbrk($line->text, '*_#>') || Regex::match(self::BULLET, $line->text)) {
                self::withoutSigns($line, isset($bullets[$index]), $isRefused);
            }
        }
    }

    private static function withoutSigns(Line $line, bool $hasStarAsBullet, bool $isRefused): void
    {
        $text = Regex::match(self::BULLET, $line->text) && ($hasStarAsBullet || !Regex::match('/^\s*+\*\s/', $line->text)) ? Regex::replace(self::BULLET, '', $line->text) : $line->text;
        if (Regex::match('/^\s*+>\s*+(?=\S)/', $text, $match) && null !== Lexer::label(strtr(substr($text, \strlen($match[0])), ['*' => '', '_' => '']))) {
            // An answer that is set apart as a quotation.
            $text = substr($text, \strlen($match[0]));
        }
        if (Regex::match('/^#{1,6}[ \t]++(?=\S)/', $text, $match)) {
            $line->isHeading = true;
            $text = substr($text, \strlen($match[0]));
        }
        $number = Lexer::form(trim($text))->numbers()[0] ?? null;
        if (null !== $number && Regex::match(self::ALL, $number->rest, $match)) {
            $text = $number->lead.$number->label.$match[3].$match[4];
        } elseif (Regex::match(self::ALL, $text, $match)) {
            $option = Lexer::options(trim($match[3]))[0] ?? null;
            if (null !== $option && !$option->isUnlettered() && '' !== $option->rest) {
                // That an option stands out may say that it is right.
                $line->isStrong = true;
                $text = $match[1].$match[3].$match[4];
            } else {
                $line->isHeading = $line->isHeading || !str_contains($match[3], ':');
                $text = $match[1].$match[3].$match[4];
            }
        } elseif (Regex::match(self::BEGINS, $text, $match)) {
            $behind = substr($text, \strlen($match[0]));
            $isMark = [] !== Lexer::numbers(trim($match[3])) || '' === (Lexer::options(trim($match[3]))[0]->rest ?? null) || null !== Lexer::label($match[3]) || null !== Lexer::label($match[3].':');
            if ($isMark) {
                $text = $match[1].$match[3].$behind;
            }
        } elseif (Regex::match('/^\s*+([*_])(?=\S)([^*_]++)(?<=\S)\1\s*\z/u', $text, $match) && null !== Lexer::label($match[2])) {
            $text = $match[2];
        } elseif (Regex::match('/^(\s*+(?:✅|✔️?|☑️?)\s*+)(\*\*|__)([^*_]{1,40})\2/u', $text, $match) && null !== Lexer::label($match[3].':')) {
            $text = $match[1].$match[3].substr($text, \strlen($match[0]));
        }
        if (str_contains($text, '**') || str_contains($text, '__')) {
            $option = Lexer::options(trim($text))[0] ?? null;
            if (null !== $option && !$option->isUnlettered() && !$option->isRight && Regex::match('/^(\*\*|__)((?:(?!\1).)+)\1(\s*+(?:[✓✔☑✅]\x{FE0F}?)?)\z/u', $option->rest, $match)) {
                $line->isStrong = true;
                $text = Regex::match('/^\s*+/', $text, $lead) ? $lead[0].$option->label.$match[2].$match[3] : $text;
            }
        }
        if (str_contains($text, '**') && null !== Lexer::label($text)) {
            $text = str_replace('**', '', $text);
        }
        $line->take(Layer::Markdown, $text, $isRefused);
    }

    /**
     * “* a) one” marks an option; where all of them have that star, it is a bullet.
     *
     * @param list<Line> $lines
     *
     * @return array<int, true> by line
     */
    private static function starredBullets(array $lines): array
    {
        $found = $run = [];
        $isRun = true;
        if (!Regex::match('/^\s*+\*\s/m', implode("\n", array_map(static fn (Line $line) => $line->text, $lines)))) {
            return [];
        }
        foreach ([...array_map(static fn (Line $line) => $line->text, $lines), ''] as $index => $line) {
            if (Regex::match('/^\s*+\*\s++(?:\*\*)?\(?[A-Za-z][.)](?:\*\*)?\s/', $line)) {
                $run[$index] = true;
                continue;
            }
            $text = trim($line);
            $isRun = $isRun && ('' === $text || [] === Lexer::options($text));
            if ('' === $text || [] !== Lexer::numbers($text)) {
                $found += $isRun && \count($run) > 1 ? $run : [];
                $run = [];
                $isRun = true;
            }
        }

        return $found;
    }
}
