<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\Role;
use Notagram\Notation\Printed\TruthWord;
use Notagram\Source\Regex;

/** Puts the words true and false, wherever they are printed beside a statement, on the line below it. */
final readonly class TrueFalseColumns implements TidyStep
{
    private const LONGEST_ROW = 600;

    public function name(): string
    {
        return 'true-false-columns';
    }

    public function apply(Draft $draft): void
    {
        $head = self::headOf($draft);
        $this->dropHead($draft, $head);
        $behind = 0;
        foreach ($draft->questions as $question) {
            $behind += $question->isBare() && null !== Lexer::truthsBehind($question->last()->body) ? 1 : 0;
        }
        foreach ($draft->questions as $question) {
            $this->listed($draft, $question);
            $this->written($draft, $question);
            if (!$question->isBare()) {
                continue;
            }
            if (null !== $head && $this->row($draft, $question, $head)) {
                continue;
            }
            $this->before($draft, $question);
            $this->behind($draft, $question, $behind > 1);
            $this->emptyBrackets($draft, $question);
        }
    }

    /** The words that head the two columns. */
    private static function headOf(Draft $draft): ?string
    {
        foreach ($draft->lines as $line) {
            if (Role::TruthHead === $line->role) {
                return $line->body;
            }
        }

        return null;
    }

    private function dropHead(Draft $draft, ?string $head): void
    {
        foreach (null === $head ? [] : $draft->lines as $line) {
            if (Role::TruthHead === $line->role) {
                $draft->drop($line);
            }
        }
    }

    /** “- True” and “- False” below a statement, as assistants and wikis write them. */
    private function listed(Draft $draft, DraftQuestion $question): void
    {
        $isOptions = 2 === \count($question->options);
        if ((!$isOptions && [] !== $question->options) || (!$isOptions && \count($question->stem) < 3)) {
            return;
        }
        [$one, $other] = $isOptions ? array_map(static fn (DraftOption $option) => $option->line, $question->options) : \array_slice($question->stem, -2);
        $words = [];
        foreach ([$one, $other] as $line) {
            $truths = Regex::match('/^\s*+[-–•*◦▪]\s++(.+)\z/u', rtrim($line->text()), $match) ? Lexer::truths($match[1]) : null;
            if (null === $truths || 1 !== \count($truths)) {
                return;
            }
            $words[] = $truths[0];
        }
        if ($words[0]->isTrue === $words[1]->isTrue || !$draft->drop($other) || !$draft->edit($one, "{$words[0]->word}   {$words[1]->word}", '', '')) {
            return;
        }
        if ($isOptions) {
            $question->options = [];
        } else {
            array_splice($question->stem, -2);
        }
        $question->truths[] = $one;
    }

    /** “True False” with one blank, with boxes, with a slash. */
    private function written(Draft $draft, DraftQuestion $question): void
    {
        foreach ($question->truths as $line) {
            $truths = Lexer::truths($line->body);
            if (null === $truths || 2 !== \count($truths)) {
                continue;
            }
            $marked = array_values(array_filter($truths, static fn (TruthWord $truth) => $truth->isMarked));
            if (1 === \count($marked) && !str_contains($line->body, '*')) {
                $draft->edit($line, $marked[0]->word, '', '');
            } elseif ([] === $marked && Regex::match('/[☐□◻▢❏❑○◯\[(]|^[\p{L}¿]+ (?:\p{L}+ )?\p{L}+ ?\??\z/u', $line->body)) {
                $draft->edit($line, $truths[0]->word.'   '.(ctype_upper($truths[0]->word[0]) ? ucfirst($truths[1]->word) : $truths[1]->word), '', '');
            }
        }
    }

    /** A row of a table: the statement, and a cell for each of the words. */
    private function row(Draft $draft, DraftQuestion $question, string $head): bool
    {
        $last = $question->last();
        if (str_contains($last->body, "\t")) {
            $cells = explode("\t", $last->body);
        } elseif (\strlen($last->body) <= self::LONGEST_ROW && Regex::match('/^(.*?\S)\s{2,}+(\S{1,3})\s{2,}+(\S{1,3})\z/us', rtrim($last->body), $match)) {
            $cells = \array_slice($match, 1);
        } else {
            return false;
        }
        $cells = array_map(trim(...), $cells);
        $statement = array_shift($cells);
        $cells = \array_slice([...$cells, '', ''], 0, 2);
        $isCross = static fn (string $cell): bool => Regex::match('/^(?:[xX✓✔✗✘☒☑●■]|\[[xX]\])\z/u', $cell);
        $isCell = static fn (string $cell): bool => '' === $cell || $isCross($cell) || Regex::match('/^[☐□◻▢❏❑○◯]|\[\s?\]|\(\s?\)|_+\z/u', $cell);
        if (!$isCell($cells[0]) || !$isCell($cells[1])) {
            return false;
        }
        $words = Regex::split('/\t|\s{2,}/', trim($head));
        $like = $words[\count($words) - 2] ?? '';
        $firstIsTrue = true === PaperWords::all()->truth($like);
        $answer = match (true) {
            $isCross($cells[0]) && !$isCross($cells[1]) => $firstIsTrue,
            $isCross($cells[1]) && !$isCross($cells[0]) => !$firstIsTrue,
            default => null,
        };
        if (!$draft->edit($last, $statement)) {
            return false;
        }
        self::ask($draft, $question, null === $answer ? Answering::both($draft, $like) : Answering::truth($draft, $answer, $like));

        return true;
    }

    /** T and F before the number. */
    private function before(Draft $draft, DraftQuestion $question): void
    {
        $first = $question->first();
        $truths = Lexer::truths(trim($first->lead));
        if (null !== $truths && 2 === \count($truths) && $draft->edit($first, lead: '')) {
            self::ask($draft, $question, Answering::both($draft, $truths[0]->word));
        } elseif (null === $truths && Regex::match('~^([A-Z])\s*[/|]?\s+([A-Z])\s+(?=\p{L}.{5})~u', $first->body, $match) && null !== ($inside = Lexer::truths("{$match[1]} {$match[2]}")) && 2 === \count($inside)) {
            if ($draft->edit($first, substr($first->body, \strlen($match[0])))) {
                self::ask($draft, $question, Answering::both($draft, $match[1]));
            }
        }
    }

    private function behind(Draft $draft, DraftQuestion $question, bool $isUsual): void
    {
        $last = $question->last();
        $found = Lexer::truthsBehind($last->body);
        if (null === $found || !$question->isBare()) {
            return;
        }
        [$statement, $words] = $found;
        $isApart = Regex::match('/(?:\t|\s{2,}|[(\[]\s*)\z/', substr($last->body, \strlen($statement), max(0, \strlen($last->body) - \strlen($statement) - \strlen($words))));
        $isSpelled = Regex::match('~\p{L}{3,}\s*+[/|]\s*+\p{L}{3,}~u', $words);
        if (!$isUsual && !$isApart && !$isSpelled && 'true-false' !== $question->kind()) {
            return;
        }
        $truths = Lexer::truths($words) ?? [];
        $marked = array_values(array_filter($truths, static fn (TruthWord $truth) => $truth->isMarked));
        if ($draft->edit($last, $statement)) {
            $like = $truths[0]->word ?? '';
            self::ask($draft, $question, 1 === \count($marked) ? Answering::truth($draft, $marked[0]->isTrue, $like) : Answering::both($draft, $like));
        }
    }

    /** “Paris is in France. (  )” under “True or false”. */
    private function emptyBrackets(Draft $draft, DraftQuestion $question): void
    {
        if ('true-false' !== $question->kind() || !$question->isBare()) {
            return;
        }
        $last = $question->last();
        $body = rtrim($last->body);
        if (Regex::match('/\s*+(?:\(\s*+\)|\[\s*+\]|[☐□◻▢❏❑○◯])\z/u', Lexer::tail($body), $match) && $draft->edit($last, substr($body, 0, -\strlen($match[0])))) {
            self::ask($draft, $question, Answering::both($draft, Answering::wordIn($question)));
        }
    }

    private static function ask(Draft $draft, DraftQuestion $question, string $words): void
    {
        $line = $draft->putIn($question->last(), $words, Role::Truth);
        if (null !== $line) {
            $question->truths[] = $line;
        }
    }

    /** “True or false: bees hum.” needs no heading to say so. */
    public static function asksItself(string $stem): bool
    {
        $words = PaperWords::all();

        return Regex::match("~^(?:{$words->pointsPattern()}\\s*+)?(?:{$words->kinds['true-false']})\\s*[?:.]\\s*\\S+\\s+\\S~iu", $stem);
    }
}
