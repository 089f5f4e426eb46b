<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceRewriter;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\Braces\BraceWriter;
use Notagram\Notation\Braces\PointsNote;
use Notagram\Notation\Part;
use Notagram\Notation\Rewriter;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\Answers;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Meaning;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Changes a question part by part: title, format, words before and after the braces, and what stands between them. */
final readonly class GiftRewriter implements Rewriter
{
    public function speaking(string $sheet): self
    {
        return $this;
    }

    public function parts(): array
    {
        return Part::cases();
    }

    public function sharesWeights(): bool
    {
        return false;
    }

    public function isKeyedElsewhere(Block $block): bool
    {
        return false;
    }

    public function spelledAt(string $before, string $text): string
    {
        $isInBraces = Regex::match('/\A(?:[^\\\\{}]|\\\\.|\{[^\\\\{}]*+(?:\\\\.[^\\\\{}]*+)*+\}|\})*+\{/s', $before);

        return BraceText::spelled($text, $isInBraces ? BraceText::MARKS_IN_ANSWERS : GiftWriter::MARKS_IN_STEM);
    }

    public function head(string $text): string
    {
        return '';
    }

    public function rewritten(Block $block, BlockReading $reading, string $text, Question $new): ?string
    {
        $old = $reading->question;
        $written = null === $old ? null : self::written($reading, $old, $text, $new, false);
        if (null === $old || null === $written || Meaning::isSpelledAsOne($old->answers, $new->answers)) {
            return $written;
        }

        // Where the signs themselves would make another type of it, only the weights say it.
        return (new GiftReader())->read($block, $written)->question?->type() === $new->type() ? $written : self::written($reading, $old, $text, $new, true);
    }

    private static function written(BlockReading $reading, Question $old, string $text, Question $new, bool $keepsSigns): ?string
    {
        if ($old->answers instanceof Stimulus !== $new->answers instanceof Stimulus) {
            return null;
        }
        $masked = GiftQuestion::masked($text);
        $tokens = $reading->tokensIn($text);
        $open = $old->answers instanceof Stimulus ? null : $old->stemSpan->end + strspn($masked, BraceText::BLANKS, $old->stemSpan->end);
        $stem = new Span($old->stemSpan->start, $open ?? $old->stemSpan->end);
        $title = self::first($tokens, TokenKind::Title, new Span(0, $stem->start));
        $edits = [
            $old->points === $new->points ? null : PointsNote::edit($text, $new->points, strspn($masked, BraceText::MASK)),
            $old->title === $new->title ? null : self::title($text, $title, $stem->start, $new->title),
        ];
        $format = self::first($tokens, TokenKind::Format, $stem);
        if ($old->stem->format !== $new->stem->format) {
            $edits[] = new TextEdit($format ?? Span::at($stem->start), FormattedText::AUTO === $new->stem->format ? '' : "[{$new->stem->format}]");
        }
        $textAt = $format->end ?? $stem->start;
        $textAt += strspn($text, " \t", $textAt);
        if (null === $open) {
            $edits[] = $old->stem->text === $new->stem->text ? null : new TextEdit(new Span($textAt, $stem->end), BraceText::spelled($new->stem->text, GiftWriter::MARKS_IN_STEM));

            return self::applied($text, $edits);
        }
        if ('{' !== ($masked[$open] ?? '')) {
            return null;
        }
        $close = self::closing($tokens, $masked, $open);
        $explanation = self::explanation($tokens, $text, $open, $close);
        $around = self::wordsAround($old, $new, $masked, $text, new Span($textAt, $open), $close);
        $inside = (new BraceRewriter($text, $masked, new Span($open + 1, $explanation ?? $close), $new->stem->format, $keepsSigns))->edits(self::filler($old), self::filler($new));
        if (null === $around || null === $inside) {
            return null;
        }
        $edits = [...$edits, ...$around, ...$inside];
        if (!Meaning::isSpelledAsOne($old->explanation, $new->explanation)) {
            $edits[] = self::explained($text, $masked, new Span($open, $close), $explanation, $new);
        }

        return self::applied($text, $edits);
    }

    private static function filler(Question $question): Answers
    {
        return $question->answers instanceof Gap ? $question->answers->filler : $question->answers;
    }

    /** @param list<Token> $tokens */
    private static function first(array $tokens, TokenKind $kind, Span $within): ?Span
    {
        foreach ($tokens as $token) {
            if ($token->kind === $kind && $within->contains($span = new Span($token->start, $token->end))) {
                return $span;
            }
        }

        return null;
    }

    /** @param list<Token> $tokens */
    private static function closing(array $tokens, string $masked, int $open): int
    {
        foreach (array_reverse($tokens) as $token) {
            if (TokenKind::Answer === $token->kind && $token->start > $open && '}' === $masked[$token->start]) {
                return $token->start;
            }
        }

        throw new \LogicException('Braces that were read have an end.');
    }

    /** @param list<Token> $tokens */
    private static function explanation(array $tokens, string $text, int $open, int $close): ?int
    {
        foreach ($tokens as $token) {
            if (TokenKind::Feedback === $token->kind && $token->start > $open && $token->end <= $close && '####' === substr($text, $token->start, $token->end - $token->start)) {
                return $token->start;
            }
        }

        return null;
    }

    private static function title(string $text, ?Span $old, int $stemAt, ?string $new): TextEdit
    {
        if (null === $new) {
            $span = $old ?? Span::at($stemAt);

            return TextEdit::remove(new Span($span->start, $span->end + strspn($text, " \t", $span->end)));
        }
        $spelled = '::'.BraceText::spelled($new, GiftWriter::MARKS_IN_TITLE).'::';

        return null === $old ? TextEdit::insert($stemAt, $spelled.' ') : new TextEdit($old, $spelled);
    }

    /**
     * The words before the braces and those behind them.
     *
     * @return ?list<?TextEdit>
     */
    private static function wordsAround(Question $old, Question $new, string $masked, string $text, Span $before, int $close): ?array
    {
        $end = \strlen(rtrim($masked, BraceText::BLANKS));
        $hasWordsBehind = $end > $close + 1;
        if ($old->stem->text === $new->stem->text) {
            return [];
        }
        $marks = GiftWriter::MARKS_IN_STEM;
        if (!$hasWordsBehind) {
            $trimmed = new Span($before->start, $before->start + \strlen(rtrim($before->of($masked), BraceText::BLANKS)));
            $isTight = $trimmed->end === $before->end && $trimmed->length() < 1;

            return [new TextEdit($trimmed, BraceText::spelled($new->stem->text, $marks).($isTight ? ' ' : ''))];
        }
        $was = explode(Gap::RULE, $old->stem->text);
        $is = explode(Gap::RULE, $new->stem->text);
        if (2 !== \count($was) || 2 !== \count($is)) {
            return null;
        }

        return [
            $was[0] === $is[0] ? null : new TextEdit($before, BraceText::spelled(rtrim($is[0]), $marks).(Regex::match('/\s\z/', $is[0]) ? ' ' : '')),
            $was[1] === $is[1] ? null : new TextEdit(new Span($close + 1, $end), (Regex::match('/^\s/', $is[1]) ? ' ' : '').BraceText::spelled(ltrim($is[1]), $marks)),
        ];
    }

    private static function explained(string $text, string $masked, Span $braces, ?int $at, Question $new): TextEdit
    {
        $spelled = null === $new->explanation ? '' : '####'.(new BraceWriter($new->stem->format))->text($new->explanation);
        $end = \strlen(rtrim(substr($masked, 0, $braces->end), BraceText::BLANKS));
        if (null !== $at && '' !== $spelled) {
            return new TextEdit(new Span($at, $end), $spelled);
        }
        if (null !== $at) {
            return TextEdit::remove(new Span(\strlen(rtrim(substr($masked, 0, $at), BraceText::BLANKS)), $end));
        }
        $isOnLineOfItsOwn = Regex::match('/[\r\n][ \t]*+\z/', substr($text, 0, $braces->end)) && $end > $braces->start + 1;
        $lineAt = $end - strcspn(strrev(substr($text, 0, $end)), "\r\n");
        $indent = substr($text, $lineAt, strspn($text, " \t", $lineAt));

        return TextEdit::insert($end, match (true) {
            $isOnLineOfItsOwn => LineEnding::forNewLinesIn($text).$indent,
            $end > $braces->start + 1 => ' ',
            default => '',
        }.$spelled);
    }

    /** @param list<?TextEdit> $edits */
    private static function applied(string $text, array $edits): string
    {
        $edits = array_values(array_filter($edits, static fn (?TextEdit $edit) => null !== $edit));
        usort($edits, static fn (TextEdit $one, TextEdit $other) => $one->span->start <=> $other->span->start);

        return TextEdit::allIn($text, $edits);
    }
}
