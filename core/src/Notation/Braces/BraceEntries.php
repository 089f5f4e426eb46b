<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Splits what stands between the braces into its entries, each with its mark and weight. One object splits one text. */
final class BraceEntries
{
    /** @var list<Finding> */
    public array $findings = [];
    /** @var list<Token> */
    public array $tokens = [];
    /** Whether an entry has no text. */
    public bool $hasEmpty = false;

    /**
     * @param string $text    the block, comments masked
     * @param string $content between the braces, without the explanation
     * @param int    $start   where the content starts in the block
     */
    public function __construct(private readonly string $text, private readonly string $content, private readonly int $start)
    {
    }

    /** @return list<BraceEntry> */
    public function read(): array
    {
        $entries = [];
        $mark = '';
        $markAt = $textAt = 0;
        $hashAt = null;
        foreach ($this->marks() as [$character, $offset]) {
            if ('#' === $character) {
                $hashAt ??= $offset;
                continue;
            }
            $this->addEntry($entries, $mark, $markAt, $textAt, $hashAt, $offset);
            [$mark, $markAt, $textAt, $hashAt] = [$character, $offset, $offset + 1, null];
        }
        $this->addEntry($entries, $mark, $markAt, $textAt, $hashAt, \strlen($this->content));

        return $this->withMarkBeforeText($entries);
    }

    /**
     * The unescaped marks of the content with their offsets. Those inside an HTML tag, and an = within a line of answers that
     * stand one a line, are text: a fault, since receivers read them as marks.
     *
     * @return list<array{string, int}>
     */
    private function marks(): array
    {
        $tag = str_contains($this->content, '<')
            ? '|<[a-zA-Z][\w-]*+(?:\s++[\w:-]++(?:[ \t]*+=[ \t]*+(?:"[^"<>\r\n]*+"|\'[^\'<>\r\n]*+\'))?+)*+\s*+\/?>'
            : '';
        Regex::matchAll('/\\\\.'.$tag.'|[=~#]/s', $this->content, $matches, \PREG_OFFSET_CAPTURE);
        $isOneALine = null;
        $marks = [];
        foreach ($matches[0] as $match) {
            [$found, $offset] = $match;
            $first = $found[0];
            if ('~' === $first || '#' === $first) {
                $marks[] = $match;
            } elseif ('=' === $first && $this->isArrow($offset, [] === $marks ? 0 : $marks[\count($marks) - 1][1] + 1)) {
                continue;
            } elseif ('=' === $first) {
                $isWithinALine = $offset > 0 && !str_contains(BraceText::BLANKS.'>', $this->content[$offset - 1])
                    && ($isOneALine ??= Regex::matchAll('/(*ANYCRLF)^[ \t]*+[=~]/m', $this->content) > 1);
                if ($isWithinALine) {
                    $this->unescapedCharacter($found, $offset);
                } else {
                    $marks[] = $match;
                }
            } elseif ('<' === $first && false !== strpbrk($found, '=~#')) {
                $this->unescapedCharacter($found, $offset);
            }
        }

        return $marks;
    }

    /** Where other answers have arrows, => between two texts of one without is meant as one. */
    private function isArrow(int $offset, int $textAt): bool
    {
        if ('>' !== ($this->content[$offset + 1] ?? '') || !str_contains($this->content, '->')) {
            return false;
        }
        $prompt = substr($this->content, $textAt, $offset - $textAt);

        return '' !== trim($prompt) && !str_contains($prompt, '->') && Regex::match('/\S[ \t]++\z/', $prompt);
    }

    private function unescapedCharacter(string $stretch, int $offset): void
    {
        $first = strcspn($stretch, '=~#');
        $last = \strlen($stretch) - strcspn(strrev($stretch), '=~#');
        $edits = [];
        foreach (str_split(substr($stretch, $first, $last - $first)) as $index => $character) {
            if (str_contains('=~#', $character)) {
                $edits[] = TextEdit::insert($this->start + $offset + $first + $index, '\\');
            }
        }
        $span = new Span($this->start + $offset + $first, $this->start + $offset + $last);
        $this->findings[] = Finding::fault(
            'gift.unescaped-character',
            $span,
            Fix::offered('backslashes', $edits),
            text: $span->of($this->text),
        );
    }

    /** @param list<BraceEntry> $entries */
    private function addEntry(array &$entries, string $mark, int $markAt, int $textAt, ?int $hashAt, int $end): void
    {
        $textEnd = $hashAt ?? $end;
        $spelled = substr($this->content, $textAt, $textEnd - $textAt);
        if ('' === $mark && '' === trim($spelled, BraceText::BLANKS)) {
            return;
        }
        $weight = null;
        $markEnd = $textAt;
        if ('' !== $mark) {
            $blanks = strspn($spelled, BraceText::BLANKS);
            if ('%' === ($spelled[$blanks] ?? '')) {
                [$weight, $length] = $this->weight($spelled, $textAt);
                $markEnd = $textAt + $length;
                $spelled = substr($spelled, $length);
            }
            $this->tokens[] = new Token(TokenKind::Answer, $this->start + $markAt, $this->start + $textAt);
            if ($markEnd > $textAt) {
                $this->tokens[] = new Token(TokenKind::Weight, $this->start + $textAt, $this->start + $markEnd);
            }
        }
        if (null !== $hashAt) {
            $this->tokens[] = new Token(TokenKind::Feedback, $this->start + $hashAt, $this->start + $hashAt + 1);
        }
        $this->hasEmpty = $this->hasEmpty || strspn($spelled, BraceText::BLANKS) === \strlen($spelled);
        $entries[] = new BraceEntry(
            $mark,
            $weight,
            $spelled,
            null === $hashAt ? null : substr($this->content, $hashAt + 1, $end - $hashAt - 1),
            new Span($this->start + $markAt, $this->start + $end),
            new Span($this->start + $markAt, $this->start + $markEnd),
        );
    }

    /**
     * @return array{?Weight, int} the weight at the start of an entry, and how many bytes it takes; none where it is text
     */
    private function weight(string $spelled, int $offset): array
    {
        if (Regex::match('/^[\s\xFF]*+%(-?+\d{1,20}(?:\.\d{1,20})?+)%/', $spelled, $match)) {
            return [self::weightOf($match[1]), \strlen($match[0])];
        }
        // A number without its second %, with a comma or a plus sign, or with something behind it: a receiver expects a weight there.
        if (!Regex::match('/^([\s\xFF]*+)%(-?+\d{1,9}(?:[.,]\d{1,9})?+)?+(?:[^%\s=~#]{0,12}+%)?+/', $spelled, $match)
            || \strlen($match[0]) < \strlen($match[1]) + 2) {
            return [null, 0];
        }
        $number = str_replace(',', '.', $match[2] ?? '');
        $isWhole = str_ends_with($match[0], '%');
        if ('' === $number && !Regex::match('/%[-+]\d/', $match[0])) {
            return [null, 0];
        }
        $span = new Span($this->start + $offset + \strlen($match[1]), $this->start + $offset + \strlen($match[0]));
        $isReadable = '' !== $number && (!$isWhole || $match[1].'%'.($match[2] ?? '').'%' === $match[0]);
        $this->findings[] = Finding::fault(
            'gift.weight-malformed',
            $span,
            $isReadable
                ? Fix::offered('write', [new TextEdit($span, "%{$number}%")], text: "%{$number}%")
                : Fix::offered('as-text', [TextEdit::insert($span->start, '\\n')]),
            spelled: $span->of($this->text),
        );

        return $isReadable ? [self::weightOf($number), \strlen($match[0])] : [null, 0];
    }

    public static function weightOf(string $written): Weight
    {
        /** @var array<string, Weight> $known */
        static $known = [];
        if (\count($known) > 1_000) {
            $known = [];
        }

        return $known[$written] ??= Weight::of($written);
    }

    /**
     * A text before the first mark lacks its own.
     *
     * @param list<BraceEntry> $entries
     *
     * @return list<BraceEntry>
     */
    private function withMarkBeforeText(array $entries): array
    {
        $first = $entries[0] ?? null;
        if (null === $first || '' !== $first->mark) {
            return $entries;
        }
        $blanks = strspn($this->content, BraceText::BLANKS);
        $isAlone = 1 === \count($entries);
        $mark = $isAlone ? '=' : '~';
        $span = new Span($this->start + $blanks, $this->start + $blanks + \strlen(trim($first->text, BraceText::BLANKS)));
        $this->findings[] = Finding::fault(
            'gift.text-before-answers',
            $span,
            Fix::offered($isAlone ? 'right-answer' : 'wrong-answer', [TextEdit::insert($span->start, $mark)]),
            $isAlone ? 'alone' : '',
        );
        $entries[0] = new BraceEntry($mark, null, $first->text, $first->feedback, $first->span, Span::at($span->start));

        return $entries;
    }
}
