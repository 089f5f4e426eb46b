<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Finding\TextEdit;
use Notagram\Notation\PercentMark;
use Notagram\Notation\WrittenList;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Matching;
use Notagram\Question\Meaning;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Changes what stands between the braces of one question, entry by entry. */
final readonly class BraceRewriter
{
    private BraceWriter $writer;

    /**
     * @param string $block  the question's own text
     * @param string $masked the same with its comments masked
     * @param Span   $inside between the braces, without an explanation
     * @param string $format of the stem, which answers inherit
     * @param bool   $keepsSigns whether an option keeps its sign when it earns something else
     */
    public function __construct(private string $block, private string $masked, private Span $inside, string $format, private bool $keepsSigns = false)
    {
        $this->writer = new BraceWriter($format);
    }

    /** @return ?list<TextEdit> null where the answers have to be written anew */
    public function edits(Answers $old, Answers $new): ?array
    {
        if (Meaning::isSpelledAsOne($old, $new)) {
            return [];
        }

        return match (true) {
            $old instanceof TrueFalse && $new instanceof TrueFalse => $this->truth($old, $new),
            $old instanceof Numeric && $new instanceof Numeric => $this->numbers($old->numbers, $new->numbers),
            $old instanceof Matching && $new instanceof Matching => $this->entries($old->pairs, $new->pairs, $this->writer->pair(...), $this->pair(...)),
            $old instanceof ShortAnswer && $new instanceof ShortAnswer => $this->entries($old->accepted, $new->accepted, $this->writer->accepted(...), $this->accepted(...)),
            ($old instanceof Choice || $old instanceof MultipleResponse) && ($new instanceof Choice || $new instanceof MultipleResponse) => $this->entries(
                $old->options,
                $new->options,
                fn (Option $option) => $this->writer->option($option, $new),
                fn (BraceEntry $entry, Option $was, Option $option) => $this->option($entry, $was, $option, $old, $new),
            ),
            default => null,
        };
    }

    /**
     * @template T of Option|AcceptedAnswer|Pair
     *
     * @param list<T>                        $old
     * @param list<T>                        $new
     * @param \Closure(T): string            $fresh how a new one is written
     * @param \Closure(BraceEntry, T, T): ?string $changed how a kept one is, null where it cannot be told
     *
     * @return ?list<TextEdit>
     */
    private function entries(array $old, array $new, \Closure $fresh, \Closure $changed): ?array
    {
        $entries = (new BraceEntries($this->masked, $this->inside->of($this->masked), $this->inside->start))->read();
        if ([] === $new || \count($entries) !== \count($old)) {
            return null;
        }
        $places = array_flip(array_map(static fn (BraceEntry $entry) => $entry->span->start, $entries));
        $written = [];
        foreach ($new as $one) {
            $index = $places[$one->span->start] ?? null;
            $text = null === $index ? $fresh($one) : $changed($entries[$index], $old[$index], $one);
            if (null === $text) {
                return null;
            }
            $written[] = [$index, rtrim($text)];
        }

        return $this->list(array_map(static fn (BraceEntry $entry) => $entry->span, $entries), $written);
    }

    /**
     * @param list<Span>                              $spans
     * @param non-empty-list<array{?int, string}> $written
     *
     * @return ?list<TextEdit>
     */
    private function list(array $spans, array $written): ?array
    {
        if ([] === $spans) {
            return null;
        }

        return [(new WrittenList($this->block, array_map($this->trimmed(...), $spans)))->with($written, $this->lineBreakBefore($spans[0]->start) ?? ' ')];
    }

    /** Where the first answer starts a line, what leads to it. */
    private function lineBreakBefore(int $offset): ?string
    {
        $before = substr($this->block, 0, $offset);
        $indent = substr($before, \strlen(rtrim($before, " \t")));

        return Regex::match('/[\r\n][ \t]*+\z/', $before) ? LineEnding::forNewLinesIn($this->block).$indent : null;
    }

    private function trimmed(Span $span): Span
    {
        return new Span($span->start, $span->start + \strlen(rtrim($span->of($this->masked), BraceText::BLANKS)));
    }

    private function option(BraceEntry $entry, Option $was, Option $option, Choice|MultipleResponse $before, Choice|MultipleResponse $after): ?string
    {
        $isMarkedAsBefore = $before::class === $after::class && $was->weight->equals($option->weight) && ($this->keepsSigns || $was->isKey === $option->isKey);
        if (!$isMarkedAsBefore && '' === $entry->mark) {
            return null;
        }
        $mark = match (true) {
            $isMarkedAsBefore => $entry->markSpan->of($this->block),
            $this->keepsSigns => $entry->mark.substr(PercentMark::spell($option->weight), 1),
            default => $this->writer->mark($option, $after),
        };

        return $mark
            .$this->text($entry, Meaning::isSpelledAsOne($was->text, $option->text) ? null : $this->writer->text($option->text))
            .$this->feedback($entry, $was->feedback, $option->feedback);
    }

    private function accepted(BraceEntry $entry, AcceptedAnswer $was, AcceptedAnswer $answer): string
    {
        return ($was->weight->equals($answer->weight) ? $entry->markSpan->of($this->block) : BraceWriter::acceptedMark($answer->weight))
            .$this->text($entry, $was->text === $answer->text ? null : BraceText::spelled($answer->text, BraceText::MARKS_IN_ANSWERS))
            .$this->feedback($entry, $was->feedback, $answer->feedback);
    }

    private function pair(BraceEntry $entry, Pair $was, Pair $pair): ?string
    {
        $arrow = BraceAnswers::arrow($entry->text);
        if (null === $arrow || null !== $entry->feedback) {
            return null;
        }
        $textAt = $entry->markSpan->end;
        $prompt = substr($this->block, $textAt, $arrow->start);
        $match = substr($this->block, $textAt + $arrow->end, $this->trimmed($entry->span)->end - $textAt - $arrow->end);

        return $entry->markSpan->of($this->block)
            .(Meaning::isSpelledAsOne($was->prompt, $pair->prompt) ? $prompt : ltrim(self::blanksBefore($prompt).$this->writer->text($pair->prompt).' '))
            .$arrow->of($entry->text)
            .($was->match === $pair->match ? $match : ' '.BraceText::spelled($pair->match, BraceText::MARKS_IN_ANSWERS));
    }

    /** The text of an entry, with what stands around it, up to its feedback or its end. */
    private function text(BraceEntry $entry, ?string $new): string
    {
        $end = null === $entry->feedback ? $this->trimmed($entry->span)->end : $entry->markSpan->end + \strlen($entry->text);
        $spelled = substr($this->block, $entry->markSpan->end, $end - $entry->markSpan->end);

        return null === $new ? $spelled : self::blanksBefore($spelled).$new.self::blanksBehind($spelled);
    }

    private function feedback(BraceEntry $entry, ?FormattedText $was, ?FormattedText $new): string
    {
        $at = $entry->markSpan->end + \strlen($entry->text);
        $spelled = null === $entry->feedback ? '' : substr($this->block, $at, max(0, $this->trimmed($entry->span)->end - $at));

        return match (true) {
            Meaning::isSpelledAsOne($was, $new) => $spelled,
            null === $new => '',
            default => '#'.(null === $was ? '' : self::blanksBefore(substr($spelled, 1))).$this->writer->text($new),
        };
    }

    private static function blanksBefore(string $spelled): string
    {
        return substr($spelled, 0, strspn($spelled, " \t"));
    }

    private static function blanksBehind(string $spelled): string
    {
        return substr($spelled, \strlen(rtrim($spelled)));
    }

    /**
     * @param list<AcceptedNumber> $old
     * @param list<AcceptedNumber> $new
     *
     * @return ?list<TextEdit>
     */
    private function numbers(array $old, array $new): ?array
    {
        $places = array_flip(array_map(static fn (AcceptedNumber $number) => $number->span->start, $old));
        $written = [];
        foreach ($new as $number) {
            $index = $places[$number->span->start] ?? null;
            $spelled = null === $index
                ? substr(implode('', $this->writer->numbers(new Numeric([$number]))), 1)
                : $this->number($this->trimmed($number->span)->of($this->block), $old[$index], $number);
            if (null === $spelled) {
                return null;
            }
            // Only one that is alone needs no mark.
            $spelled = \count($new) > 1 || str_starts_with(ltrim($spelled), '%') ? Regex::replace('/^(\s*+)(?!\s|=)/', '$1=', $spelled) : $spelled;
            $written[] = [$index, $spelled];
        }

        return [] === $written ? null : $this->list(array_map(static fn (AcceptedNumber $number) => $number->span, $old), $written);
    }

    private function number(string $spelled, AcceptedNumber $was, AcceptedNumber $number): ?string
    {
        if (!Regex::match('/^(\s*+=?+\s*+)(%[^%]*+%)?+(\s*+)([^\s#]++(?:\s++[^\s#]++)*+)(\s*+)(#.*+)?+\z/s', $spelled, $match)) {
            return null;
        }
        $match += ['', '', '', '', '', '', ''];

        return $match[1]
            .($was->weight->equals($number->weight) ? $match[2] : substr(BraceWriter::acceptedMark($number->weight), 1))
            .$match[3]
            .($was->spelled() === $number->spelled() ? $match[4] : $number->spelled())
            .match (true) {
                Meaning::isSpelledAsOne($was->feedback, $number->feedback) => $match[5].$match[6],
                null === $number->feedback => '',
                default => '#'.$this->writer->text($number->feedback),
            };
    }

    /** @return ?list<TextEdit> */
    private function truth(TrueFalse $old, TrueFalse $new): ?array
    {
        $span = $this->trimmed($this->inside);
        if (null === $new->answer || !Regex::match('/^[\s\xFF]*+\K(?:TRUE|FALSE|T|F)/i', $span->of($this->masked), $match, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        [$word, $at] = $match[0];
        $wordEnd = $span->start + $at + \strlen($word);
        $edits = [];
        if ($old->answer !== $new->answer) {
            $edits[] = new TextEdit(new Span($span->start + $at, $wordEnd), 1 === \strlen($word) ? ($new->answer ? 'T' : 'F') : ($new->answer ? 'TRUE' : 'FALSE'));
        }
        if (!Meaning::isSpelledAsOne($old->feedbackWhenWrong, $new->feedbackWhenWrong) || !Meaning::isSpelledAsOne($old->feedbackWhenRight, $new->feedbackWhenRight)) {
            $parts = BraceAnswers::partsAtHash(substr($this->block, $wordEnd, $span->end - $wordEnd));
            $wrong = Meaning::isSpelledAsOne($old->feedbackWhenWrong, $new->feedbackWhenWrong) ? $parts[1] ?? '' : (null === $new->feedbackWhenWrong ? '' : $this->writer->text($new->feedbackWhenWrong));
            $right = Meaning::isSpelledAsOne($old->feedbackWhenRight, $new->feedbackWhenRight) ? $parts[2] ?? '' : (null === $new->feedbackWhenRight ? '' : $this->writer->text($new->feedbackWhenRight));
            $edits[] = new TextEdit(new Span($wordEnd, $span->end), rtrim($parts[0].('' === $wrong.$right ? '' : '#'.$wrong.('' === $right ? '' : '#'.$right))));
        }

        return $edits;
    }
}
