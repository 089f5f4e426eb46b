<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Puts the T and F of a column, before a statement or behind it, on a line of their own. */
final readonly class TrueFalseColumns implements TidyStep
{
    /** Bytes that they can take at the end of a line, with the blanks before them. */
    private const LONGEST_COLUMNS = 200;
    public const BOTH = 'True   False';

    public function name(): string
    {
        return 'true-false-columns';
    }

    public function label(): string
    {
        return 'Columns of T and F';
    }

    public function apply(Draft $draft): void
    {
        $words = PaperWords::all();
        $pair = "(?:{$words->true})(?:\\s*[/|–-]\\s*|[ \\t\\x{A0}]++)(?:{$words->false})";
        $lines = $draft->lines();
        // T and F before the number hide that a question starts there.
        for ($index = \count($lines) - 1; $index >= 0; --$index) {
            if (Regex::match("~^[ \\t]*+{$pair}[ \\t\\x{A0}]++(?=\\(?\\d{1,4}[.)])~iu", $lines[$index], $match)) {
                $draft->replace($index, 1, [substr($lines[$index], \strlen($match[0])), self::BOTH]);
            }
        }
        $lines = $draft->lines();
        foreach (array_reverse($draft->scan()->questions) as $question) {
            if ([] !== $question->options) {
                self::statements($draft, $question, $pair);
            }
            if (!$question->isBare() || self::bracketed($draft, $question)) {
                continue;
            }
            $last = $question->stem[\count($question->stem) - 1];
            $start = $question->start;
            if (Regex::match("~^(\\s*+(?:\\(?\\d{1,4}[.)]++)?+)[ \\t\\x{A0}]*+{$pair}(?:[ \\t\\x{A0}]++)(?=\\p{L}.{5})~iu", $lines[$start], $match)) {
                $draft->replace($start, 1, [trim($match[1]).' '.substr($lines[$start], \strlen($match[0])), self::BOTH]);
            } elseif (null !== $statement = self::before("(?:[ \\t\\x{A0}]{2,}|\\t|\\s*\\(\\s*){$pair}\\s*\\)?", $lines[$last])) {
                $draft->replace($last, 1, [$statement, self::BOTH]);
            }
        }
    }

    /** What stands before T and F at the end of a line; null where they do not, or stand alone. */
    private static function before(string $columns, string $line): ?string
    {
        $line = rtrim($line);
        $tail = mb_strcut($line, max(0, \strlen($line) - self::LONGEST_COLUMNS), encoding: 'UTF-8');
        if (!Regex::match("~(?<=\\S){$columns}\\z~iu", $tail, $match, \PREG_OFFSET_CAPTURE)) {
            return null;
        }

        return substr($line, 0, \strlen($line) - \strlen($tail) + $match[0][1]);
    }

    /** “True or false: bees hum.” needs no heading to say so. */
    public static function asksItself(string $stem): bool
    {
        $words = PaperWords::all();

        return Regex::match("~^(?:{$words->pointsPattern()}\\s*+)?(?:{$words->kinds['true-false']})\\s*[?:.]\\s*\\S+\\s+\\S~iu", $stem);
    }

    /** Statements with brackets before them, empty or filled in, are questions under a stem that is their heading. */
    private static function bracketed(Draft $draft, PaperQuestion $question): bool
    {
        $lines = $draft->lines();
        $statements = \array_slice($question->stem, 1);
        $heading = QuestionStart::in($lines[$question->start])->text ?? $lines[$question->start];
        if (\count($statements) < 2 || \count($statements) !== $question->end - $question->start - 1 || 'true-false' !== PaperWords::all()->kindIn($heading)) {
            return false;
        }
        $made = [$heading];
        foreach ($statements as $place => $index) {
            if (!Regex::match('/^\s*+(?:[(\[]\s*+(\p{L}*+)\s*+[)\]]|_{2,}+)\s*+(\S.*)\z/u', $lines[$index], $match)) {
                return false;
            }
            $truth = PaperWords::all()->truth($match[1]);
            array_push($made, '', ($place + 1).'. '.$match[2], null === $truth ? self::BOTH : ($truth ? 'True' : 'False'));
        }

        return $draft->replace($question->start, 1 + \count($statements), $made);
    }

    /** Lettered statements that each have their T and F are questions, under a stem that is their heading. */
    private static function statements(Draft $draft, PaperQuestion $question, string $pair): void
    {
        $lines = $draft->lines();
        $stem = QuestionStart::in($lines[$question->start]);
        $first = $question->options[0];
        $count = $question->end - $first;
        if ($count !== \count($question->options) || 1 !== \count($question->stem) || $first !== $question->start + 1) {
            return;
        }
        $made = [$stem->text ?? $lines[$question->start]];
        foreach ($question->options as $place => $index) {
            $statement = self::before("(?:[ \\t\\x{A0}]{2,}|\\t){$pair}", OptionMarks::letter($lines[$index])[2] ?? '');
            if (null === $statement) {
                return;
            }
            array_push($made, '', ($place + 1).'. '.$statement, self::BOTH);
        }
        if ('true-false' === PaperWords::all()->kindIn($made[0])) {
            $draft->replace($question->start, $count + 1, $made);
        }
    }
}
