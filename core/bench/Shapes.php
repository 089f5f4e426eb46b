<?php

declare(strict_types=1);

namespace Notagram\Bench;

/** Texts of any length in which one thing repeats without end: in one line, in one question, or from line to line. */
final class Shapes
{
    /** @return array<string, \Closure(int): string> a text of about so many bytes, by the name of its shape */
    public static function all(): array
    {
        $questions = static fn (string $question): \Closure => static fn (int $bytes): string => self::repeated($question, $bytes);

        return [
            'a line of blanks' => self::around('Which bee', ' ', "mates?\n"),
            'a line of tabs' => self::around("1. Which bee\t", "\t", "mates?\na) worker\nb) drone\n"),
            'blanks and words by turns' => self::around('Which', '          bee', "?\n"),
            'blanks at the end of an option' => self::around("Which bee mates?\nA. drone", ' ', "\nB. worker\nANSWER: A\n"),
            'blanks inside an answer' => self::around('Which bee mates? {=drone', ' ', "bee ~worker}\n"),
            'no-break spaces' => self::around('Which bee', "\u{A0}", "mates?\n"),
            'zero-width spaces' => self::around('Which bee', "\u{200B}", "mates?\n"),
            'one long word' => self::around('Which ', 'x', "? {T}\n"),
            'one long line of words' => self::around('', 'which bee mates with the queen and ', "? {=drone ~worker}\n"),
            'a line of rules' => self::around('1. The bee is ', '_', " .\nAnswer: drone\n"),
            'a line of rules and words' => self::around('1. ', 'the _____ bee ', ".\nAnswer: drone\n"),
            'a line of stars' => self::around('1. Which? ', '*', "\na) worker\n"),
            'a line of backticks' => self::around('Which ', '`', "? {T}\n"),
            'runs of backticks that grow' => static fn (int $bytes): string => self::growing('`', ' x ', $bytes)."? {T}\n",
            'a line of dollars' => self::around('Which ', '$', "? {T}\n"),
            'formulas' => self::around('Which ', '$a_1 \frac{1}{2}$ ', "? {T}\n"),
            'formulas that open and do not close' => self::around('Which ', '\\\\( a ', "? {T}\n"),
            'one long fraction' => self::around('Which $', '\frac{', "$? {T}\n"),
            'a line of brackets' => self::around('Which ', '[', "? {T}\n"),
            'links in links' => self::around('Which ', '[a](', "? {T}\n"),
            'tags in tags' => self::around('[html]Which ', '<b>', "? {T}\n"),
            'one tag with attributes' => self::around('[html]Which <b ', 'a ', ">bee</b>? {T}\n"),
            'tags that do not end' => self::around('[html]Which ', '<b ', "? {T}\n"),
            'entities' => self::around('[html]Which ', '&amp;', "? {T}\n"),
            'backslashes' => self::around('Which ', '\\', "? {T}\n"),
            'escapes' => self::around('Which ', '\{\}\=', "? {T}\n"),
            'open braces' => self::around('Which ', '{', "? T}\n"),
            'pairs of braces' => self::around('Which ', '{} ', "bee?\n"),
            'closed braces' => self::around('Which ', '}', "? {T}\n"),
            'many options in one question' => self::around("Which bee mates? {\n=drone\n", static fn (int $n): string => "~worker {$n}\n", "}\n"),
            'many weighted options' => self::around("Which bees mate? {\n", static fn (int $n): string => '~%'.($n % 2 ? '' : '-').($n % 97).".12345%worker {$n}\n", "}\n"),
            'equal options' => self::around("Which bee mates? {\n=drone\n", "~worker\n", "}\n"),
            'empty answers' => self::around('Which bee mates? {', '~', "}\n"),
            'accepted answers' => self::around('Which bee mates? {', static fn (int $n): string => "=drone {$n} ", "}\n"),
            'pairs to match' => self::around("Match.\n{\n", static fn (int $n): string => "=bee {$n} -> hive {$n}\n", "}\n"),
            'numbers to accept' => self::around('How many? {#', static fn (int $n): string => "={$n}:1 ", "}\n"),
            'feedback of one option' => self::around('Which bee mates? {=drone', '#yes ', "~worker}\n"),
            'titles in one block' => self::around('', static fn (int $n): string => "::Bee {$n}:: Which bee mates? {T} ", "\n"),
            'comments' => self::around('', "// a note\n", "Which bee mates? {T}\n"),
            'categories' => self::around('', static fn (int $n): string => "\$CATEGORY: bees/{$n}\n", "\nWhich bee mates? {T}\n"),
            'blank lines' => self::around('1. Which bee mates?', "\n", "a) drone\nb) worker\n"),
            'lines of blanks' => self::around('1. Which bee mates?', "\n   ", "\na) drone\nb) worker\n"),
            'blank lines inside braces' => self::around('Which bee mates? {=drone', "\n", "~worker}\n"),
            'lines that join a stem' => self::around('', "which bee mates\n", "A. drone\nB. worker\nANSWER: A\n"),
            'options of Aiken' => self::around("Which bee mates?\n", static fn (int $n): string => \chr(65 + $n % 26).". worker {$n}\n", "ANSWER: A\n"),
            'one letter again and again' => self::around("Which bee mates?\n", "A. worker\n", "ANSWER: A\n"),
            'answer lines' => self::around("Which bee mates?\nA. drone\nB. worker\n", "ANSWER: A\n", ''),
            'letters in one answer line' => self::around("Which bee mates?\nA. drone\nB. worker\nANSWER: A", ', B', "\n"),
            'questions of Aiken' => $questions("Which bee mates?\nA. drone\nB. worker\nANSWER: A\n\n"),
            'questions without options' => static fn (int $bytes): string => self::numbered('%d. Which bee mates?'."\n", $bytes),
            'a printed test' => static fn (int $bytes): string => self::numbered("%d. Which bee mates?\na) drone\nb) worker\n\n", $bytes),
            'a printed test in columns' => static fn (int $bytes): string => self::numbered("%d. Which bee mates?\na) drone\t\tc) queen\nb) worker\t\td) none\n\n", $bytes),
            'questions run together' => static fn (int $bytes): string => self::numbered('%d. Which bee mates? a) drone b) worker c) queen ', $bytes)."\n",
            'a key at the end' => static fn (int $bytes): string => self::numbered("%d. Which bee mates?\na) drone\nb) worker\n\n", intdiv($bytes, 2))."Key\n".self::numbered("%d. a\n", intdiv($bytes, 4)),
            'a key on one line' => static fn (int $bytes): string => "1. Which bee mates?\na) drone\nb) worker\n\nKey\n".self::numbered('%d a ', $bytes)."\n",
            'the same page foot' => static fn (int $bytes): string => self::numbered("%1\$d. Which bee mates?\na) drone\nb) worker\nPage %1\$d of 99\n\f", $bytes),
            'points' => static fn (int $bytes): string => self::numbered("%d. Which bee mates? (2 points)\n...\n", $bytes),
            'matching columns' => static fn (int $bytes): string => "1. Match the columns.\n".self::numbered("%1\$d. bee %1\$d\t\tA. hive %1\$d\n", $bytes),
            'a table by tabs' => self::around('', "drone\tworker\tqueen\t1\n", ''),
            'mail quotation' => self::around('', "> > 1. Which bee mates?\n> > a) drone\n", ''),
            'options on one line' => self::around('1. Which bee mates? a) drone b) worker ', 'c) queen ', "\n"),
            'letters on one line' => self::around('1. Which bee mates? ', 'a) b) c) ', "\n"),
            'rows of options' => self::around("1. Which bee mates?\n", "a) drone  b) worker  c) queen\n", ''),
            'boxes on one line' => self::around('1. Which bee mates? ', '[ ] drone ', "\n"),
            'true and false on one line' => self::around('1. The bee flies. ', 'True   False   ', "\n"),
            'points on one line' => self::around('1. Which bee mates? ', '(2 points) ', "\n...\n"),
            'answers in brackets' => self::around('1. Which bee mates? ', '(drone) ', "\n"),
            'labels of answers' => self::around('1. Which bee mates? ', 'Answer: ', "\n"),
            'a key on one line, without numbers' => self::around("1. Which bee mates?\na) drone\nb) worker\n\nKey: ", 'A B C D ', "\n"),
            'accepted forms' => self::around("1. Which bee mates?\nAnswer: drone", ' / drone', "\n"),
            'dashes' => self::around('1. Which ', '- ', "bee?\n"),
            'dots' => self::around('1. Which ', '.', "bee?\n"),
            'digits' => self::around('1. Which ', '7', "bee?\n"),
            'numbers with dots' => self::around('', '1.', " Which bee?\n"),
            'arrows' => self::around('1. Match. ', 'bee -> ', "hive\n"),
            'percent signs' => self::around('Which {~', '%50', "%drone}\n"),
            'hash signs' => self::around('Which {=drone', '#', "}\n"),
            'colons' => self::around('::Title', ':', ":: Which? {T}\n"),
            'quotes' => self::around('Which "', '" "', "? {T}\n"),
            'quotes in a tag' => self::around('[html]Which <b ', 'a="" ', ">bee</b>? {T}\n"),
            'tags with a quote that does not end' => self::around('[html]Which ', '<b title="', "? {T}\n"),
            'comments that do not end' => self::around('[html]Which ', '<!--', "? {T}\n"),
            'letters that were misread' => self::around('Which ', 'Ã©', "? {T}\n"),
            'accents on one letter' => self::around('Which bee e', "\u{301}", "? {T}\n"),
            'names of pictures' => self::around('Which ', '[picture 1: bee] ', "? {T}\n"),
            'carriage returns' => self::around('Which', "\r", "bee? {T}\n"),
            'page breaks' => self::around('1. Which', "\f", "bee?\n"),
            'words in capitals' => self::around('Which ', 'BEE ', "? {T}\n"),
            'Markdown lists' => self::around('[markdown]', "* a\n", "? {T}\n"),
            'Markdown lists in lists' => static fn (int $bytes): string => '[markdown]'.implode("\n", array_map(static fn (int $depth): string => str_repeat(' ', $depth).'* a', range(0, (int) sqrt(2 * $bytes))))."\n? {T}\n",
            'Markdown emphasis' => self::around('[markdown]', '*a **b ', "? {T}\n"),
            'Markdown quotations' => self::around('[markdown]', '> ', "a? {T}\n"),
        ];
    }

    /** @param string|\Closure(int): string $piece */
    private static function around(string $head, string|\Closure $piece, string $tail): \Closure
    {
        return static function (int $bytes) use ($head, $piece, $tail): string {
            if (\is_string($piece)) {
                return $head.self::repeated($piece, $bytes).$tail;
            }
            $text = $head;
            for ($number = 1; \strlen($text) < $bytes; ++$number) {
                $text .= $piece($number);
            }

            return $text.$tail;
        };
    }

    private static function repeated(string $piece, int $bytes): string
    {
        return str_repeat($piece, max(1, intdiv($bytes, \strlen($piece))));
    }

    private static function numbered(string $format, int $bytes): string
    {
        $text = '';
        for ($number = 1; \strlen($text) < $bytes; ++$number) {
            $text .= \sprintf($format, $number);
        }

        return $text;
    }

    private static function growing(string $sign, string $between, int $bytes): string
    {
        $text = '';
        for ($length = 1; \strlen($text) < $bytes; ++$length) {
            $text .= str_repeat($sign, $length).$between;
        }

        return $text;
    }
}
