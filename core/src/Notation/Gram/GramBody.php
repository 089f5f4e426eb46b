<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** The lines of one question, each put where it belongs. One object reads one block. */
final class GramBody
{
    public ?string $title = null;
    public ?Span $titleSpan = null;
    /** @var list<string> line by line */
    public array $stem = [];
    /** @var list<?int> where each line of the stem ends in the block; null where it stands in a fence */
    public array $stemEnds = [];
    public ?Span $stemSpan = null;
    /** @var list<GramOption> */
    public array $options = [];
    /** @var ?list<string> */
    public ?array $explanation = null;
    /** From its sign to its end; null where there is none, or where it stands in several places. */
    public ?Span $explanationSpan = null;
    /** Where the line stands that asks for an essay, or says that there is no answer. */
    public ?Span $essay = null;
    public ?Span $stimulus = null;
    /** The author's notes, as they stand. */
    public string $comments = '';
    /** @var list<Finding> */
    public array $findings = [];
    /** @var list<Token> */
    public array $tokens = [];
    /** Which text goes on: the stem, the last option, its feedback or the explanation. */
    private GramPart $part = GramPart::Stem;

    public function __construct(private readonly string $block)
    {
        foreach (GramLine::allOf($block) as $line) {
            $this->take($line);
        }
        usort($this->tokens, static fn (Token $one, Token $other) => $one->start <=> $other->start);
    }

    private function take(GramLine $line): void
    {
        $end = $line->start + \strlen($line->text);
        if ($line->isComment()) {
            $this->comments .= $line->text."\n";
            $this->tokens[] = new Token(TokenKind::Comment, $line->start + $line->indent(), $end);

            return;
        }
        $isFirst = [] === $this->stem && [] === $this->options;
        if ($isFirst && null === $this->title && null !== $title = $line->title()) {
            $this->titleSpan = new Span($line->start, $end);
            $this->title = trim(Regex::replace('/\s++/', ' ', $title));
            $this->tokens[] = new Token(TokenKind::Title, $line->start, $end);

            return;
        }
        $mark = 0 === $line->indent() || [] !== $this->options ? $line->option(!$isFirst) : null;
        if (null !== $mark) {
            $this->option($line, $mark, $end);
        } elseif (null !== $length = $line->explanation()) {
            $this->sign($line, 4, $length);
            $this->part = GramPart::Explanation;
            $this->explanationSpan = null === $this->explanation ? new Span($line->start + $line->indent(), $end) : null;
            $this->explanation = [...($this->explanation ?? []), self::behindMark($line, $length)];
        } elseif ([] !== $this->options && null !== $length = $line->feedback()) {
            $this->sign($line, 1, $length);
            $this->part = GramPart::Feedback;
            $option = $this->options[\count($this->options) - 1];
            $option->feedback[] = [self::behindMark($line, $length)];
            $option->feedbackAt ??= $line->start + $line->indent();
            $option->end = $end;
        } elseif ($line->isEssay()) {
            $this->essay = new Span($line->start, $end);
            $this->tokens[] = new Token(TokenKind::Answer, $line->start, $end);
        } elseif ($line->isStimulus()) {
            $this->stimulus = new Span($line->start, $end);
            $this->tokens[] = new Token(TokenKind::Answer, $line->start, $end);
        } else {
            $this->text($line, $end);
        }
    }

    private function option(GramLine $line, GramMark $mark, int $end): void
    {
        $start = $line->start + $mark->indent;
        $this->options[] = new GramOption($mark, [self::behindMark($line, $mark->indent + $mark->length)], $start, $end);
        $this->part = GramPart::Option;
        $signEnd = $start + $mark->signLength();
        $this->tokens[] = new Token(TokenKind::Answer, $start, $start + 1);
        if ($signEnd > $start + 1) {
            $this->tokens[] = new Token(TokenKind::Weight, $start + 1, $signEnd);
        }
        if ($mark->isNumber) {
            $this->tokens[] = new Token(TokenKind::Answer, $signEnd, $signEnd + 1);
        }
        if ($mark->indent > 0) {
            $this->findings[] = Finding::doubt('gram.indented-mark', new Span($start, $start + 1), Fix::safe('unindent', [TextEdit::remove(new Span($line->start, $start))]));
        }
        if (!$mark->hasBlank) {
            $at = $start + $mark->length;
            $this->findings[] = Finding::doubt('gram.no-space', new Span($start, $at), Fix::safe('insert-space', [TextEdit::insert($at, ' ')]), sign: $mark->sign);
        }
    }

    /** Behind a mark, nothing is one; a backslash alone is a blank line, and two are one. */
    private static function behindMark(GramLine $line, int $length): string
    {
        $text = substr($line->text, $length);

        return Regex::match('/^\\\\++\z/', $text) ? substr($text, 1) : $text;
    }

    /** The sign before feedback or an explanation, which wants a blank after it. */
    private function sign(GramLine $line, int $signs, int $length): void
    {
        $start = $line->start + $line->indent();
        $this->tokens[] = new Token(TokenKind::Feedback, $start, $start + $signs);
        if ($length === $line->indent() + $signs && \strlen($line->text) > $length) {
            $this->findings[] = Finding::doubt('gram.no-space', new Span($start, $start + $signs), Fix::safe('insert-space', [TextEdit::insert($start + $signs, ' ')]), sign: str_repeat('#', $signs));
        }
    }

    private function text(GramLine $line, int $end): void
    {
        if (GramPart::Explanation === $this->part && [] === $this->options && 0 === $line->indent() && !$line->isBackslash()) {
            $this->part = GramPart::Stem;
        }
        if (GramPart::Stem === $this->part) {
            $this->stem[] = match (true) {
                $line->isFenced => $line->text,
                $line->isBackslash() => '',
                default => GramText::meant($line->text, false),
            };
            $this->stemEnds[] = $line->isFenced ? null : $end;
            $this->stemSpan = new Span($this->stemSpan->start ?? $line->start + $line->indent(), $end);
            $this->unclosedFence($line);

            return;
        }
        $text = Regex::replace('/^(?:  ?|\t)/', '', $line->text);
        $text = match (true) {
            $line->isFenced => $text,
            $line->isBackslash() => '',
            default => GramText::meant($text, true),
        };
        if (GramPart::Explanation === $this->part) {
            $this->explanation[] = $text;
            $this->explanationSpan = null === $this->explanationSpan ? null : new Span($this->explanationSpan->start, $end);

            return;
        }
        $option = $this->options[\count($this->options) - 1];
        $option->end = $end;
        if (GramPart::Option === $this->part) {
            $option->lines[] = $text;
            $option->textEnd = $end;
        } else {
            $option->feedback[\count($option->feedback) - 1][] = $text;
        }
        $this->unclosedFence($line);
    }

    private function unclosedFence(GramLine $line): void
    {
        if (!$line->isFenced && Regex::match(GramFences::OPENING, $line->text)) {
            $this->findings[] = Finding::fault('gram.fence-unclosed', new Span($line->start + $line->indent(), $line->start + \strlen($line->text)));
        }
    }
}
