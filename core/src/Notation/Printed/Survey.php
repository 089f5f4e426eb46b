<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\Key\KeyPlace;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** What a whole test keeps to: its styles of numbers and letters, what comes back on each page, where its key is. */
final class Survey
{
    private const SHORTEST_HEAD = 8;

    /** @var array<int, Role|null> by line: what is settled before anything is read */
    public array $settled = [];
    /** @var array<string, float> how well each style of numbers runs on, from 0 to 1 */
    public array $numberStyles = [];
    /** @var array<string, float> the same of options */
    public array $optionStyles = [];
    /** Of the numbered questions, the share that has options. */
    public float $optionShare = 0.0;
    public string $numberStyle = '';
    public int $countOfNumbers = 0;
    /** The lines of the key, first and one past the last; null where there is none. */
    public ?int $keyFrom = null;
    public ?int $keyTo = null;
    /** Whether nothing has a number, a letter or a box: blocks of lines, of which the first asks. */
    public bool $isUnmarked = false;
    /** Whether numbers that stand further in are of another kind than the others. */
    private bool $areIndentsTold = false;
    /** How the letters of the questions look, where they have letters. */
    private ?string $letterStyle = null;

    /** @param list<Line> $lines */
    public function __construct(private readonly array $lines)
    {
        $texts = array_map(static fn (Line $line) => $line->trimmed(), $lines);
        $this->settled = array_fill(0, \count($lines), null);
        $this->furniture($texts);
        $this->styles($texts);
        $this->key($texts);
    }

    /** @param list<string> $texts */
    private function furniture(array $texts): void
    {
        $words = PaperWords::all();
        $page = "(?:[-–—]\\s*\\d{1,3}\\s*[-–—]|(?:{$words->page})\\s*\\d{1,3}(?:\\s*(?:{$words->of}|/)\\s*\\d{1,3})?|\\d{1,3}\\s*/\\s*\\d{1,3})";
        $folds = $marks = [];
        $isWeb = 0;
        foreach ($texts as $index => $text) {
            $line = $this->lines[$index];
            if (null !== $line->whole) {
                $this->settled[$index] = Role::Furniture;
                continue;
            }
            if ('' === $text) {
                $this->settled[$index] = $line->hasPageBreak ? Role::Furniture : Role::Blank;
                $marks[$index] = $line->hasPageBreak;
                continue;
            }
            $isMarked = ctype_digit($text[0]) || ')' === ($text[1] ?? '') || '. ' === substr($text, 1, 2);
            if (!$isMarked && \strlen($text) < 40 && Regex::match("~^(?:{$words->question})\\s*+\\d{1,3}\\s*+(?:of|von|de|di|van|sur|/)\\s*+\\d{1,3}\\s*+:?\\z~iu", $text)) {
                ++$isWeb;
            }
            $isShort = !$isMarked && \strlen($text) <= 60;
            if (\strlen($text) <= 40 && Regex::match('/\d\s*+\z|\d\s*+[-–—]\z/u', $text) && Regex::match("~^{$page}\\z~iu", $text)) {
                $this->settled[$index] = Role::Furniture;
                $marks[$index] = true;
            } elseif ($isShort && Regex::match("~^[(\\[–—-]*+\\s*+(?:{$words->cue})\\s*+[)\\]!.…→>–—-]*+\\z~iu", $text)) {
                $this->settled[$index] = Role::Furniture;
                $marks[$index] = true;
            } elseif ($isShort && Regex::match("~^(?:[-–—*=]{2,}+\\s*+)?(?:{$words->ending})\\s*+[.!*=–—-]*+\\z~iu", $text) && $index > 3 && $this->isLast($index, $texts)) {
                $this->settled[$index] = Role::Furniture;
            } elseif (self::isNameLine($text)) {
                $this->settled[$index] = Role::NameLine;
                $folds[self::folded($text)][] = $index;
            } elseif (\strlen($text) >= self::SHORTEST_HEAD && !Lexer::isWritingLine($text)) {
                $folds[self::folded($text)][] = $index;
            }
        }
        foreach ($folds as $fold => $indices) {
            if (\count($indices) < 2 && !Regex::match("~(?:\\t|\\s{2})\\s*+{$page}\\z~iu", Lexer::tail($texts[$indices[0]]))) {
                continue;
            }
            $this->repeated($indices, $texts, $marks, $page);
        }
        foreach ($isWeb > 1 ? $texts : [] as $index => $text) {
            if (null === $this->settled[$index] && \strlen($text) <= 30 && Regex::match("~^[<>«»‹›←→]*+\\s*+(?:{$words->button})\\s*+[<>«»‹›←→]*+\\z~iu", $text)) {
                $this->settled[$index] = Role::Furniture;
            }
        }
    }

    /** @param list<string> $texts */
    private function isLast(int $index, array $texts): bool
    {
        for ($at = $index + 1; isset($texts[$at]); ++$at) {
            if ('' !== $texts[$at] && Role::Furniture !== $this->settled[$at]) {
                return false;
            }
        }

        return true;
    }

    /**
     * A line that comes back is the head or foot of pages where a break stands beside it, where it counts the pages, or
     * where it has a place for the name.
     *
     * @param list<int>        $indices
     * @param list<string>     $texts
     * @param array<int, bool> $marks
     */
    private function repeated(array $indices, array $texts, array $marks, string $page): void
    {
        $text = $texts[$indices[0]];
        if ([] !== array_filter(Lexer::form($text)->numbers(), static fn (NumberMark $mark) => 'bare' !== $mark->style)) {
            return;
        }
        foreach (Lexer::form($text)->options() as $option) {
            if (!$option->isBare()) {
                return;
            }
        }
        if (str_ends_with($text, '?') || null !== Lexer::form($text)->label() || null !== Lexer::form($text)->truths()) {
            return;
        }
        $numbers = array_map(static fn (int $index) => Regex::match('/(?:\t|\s{2})\s*+(\d{1,3})\z/', Lexer::tail($texts[$index]), $match) ? (int) $match[1] : -1, $indices);
        $counts = \count($numbers) > 1 && !\in_array(-1, $numbers, true) && $numbers === range($numbers[0], $numbers[0] + \count($numbers) - 1);
        $isMarked = Regex::match("~(?:\\t|\\s{2})\\s*+{$page}\\z~iu", Lexer::tail($text));
        $hasName = Regex::match('~(?:\s{2}|\t)\S[^_.]{0,30}:\s*[_.…]{3,}~u', $text) || self::isNameLine($text);
        $isBeside = false;
        foreach ($indices as $index) {
            $isBeside = $isBeside || $this->lines[$index]->hasPageBreak || $this->isBeside($index, $texts, $marks);
        }
        if (\count($indices) < 2 ? $isMarked : ($counts || $isMarked || $hasName || $isBeside)) {
            foreach ($indices as $index) {
                if ($counts || $isMarked || $hasName || $this->lines[$index]->hasPageBreak || 0 === $index || $this->isBeside($index, $texts, $marks)) {
                    $this->settled[$index] = Role::Furniture;
                }
            }
        }
    }

    /**
     * @param list<string>     $texts
     * @param array<int, bool> $marks
     */
    private function isBeside(int $index, array $texts, array $marks): bool
    {
        foreach ([-1, 1] as $way) {
            $at = $index + $way;
            while (isset($texts[$at]) && '' === $texts[$at] && !($marks[$at] ?? false)) {
                $at += $way;
            }
            if ($marks[$at] ?? false) {
                return true;
            }
        }

        return false;
    }

    private static function folded(string $text): string
    {
        return Regex::replace(['/\d++/', '/\s++/'], ['0', ' '], $text);
    }

    private static function isNameLine(string $text): bool
    {
        $words = PaperWords::all();

        return Regex::match('~[_.…]{3}|:|/\s*\d{1,3}\s*\z~u', $text)
            && Regex::match("~^(?:{$words->name})\\s*+[:.]?\\s*+(?:[_.…]{3}|\\z|[_ ]*/)~iu", $text);
    }

    /**
     * How often each style runs on without a gap.
     *
     * @param list<string> $texts
     */
    private function styles(array $texts): void
    {
        $letters = [];
        $numbers = $options = $lastNumber = $lastOption = $starts = $rests = [];
        $count = [];
        /** @var list<array{string, int}> $order all numbers with their style as they come; a first letter of options is between them */
        $order = [];
        foreach ($texts as $index => $text) {
            if (null !== $this->settled[$index]) {
                continue;
            }
            $form = Lexer::form($text);
            $isIndented = self::isIndented($this->lines[$index]->text);
            foreach ($form->numbers() as $mark) {
                $style = $mark->style.($isIndented ? '+' : '');
                $count[$style] = ($count[$style] ?? 0) + 1;
                $isNext = 'Q:' === $style || isset($lastNumber[$style]) && ($lastNumber[$style] + 1 === $mark->value || ('' !== $mark->sub && $mark->value === $lastNumber[$style]));
                $numbers[$style] = ($numbers[$style] ?? 0) + ($isNext ? 1 : (1 === $mark->value ? 0.5 : 0));
                $lastNumber[$style] = $mark->value;
                $order[] = [$style, $mark->value];
                $rests[$style][] = $mark->rest;
            }
            $letters[] = $form->options();
            foreach ($form->options() as $mark) {
                $style = $mark->style;
                if ($mark->isUnlettered()) {
                    $options[$style] = ($options[$style] ?? 0) + ('O' === $style ? 0.3 : 0.4);
                    $starts[$style] = ($starts[$style] ?? 0) + 0.3;
                    continue;
                }
                if (1 === $mark->index) {
                    $order[] = ['', 1];
                    $lastOption[$style] = 1;
                    $starts[$style] = ($starts[$style] ?? 0) + 1;
                } elseif ($mark->index === ($lastOption[$style] ?? -1) + 1) {
                    $options[$style] = ($options[$style] ?? 0) + 1;
                    $lastOption[$style] = $mark->index;
                }
            }
            foreach (Regex::match('/\s\(?[aA][.)]|^A\s.*\s{2}B\s/', $text) ? \array_slice(Pieces::of($this->lines[$index]), 1) : [] as $piece) {
                foreach ($piece->form()->options() as $mark) {
                    $options[$mark->style] = ($options[$mark->style] ?? 0) + 1;
                    $starts[$mark->style] = ($starts[$mark->style] ?? 0) + (1 === $mark->index ? 1 : 0);
                    $order[] = ['', $mark->index];
                }
            }
        }
        [$numbers, $count, $order] = $this->withoutIndents($numbers, $count, $order);
        $this->letteredQuestions($letters, $numbers, $options, $starts, $count);
        arsort($numbers);
        foreach (array_keys($numbers) as $outer) {
            foreach (array_keys($numbers) as $inner) {
                if ($inner !== $outer && $numbers[$inner] >= $numbers[$outer] && ($numbers[$outer] > 1 || str_starts_with($inner, 'I')) && self::isListWithin($inner, $outer, $order) && !self::areHeadings($rests[$outer])) {
                    $numbers[$inner] = 0.4 * $numbers[$outer];
                    $this->numberedOptions($inner, $outer, $order, $options, $starts);
                }
            }
        }
        $best = max([0.0, ...array_values($numbers)]);
        foreach ($numbers as $style => $score) {
            $this->numberStyles[$style] = $best > 0 ? $score / $best : 0.0;
        }
        // Among equals, what printed tests use most.
        $order = ['.', ')', '()', 'word', 'alone', 'I.', 'I)', 'sub.', 'sub)', '1.1', 'Q:', '.)', '/', ':', '-', '–', 'bare'];
        foreach ($order as $style) {
            if ($best > 0 && ($numbers[$style] ?? 0) === $best) {
                $this->numberStyle = $style;
                break;
            }
        }
        if ('' === $this->numberStyle && $best > 0) {
            $this->numberStyle = (string) array_key_first($numbers);
        }
        // A few numbers among many of another kind head parts: it is the other one that counts the questions.
        $this->countOfNumbers = $count[$this->numberStyle] ?? 0;
        $bestOption = max([0.0, ...array_values($options)]);
        foreach ($options as $style => $score) {
            $this->optionStyles[$style] = $bestOption > 0 ? $score / $bestOption : 0.0;
        }
        $ofOptions = max([0.0, ...array_values(array_intersect_key($starts, array_filter($options, static fn (float $score) => $score > 0)))]);
        $this->optionShare = $this->countOfNumbers > 0 ? min(1.0, $ofOptions / $this->countOfNumbers) : ($ofOptions > 0 ? 1.0 : 0.0);
        $this->isUnmarked = [] === $numbers && 0.0 === $bestOption;
    }

    private static function isIndented(string $text): bool
    {
        return str_starts_with($text, '  ') || str_starts_with($text, "\t");
    }

    /**
     * Numbers that stand further in are of another kind where they begin again under each of the others; elsewhere they are the same.
     *
     * @param array<string, float>             $numbers
     * @param array<string, int>               $count
     * @param list<array{string, int}> $order
     *
     * @return array{array<string, float>, array<string, int>, list<array{string, int}>}
     */
    private function withoutIndents(array $numbers, array $count, array $order): array
    {
        foreach (array_keys($numbers) as $style) {
            if (!str_ends_with($style, '+')) {
                continue;
            }
            $plain = substr($style, 0, -1);
            if (isset($numbers[$plain]) && $numbers[$plain] > 1 && self::isListWithin($style, $plain, $order)) {
                $this->areIndentsTold = true;
                continue;
            }
            $order = array_map(static fn (array $one): array => $one[0] === $style ? [$plain, $one[1]] : $one, $order);
            $numbers[$plain] = self::runOf($plain, $order);
            $count[$plain] = ($count[$plain] ?? 0) + $count[$style];
            unset($numbers[$style], $count[$style]);
        }

        return [$numbers, $count, $order];
    }

    /** @param list<array{string, int}> $order */
    private static function runOf(string $style, array $order): float
    {
        $score = 0.0;
        $last = null;
        foreach ($order as [$its, $value]) {
            if ($its === $style) {
                $score += 'Q:' === $style || (null !== $last && $value === $last + 1) ? 1.0 : (1 === $value ? 0.5 : 0.0);
                $last = $value;
            }
        }

        return $score;
    }

    /**
     * Letters that have Roman numbers below them, from i on, are those of the questions: “1. Multiple choice – a. Which? – i. one”.
     *
     * @param list<list<OptionMark>> $letters by line
     * @param array<string, float>   $numbers
     * @param array<string, float>   $options
     * @param array<string, float>   $starts
     * @param array<string, int>     $count
     */
    private function letteredQuestions(array $letters, array &$numbers, array &$options, array $starts, array &$count): void
    {
        $all = $answered = [];
        foreach ($letters as $line => $marks) {
            // An i may be a letter too.
            $isRoman = [] !== array_filter($marks, static fn (OptionMark $mark) => str_contains($mark->style, 'i'));
            foreach ($isRoman ? [] : $marks as $mark) {
                if (!$mark->isUnlettered() && !$mark->isBare() && !str_contains($mark->style, 'i')) {
                    $all[$mark->style] = ($all[$mark->style] ?? 0) + 1;
                    $below = array_filter($letters[$line + 1] ?? [], static fn (OptionMark $next) => 1 === $next->index && str_contains($next->style, 'i'));
                    $answered[$mark->style] = ($answered[$mark->style] ?? 0) + ([] === $below ? 0 : 1);
                }
            }
        }
        foreach ($answered as $style => $times) {
            if ($times > 1 && 2.5 * $times >= $all[$style] && ($options[$style] ?? 0) > 0) {
                $this->letterStyle = $style;
                $numbers['letter'] = max([0.0, ...array_values($numbers)]) + $options[$style] + ($starts[$style] ?? 0);
                $count['letter'] = $all[$style];
                unset($options[$style]);

                return;
            }
        }
    }

    /** @return list<OptionMark> how a piece starts as an option, in the styles of this test */
    public function optionsOf(Piece $piece): array
    {
        $options = $piece->form()->options();

        return null === $this->letterStyle ? $options : array_values(array_filter($options, fn (OptionMark $mark) => $mark->style !== $this->letterStyle));
    }

    /** @return list<NumberMark> how a piece starts with a number, in the styles of this test */
    public function numbersOf(Piece $piece): array
    {
        $numbers = $piece->form()->numbers();
        foreach (null === $this->letterStyle ? [] : $piece->form()->options() as $mark) {
            if ($mark->style === $this->letterStyle) {
                $numbers[] = new NumberMark('letter', $mark->index, '', '', $mark->label, $mark->rest);
            }
        }
        if (!$this->areIndentsTold || $piece->isInner || !self::isIndented($piece->line->text)) {
            return $numbers;
        }

        return array_map(static fn (NumberMark $mark) => new NumberMark($mark->style.'+', $mark->value, $mark->sub, $mark->lead, $mark->label, $mark->rest), $numbers);
    }

    /**
     * A list under nearly every question, with no letters below it: these are the options.
     *
     * @param list<array{string, int}> $order
     * @param array<string, float>     $options
     * @param array<string, float>     $starts
     */
    private function numberedOptions(string $inner, string $outer, array $order, array &$options, array &$starts): void
    {
        $questions = $lists = $letters = 0;
        foreach ($order as [$style, $value]) {
            $questions += $style === $outer ? 1 : 0;
            $lists += $style === $inner && 1 === $value ? 1 : 0;
            $letters += '' === $style ? 1 : 0;
        }
        if (0 === $letters && $lists > 1 && 2 * $lists >= $questions) {
            $options['#'.$inner] = (float) \count($order) - $questions - $lists;
            $starts['#'.$inner] = (float) $lists;
        }
    }

    /** @param list<string> $texts of lines that count parts of a test, perhaps, and not questions */
    private static function areHeadings(array $texts): bool
    {
        $telling = array_filter($texts, static fn (string $text) => \strlen($text) < 100 && !str_ends_with($text, '?') && PaperWords::all()->instructs($text));

        return 2 * \count($telling) > \count($texts);
    }

    /**
     * Whether one style of numbers begins again at 1 under the numbers of another one, and has no options of its own: a list
     * in a stem, or numbered options.
     *
     * @param list<array{string, int}> $order
     */
    private static function isListWithin(string $inner, string $outer, array $order): bool
    {
        $isFirst = true;
        $hasOuter = false;
        $count = $answered = $lists = 0;
        foreach ($order as $index => [$style, $value]) {
            if ($style === $outer) {
                $hasOuter = $isFirst = true;
            } elseif ($style === $inner) {
                if (!$hasOuter || ($isFirst && 1 !== $value)) {
                    return false;
                }
                $lists += $isFirst ? 1 : 0;
                $isFirst = false;
                ++$count;
                $answered += '' === ($order[$index + 1][0] ?? '#') ? 1 : 0;
            }
        }

        // Only the last of a list has the question's own options below it.
        return $count > 1 && ($answered < 0.5 * $count || ($answered <= $lists && $count >= 2 * $lists));
    }

    /** @param list<string> $texts */
    private function key(array $texts): void
    {
        $shown = array_map(static fn (string $text, ?Role $role): string => Role::Furniture === $role ? '' : $text, $texts, $this->settled);
        $place = KeyPlace::region($shown, static fn (string $text): bool => [] !== Lexer::form($text)->numbers() || [] !== Lexer::form($text)->options(), $this->countOfNumbers);
        if (null !== $place) {
            [$this->keyFrom, $this->keyTo] = $place;
        }
    }
}
