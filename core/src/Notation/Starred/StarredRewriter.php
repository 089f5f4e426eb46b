<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\LetteredList;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Part;
use Notagram\Notation\PointsWord;
use Notagram\Notation\Rewriter;
use Notagram\Notation\WrittenList;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Meaning;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Changes a question line by line; its number stays, its letters run on, and its stars go with their options. */
final readonly class StarredRewriter implements Rewriter
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
        return [Part::Points, Part::Explanation];
    }

    public function sharesWeights(): bool
    {
        return true;
    }

    public function isKeyedElsewhere(Block $block): bool
    {
        return '' !== StarredContext::of($block)->key;
    }

    public function spelledAt(string $before, string $text): string
    {
        return $text;
    }

    public function head(string $text): string
    {
        $line = StarredLine::at($text, strspn($text, "\r\n"));

        return substr($text, 0, $line->span->start + ($line->number()->length ?? 0));
    }

    public function rewritten(Block $block, BlockReading $reading, string $text, Question $new): ?string
    {
        $old = $reading->question;
        $body = new StarredBody($text);
        if (null === $old || [] === $body->stem) {
            return null;
        }
        $answers = $this->answers($old->answers, $new->answers, $block, $body, $text);
        if (null === $answers) {
            return null;
        }
        $edits = [
            ...$answers,
            ...($old->stem->text === $new->stem->text ? [] : [self::stem($body, $text, $new)]),
            ...($old->points === $new->points ? [] : $this->pointsEdits($body, $text, $new->points)),
            ...($old->explanation?->text === $new->explanation?->text ? [] : self::explanation($body, $text, $new->explanation?->text)),
        ];
        usort($edits, static fn (TextEdit $one, TextEdit $other) => $one->span->start <=> $other->span->start);
        $changed = TextEdit::allIn($text, $edits);
        if ([] === $body->options || [] === $new->options()) {
            return $changed;
        }
        $keys = array_keys(array_filter($new->options(), static fn (Option $option) => $option->isKey));
        $isMarkedHere = null !== $body->answer || [] !== array_filter($body->options, static fn (StarredOption $option) => [] !== $option->stars);
        $marks = !$isMarkedHere && $this->isKeyedElsewhere($block) ? [] : (new StarredMarker())->options($block, $changed, $keys);

        return null === $marks ? null : TextEdit::allIn($changed, $marks);
    }

    private static function stem(StarredBody $body, string $text, Question $new): TextEdit
    {
        $written = $new->stem->text;
        // A blank stays as long as it was printed.
        if ($new->answers instanceof Gap && Regex::match(StarredQuestion::BLANK, $body->stemText(), $blank)) {
            $written = $new->answers->before.$blank[0].$new->answers->after;
        }

        return new TextEdit($body->stemSpan(), str_replace("\n", LineEnding::forNewLinesIn($text), trim($written)));
    }

    /** @return list<TextEdit> */
    private function pointsEdits(StarredBody $body, string $text, ?string $points): array
    {
        $written = null === $points ? '' : $this->points->of($points);
        $stem = $body->stemSpan();
        $pattern = PaperWords::all()->pointsPattern();
        if (Regex::match("~(\\s*+)({$pattern})([ \\t]*+[:.]?[ \\t]*+)\\z~iu", substr($text, 0, $stem->start), $match, \PREG_OFFSET_CAPTURE)) {
            [$old, $start] = $match[2];

            return [new TextEdit(new Span($start, $start + \strlen($old) + ('' === $written ? $stem->start - $start - \strlen($old) : 0)), $written)];
        }
        if (Regex::match("~\\G[ \\t]*+\\K{$pattern}~iu", $text, $match, \PREG_OFFSET_CAPTURE, $stem->end)) {
            [$old, $start] = $match[0];

            return [new TextEdit(new Span('' === $written ? $stem->end : $start, $start + \strlen($old)), $written)];
        }

        return '' === $written ? [] : [TextEdit::insert($stem->start, $written.' ')];
    }

    /** @return list<TextEdit> */
    private static function explanation(StarredBody $body, string $text, ?string $explanation): array
    {
        $newLine = LineEnding::forNewLinesIn($text);
        if (null === $explanation) {
            return null === $body->explanationSpan ? [] : [TextEdit::remove(new Span($body->end, $body->explanationSpan->end))];
        }
        $written = str_replace("\n", $newLine, $explanation);

        return [null === $body->explanationSpan ? TextEdit::insert($body->end, $newLine.'Explanation: '.$written) : new TextEdit($body->explanationSpan, $written)];
    }

    /** @return ?list<TextEdit> */
    private function answers(Answers $old, Answers $new, Block $block, StarredBody $body, string $text): ?array
    {
        if (Meaning::isOne($old, $new)) {
            return [];
        }
        $was = $old instanceof Gap ? $old->filler : $old;
        $is = $new instanceof Gap ? $new->filler : $new;

        return match (true) {
            // Behind the points that may end the stem.
            $is instanceof Essay => [new TextEdit(new Span(self::behindStem($body, $text), $body->end), LineEnding::forNewLinesIn($text).'...')],
            // The list says it.
            null === $body->answer && $this->isKeyedElsewhere($block) && ($is instanceof TrueFalse || $is instanceof ShortAnswer) && [] === array_filter($body->truths, static fn (StarredTruth $truth) => $truth->isMarked) => [],
            $was instanceof TrueFalse && $is instanceof TrueFalse => (new StarredMarker())->truth($block, $text, $is->answer),
            $was instanceof ShortAnswer && $is instanceof ShortAnswer => self::typed($was, $is, $block, $body, $text),
            $was instanceof Matching && $is instanceof Matching => self::pairs($is->pairs, $was->pairs, $body, $text),
            $is instanceof Choice || $is instanceof MultipleResponse => self::options($is->options, $body, $text),
            default => null,
        };
    }

    private static function behindStem(StarredBody $body, string $text): int
    {
        $end = $body->stemSpan()->end;

        return min($body->end, $end + strcspn($text, "\r\n", $end));
    }

    /** @return ?list<TextEdit> */
    private static function typed(ShortAnswer $old, ShortAnswer $new, Block $block, StarredBody $body, string $text): ?array
    {
        $forms = array_map(static fn (AcceptedAnswer $answer) => $answer->text, $new->accepted);
        $isHere = null !== $body->answer && [] !== $old->accepted;
        if (!$isHere || [] === $new->accepted) {
            return (new StarredMarker())->typed($block, $text, $forms);
        }
        $places = array_map(static fn (AcceptedAnswer $answer) => $answer->span, $old->accepted);
        $index = array_flip(array_map(static fn (Span $span) => $span->start, $places));
        $entries = array_map(static function (AcceptedAnswer $answer) use ($index, $old, $text): array {
            $was = $index[$answer->span->start] ?? null;

            return [$was, null !== $was && $old->accepted[$was]->text === $answer->text ? $answer->span->of($text) : KeyAnswer::spelled([$answer->text])];
        }, $new->accepted);

        return [(new WrittenList($text, $places))->with($entries, ' / ')];
    }

    /**
     * @param list<Pair> $new
     * @param list<Pair> $old
     *
     * @return ?list<TextEdit>
     */
    private static function pairs(array $new, array $old, StarredBody $body, string $text): ?array
    {
        if ([] === $new || [] === $body->pairs) {
            return null;
        }
        $places = array_map(static fn (StarredLine $line) => $line->span, $body->pairs);
        $index = array_flip(array_map(static fn (Span $span) => $span->start, $places));
        $entries = array_map(static function (Pair $pair) use ($index, $old, $text): array {
            $was = $index[$pair->span->start] ?? null;

            return [$was, null !== $was && Meaning::isOne($old[$was], $pair) ? $pair->span->of($text) : ltrim($pair->prompt->text.' -> '.$pair->match)];
        }, $new);

        return [(new WrittenList($text, $places))->with($entries, LineEnding::forNewLinesIn($text))];
    }

    /**
     * @param list<Option> $new
     *
     * @return ?list<TextEdit>
     */
    private static function options(array $new, StarredBody $body, string $text): ?array
    {
        if ([] === $body->options) {
            return null;
        }
        $edit = (new LetteredList($text, array_map(static fn (StarredOption $option) => $option->span, $body->options)))->with($new, static fn (Option $option, ?int $index) => null === $index ? self::spelled($option->text->text, $text) : self::option($option, $body->options[$index], $text));

        return null === $edit ? null : [$edit];
    }

    private static function option(Option $option, StarredOption $was, string $text): string
    {
        $whole = $was->span->of($text);
        if (str_replace('\*', '*', $was->text) === $option->text->text) {
            return $whole;
        }
        $length = StarredLine::at($text, $was->span->start)->letter()->length ?? 0;
        $behind = '';
        foreach ($was->stars as $star) {
            if ($star->end === $was->span->end) {
                $behind = $star->of($text);
            } elseif ($star->start === $was->span->start + $length) {
                ++$length;
            }
        }

        return substr($whole, 0, $length).self::spelled($option->text->text, $text).$behind;
    }

    /** A star without a partner would mark the option. */
    private static function spelled(string $text, string $block): string
    {
        $text = 1 === Regex::matchAll('/(?<!\\\\)\*/', $text) % 2 ? str_replace('*', '\*', $text) : $text;

        return str_replace("\n", LineEnding::forNewLinesIn($block), $text);
    }
}
