<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceRewriter;
use Notagram\Notation\Braces\PointsNote;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Part;
use Notagram\Notation\PointsWord;
use Notagram\Notation\Rewriter;
use Notagram\Notation\WrittenList;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Meaning;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Changes a question line by line. */
final readonly class GramRewriter implements Rewriter
{
    private PointsWord $points;

    public function __construct(?PointsWord $points = null)
    {
        $this->points = $points ?? PointsWord::english();
    }

    public function speaking(string $sheet): self
    {
        return new self(PointsWord::usedIn($sheet));
    }

    public function parts(): array
    {
        return Part::cases();
    }

    public function sharesWeights(): bool
    {
        return true;
    }

    public function isKeyedElsewhere(Block $block): bool
    {
        return false;
    }

    public function spelledAt(string $before, string $text): string
    {
        return $text;
    }

    public function head(string $text): string
    {
        return '';
    }

    public function rewritten(Block $block, BlockReading $reading, string $text, Question $new): ?string
    {
        $old = $reading->question;
        $body = new GramBody($text);
        if (null === $old || null === $body->stemSpan) {
            return null;
        }
        $newLine = LineEnding::forNewLinesIn($text);
        $lines = new GramLines($new->stem->format);
        $answers = self::answers($old, $new, $body, $text, $lines);
        $stem = $this->stem($old, $new, $body, $text, $lines);
        if (null === $answers || null === $stem) {
            return null;
        }
        $edits = [...$stem, ...$answers];
        if ($old->title !== $new->title) {
            $edits[] = self::title($body, $text, $new->title);
        }
        if (!Meaning::isOne($old->explanation, $new->explanation)) {
            $explanation = self::explained($body, $text, null === $new->explanation ? [] : $lines->text('#### ', $new->explanation));
            if (null === $explanation) {
                return null;
            }
            $edits[] = $explanation;
        }
        usort($edits, static fn (TextEdit $one, TextEdit $other) => $one->span->start <=> $other->span->start);

        return str_replace("\x00", $newLine, TextEdit::allIn($text, $edits));
    }

    /**
     * Lines in the words of an edit: their ends are put in at last.
     *
     * @param list<string> $lines
     */
    private static function joined(array $lines): string
    {
        return implode("\x00", $lines);
    }

    private static function title(GramBody $body, string $text, ?string $title): TextEdit
    {
        $span = $body->titleSpan;
        if (null === $title) {
            return TextEdit::remove(null === $span ? Span::at(0) : self::wholeLine($span, $text));
        }

        return null === $span
            ? TextEdit::insert(self::lineStart($text, $body->stemSpan->start ?? 0), ":: {$title}\x00")
            : new TextEdit($span, ':: '.$title);
    }

    private static function lineStart(string $text, int $offset): int
    {
        return $offset - strcspn(strrev(substr($text, 0, $offset)), "\r\n");
    }

    /** From the start of its line to the start of the next. */
    private static function wholeLine(Span $span, string $text): Span
    {
        $end = $span->end + strcspn($text, "\r\n", $span->end);

        return new Span(self::lineStart($text, $span->start), $end + ("\r\n" === substr($text, $end, 2) ? 2 : min(1, \strlen($text) - $end)));
    }

    /** @param list<string> $lines none takes it out */
    private static function explained(GramBody $body, string $text, array $lines): ?TextEdit
    {
        $span = $body->explanationSpan;
        if (null !== $body->explanation && null === $span) {
            return null;
        }
        if ([] === $lines) {
            $lead = null === $span ? 0 : \strlen(rtrim(substr($text, 0, $span->start)));

            return null === $span ? null : TextEdit::remove(new Span($lead, $span->end));
        }

        return null === $span ? TextEdit::insert(\strlen(rtrim($text)), "\x00".self::joined($lines)) : new TextEdit($span, self::joined($lines));
    }

    /** @return ?list<TextEdit> */
    private function stem(Question $old, Question $new, GramBody $body, string $text, GramLines $lines): ?array
    {
        $span = $body->stemSpan ?? Span::at(0);
        $edits = [];
        [$written, $note] = self::pointsAt($span, $text);
        if ($old->points !== $new->points && '' === $note && null !== $old->points) {
            $edit = PointsNote::edit($text, $new->points, self::lineStart($text, $span->start));
            $edits = null === $edit ? [] : [$edit];
        } elseif ($old->points !== $new->points) {
            $points = null === $new->points ? '' : $this->points->of($new->points);
            $isFenced = [] !== $body->stemEnds && null === $body->stemEnds[\count($body->stemEnds) - 1] && '' === $note;
            $edits[] = new TextEdit(new Span('' === $points ? $written->end : $span->end - \strlen($note), $span->end), ('' === $note && '' !== $points ? ($isFenced ? "\x00" : ' ') : '').$points);
        }
        if (Meaning::isOne($old->stem, $new->stem)) {
            return $edits;
        }
        if ($old->answers instanceof Gap && $new->answers instanceof Gap) {
            $around = self::aroundGap($old->answers, $new->answers, $written, $text);

            return null === $around ? null : [...$around, ...$edits];
        }
        $format = GramText::formatAt($written->of($text));
        $prefix = match (true) {
            $old->stem->format === $new->stem->format => null === $format ? '' : substr($written->of($text), 0, $format->end),
            \in_array($new->stem->format, [FormattedText::AUTO, FormattedText::MARKDOWN], true) => '',
            default => "[{$new->stem->format}]",
        };

        return [new TextEdit($written, self::joined($lines->stem($new->with(['points' => null]), $prefix))), ...$edits];
    }

    /** @return array{Span, string} the stem without the points at its end, and these */
    private static function pointsAt(Span $stem, string $text): array
    {
        $points = PaperWords::all()->points;
        if (!Regex::match("~\\s*+(?<!\\\\)(\\(\\d{1,3}(?:[.,]\\d{1,2})?+\\s*+(?:{$points})\\))\\z~iu", $stem->of($text), $match)) {
            return [$stem, ''];
        }

        return [new Span($stem->start, $stem->end - \strlen($match[0])), $match[1]];
    }

    /**
     * The words before the braces and those behind them.
     *
     * @return ?list<TextEdit>
     */
    private static function aroundGap(Gap $old, Gap $new, Span $stem, string $text): ?array
    {
        $gap = self::braces($stem, $text);
        if (null === $gap || null !== GramText::formatAt($stem->of($text))) {
            return null;
        }
        $edits = [];
        if ($old->before !== $new->before) {
            $blank = str_ends_with($new->before, ' ') ? ' ' : '';
            $edits[] = new TextEdit(new Span($stem->start, $gap->start), self::joined(GramText::spelled(GramText::shielded(GramText::withBraces(rtrim($new->before))), false)).$blank);
        }
        if ($old->after !== $new->after) {
            // Its first line goes on behind the braces.
            $after = explode("\n", GramText::withBraces($new->after));
            $edits[] = new TextEdit(new Span($gap->end, $stem->end), self::joined([$after[0], ...(\count($after) > 1 ? GramText::spelled(implode("\n", \array_slice($after, 1)), false) : [])]));
        }

        return $edits;
    }

    private static function braces(Span $stem, string $text): ?Span
    {
        $open = GramText::gapIn($stem->of($text));

        return null !== $open && Regex::match('/\G(?:\\\\.|[^\\\\}])*+\}/', $text, $match, 0, $stem->start + $open) ? new Span($stem->start + $open, $stem->start + $open + \strlen($match[0])) : null;
    }

    /** @return ?list<TextEdit> */
    private static function answers(Question $old, Question $new, GramBody $body, string $text, GramLines $lines): ?array
    {
        [$was, $is] = [$old->answers, $new->answers];
        if (Meaning::isOne($was, $is)) {
            return [];
        }
        if ($was instanceof Gap && $is instanceof Gap) {
            $gap = self::braces($body->stemSpan ?? Span::at(0), $text);

            return null === $gap ? null : (new BraceRewriter($text, $text, new Span($gap->start + 1, $gap->end - 1), $new->stem->format))->edits($was->filler, $is->filler);
        }

        return match (true) {
            ($was instanceof Choice || $was instanceof MultipleResponse) && ($is instanceof Choice || $is instanceof MultipleResponse) => self::options($was, $is, $body, $text, $lines),
            $was instanceof ShortAnswer && $is instanceof ShortAnswer => self::list($body, $text, $is->accepted, static fn (AcceptedAnswer $answer) => $lines->accepted($answer, 1 === \count($is->accepted)), static function (GramOption $option, int $index, AcceptedAnswer $answer) use ($was, $is, $lines, $text): array {
                $written = $lines->accepted($answer, 1 === \count($is->accepted));
                Regex::match('/^=\S*+/', $written[0], $mark);

                return [
                    $was->accepted[$index]->weight->equals($answer->weight) ? $option->mark()->of($text) : $mark[0] ?? '=',
                    $was->accepted[$index]->text === $answer->text ? null : [...$lines->accepted(new AcceptedAnswer($answer->text, $answer->weight, null, $answer->span), false)],
                    Meaning::isOne($was->accepted[$index]->feedback, $answer->feedback) ? null : $lines->feedback($answer->feedback),
                ];
            }),
            $was instanceof Numeric && $is instanceof Numeric => self::list($body, $text, $is->numbers, $lines->number(...), static fn (GramOption $option, int $index, AcceptedNumber $number): array => [
                $was->numbers[$index]->weight->equals($number->weight) ? $option->mark()->of($text) : (string) strstr($lines->number($number)[0], '#', true),
                $was->numbers[$index]->spelled() === $number->spelled() ? null : [$lines->number($number)[0]],
                Meaning::isOne($was->numbers[$index]->feedback, $number->feedback) ? null : $lines->feedback($number->feedback),
            ]),
            $was instanceof Matching && $is instanceof Matching => self::list($body, $text, $is->pairs, $lines->pair(...), static fn (GramOption $option, int $index, Pair $pair): array => [
                $option->mark()->of($text),
                Meaning::isOne($was->pairs[$index], $pair) ? null : $lines->pair($pair),
                null,
            ]),
            $was instanceof TrueFalse && $is instanceof TrueFalse => self::truth($was, $is, $body, $text, $lines),
            default => null,
        };
    }

    /** @return ?list<TextEdit> */
    private static function options(Choice|MultipleResponse $old, Choice|MultipleResponse $new, GramBody $body, string $text, GramLines $lines): ?array
    {
        $marks = GramLines::marks($new);
        $isMarkedAlike = [] === array_udiff_assoc(GramLines::marks($old), $marks, strcmp(...)) && \count($old->options) === \count($new->options);
        $markOf = [];
        foreach ($new->options as $index => $option) {
            $markOf[spl_object_id($option)] = $marks[$index];
        }

        return self::list($body, $text, $new->options, static fn (Option $option) => $lines->option($option, $markOf[spl_object_id($option)]), static fn (GramOption $was, int $index, Option $option): array => [
            $isMarkedAlike ? $was->mark()->of($text) : $markOf[spl_object_id($option)],
            Meaning::isOne($old->options[$index]->text, $option->text) ? null : $lines->text('= ', $option->text),
            Meaning::isOne($old->options[$index]->feedback, $option->feedback) ? null : $lines->feedback($option->feedback),
        ]);
    }

    /**
     * @template T of Option|AcceptedAnswer|AcceptedNumber|Pair
     *
     * @param list<T>                                                                                $new
     * @param \Closure(T): list<string>                                                              $fresh how a new one is written
     * @param \Closure(GramOption, int, T): array{string, ?list<string>, ?list<string>} $changed the mark of a kept one, and the lines of its text behind a mark and of its feedback, null where they stay
     *
     * @return ?list<TextEdit>
     */
    private static function list(GramBody $body, string $text, array $new, \Closure $fresh, \Closure $changed): ?array
    {
        $spans = array_map(static fn (GramOption $option) => $option->span(), $body->options);
        if ([] === $new || [] === $spans) {
            return null;
        }
        $places = array_flip(array_map(static fn (Span $span) => $span->start, $spans));
        $written = [];
        foreach ($new as $one) {
            $index = $places[$one->span->start] ?? null;
            $written[] = [$index, null === $index ? self::joined($fresh($one)) : self::option($body->options[$index], $text, ...$changed($body->options[$index], $index, $one))];
        }

        return [(new WrittenList($text, $spans))->with($written, "\x00")];
    }

    /**
     * @param ?list<string> $lines    of its text, the first with a mark
     * @param ?list<string> $feedback
     */
    private static function option(GramOption $option, string $text, string $mark, ?array $lines, ?array $feedback): string
    {
        $end = $option->feedbackAt ?? $option->end;
        if (null === $lines) {
            $signEnd = $option->start + $option->mark->signLength();
            $written = $mark.substr($text, $signEnd, $option->textEnd - $signEnd);
        } else {
            $lines[0] = Regex::replace('/^=[^\s#]*+/', addcslashes($mark, '\\$'), $lines[0]);
            $written = self::joined($lines);
        }
        if (null === $feedback) {
            return $written.substr($text, $option->textEnd, $option->end - $option->textEnd);
        }
        if ([] === $feedback) {
            return $written;
        }
        $between = null === $option->feedbackAt ? '' : substr($text, $option->textEnd, $end - $option->textEnd);

        return $written.('' === $between ? "\x00".self::joined($feedback) : $between.ltrim(self::joined($feedback)));
    }

    /** @return ?list<TextEdit> */
    private static function truth(TrueFalse $old, TrueFalse $new, GramBody $body, string $text, GramLines $lines): ?array
    {
        if (null === $new->answer || [] === $body->options) {
            return null;
        }
        $option = $body->options[0];
        $edits = $old->answer === $new->answer ? [] : [GramMarker::word($option, $new->answer)];
        if (!Meaning::isOne([$old->feedbackWhenWrong, $old->feedbackWhenRight], [$new->feedbackWhenWrong, $new->feedbackWhenRight])) {
            $feedback = $lines->feedbackOfTruth($new);
            $edits[] = new TextEdit(new Span($option->textEnd, $option->end), [] === $feedback ? '' : "\x00".self::joined($feedback));
        }

        return $edits;
    }
}
