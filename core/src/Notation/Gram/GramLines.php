<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Braces\BraceWriter;
use Notagram\Notation\PaperWords;
use Notagram\Notation\PercentMark;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;

/** The lines of each part of one question. */
final readonly class GramLines
{
    private const BELOW = '  ';

    /** @param string $format of the stem, which the other texts have where nothing is said of theirs */
    public function __construct(private string $format)
    {
    }

    /**
     * @param string $prefix the format in its brackets, or empty
     *
     * @return list<string>
     */
    public function stem(Question $question, string $prefix): array
    {
        $stem = $question->stem;
        $gap = $question->answers;
        // Without an accepted answer there is nothing to put into the braces: the sentence keeps its blank.
        $text = $gap instanceof Gap && [] !== [...$question->options(), ...$question->accepted()]
            ? GramText::withBraces($gap->before).self::onOneLine((new BraceWriter($this->format))->filled($gap, null)).GramText::withBraces($gap->after)
            : GramText::withBraces($stem->text);
        $lines = match (true) {
            '' !== $prefix => self::formatted($text, $prefix),
            '' === $text => [],
            default => GramText::spelled(GramText::shielded($text), false),
        };
        $last = \count($lines) - 1;
        if ($last >= 0 && Regex::match('~\(\d{1,3}(?:[.,]\d{1,2})?+\s*+(?:'.PaperWords::all()->points.')\)\z~iu', $lines[$last], $match)) {
            $lines[$last] = substr($lines[$last], 0, -\strlen($match[0])).'\\'.$match[0];
        }
        if (null !== $question->points) {
            $points = \sprintf('(%s %s)', $question->points, '1' === $question->points ? 'point' : 'points');
            // Behind a sign that stands alone, they would make a mark of it.
            $isAlone = $last >= 0 && Regex::match('~^[ \t]*+(?:[=\~\#$:\\\\]++|\{-?+\})[ \t]*+\z~', $lines[$last]);
            if ($last >= 0 && !$isAlone && !str_contains($lines[$last], '```')) {
                $lines[$last] .= ' '.$points;
            } else {
                $lines[] = $points;
            }
        }

        return array_values($lines);
    }

    /** The blank after a word in brackets says that it is no format; a line break that is written out does not. */
    private static function onOneLine(string $braces): string
    {
        return str_replace("\n", '\n', Regex::replace('/\[[A-Za-z][\w-]{0,19}\](?=\n)/', '$0 ', $braces));
    }

    /**
     * Behind its format, the first line of a stem is no longer at the start of one.
     *
     * @return non-empty-list<string>
     */
    private static function formatted(string $text, string $format): array
    {
        $lines = GramText::spelled($text, false);
        $isFence = Regex::match(GramFences::OPENING, $lines[0]);

        $first = explode("\n", $text)[0];
        $first = '' !== $first && '' === trim($first, '\\') ? '\\'.$first : $first;

        if ('' === $text) {
            return [$format.'\\'];
        }

        return $isFence ? [$format.'\\', ...$lines] : [$format.$first, ...\array_slice($lines, 1)];
    }

    /** @return non-empty-list<string> */
    public function option(Option $option, string $mark): array
    {
        return [...$this->text($mark.' ', $option->text), ...$this->feedback($option->feedback)];
    }

    /** @return list<string> the mark of each option, with a weight where the marks alone would not say it */
    public static function marks(Choice|MultipleResponse $answers): array
    {
        return self::marksAlone($answers) ?? array_map(static fn (Option $option) => match (true) {
            // Beside others that have a weight, none is nothing.
            $option->weight->isZero() => '~',
            $answers instanceof MultipleResponse, !$option->isKey => PercentMark::spell($option->weight),
            $option->weight->equals(Weight::full()) => '=',
            default => '='.substr(PercentMark::spell($option->weight), 1),
        }, $answers->options);
    }

    /** @return ?list<string> signs without weights; null where they would mean something else */
    public static function marksAlone(Choice|MultipleResponse $answers): ?array
    {
        $isKey = array_map(static fn (Option $option) => $option->isKey, $answers->options);
        $rights = \count(array_filter($isKey));
        if ($answers instanceof MultipleResponse ? $rights < 2 || $rights === \count($isKey) : $rights > 1) {
            return null;
        }
        $shares = $answers instanceof MultipleResponse
            ? EvenShares::for($isKey)
            : array_map(static fn (bool $key) => $key ? Weight::full() : Weight::none(), $isKey);
        foreach ($answers->options as $index => $option) {
            // As near as five decimals come to it: so it was written before it was read.
            if ($option->weight->rounded(PercentMark::DECIMALS) !== $shares[$index]->rounded(PercentMark::DECIMALS)) {
                return null;
            }
        }

        return array_map(static fn (bool $key) => $key ? '=' : '~', $isKey);
    }

    /**
     * @param bool $isAlone whether it is the only one: then a word for true would ask for true or false
     *
     * @return non-empty-list<string>
     */
    public function accepted(AcceptedAnswer $answer, bool $isAlone): array
    {
        $isTruth = $isAlone && null !== PaperWords::all()->truth($answer->text);
        $weight = $answer->weight->equals(Weight::full()) && !$isTruth ? '' : substr(PercentMark::spell($answer->weight), 1);

        return [...$this->text("={$weight} ", new FormattedText(str_replace('->', '\->', $answer->text), $this->format)), ...$this->feedback($answer->feedback)];
    }

    /** @return list<string> */
    public function feedbackOfTruth(TrueFalse $answers): array
    {
        $isOnlyWhenRight = null === $answers->feedbackWhenWrong && null !== $answers->feedbackWhenRight;

        return [...($isOnlyWhenRight ? [self::BELOW.'#'] : $this->feedback($answers->feedbackWhenWrong)), ...$this->feedback($answers->feedbackWhenRight)];
    }

    /** @return non-empty-list<string> */
    public function pair(Pair $pair): array
    {
        return $this->text('= ', new FormattedText(trim(str_replace('->', '\->', $pair->prompt->text).' -> '.str_replace('->', '\->', $pair->match)), $pair->prompt->format));
    }

    /** @return list<string> */
    public function number(AcceptedNumber $number): array
    {
        $weight = $number->weight->equals(Weight::full()) ? '' : substr(PercentMark::spell($number->weight), 1);

        return ["={$weight}# {$number->spelled()}", ...$this->feedback($number->feedback)];
    }

    /** @return list<string> */
    public function feedback(?FormattedText $feedback): array
    {
        return null === $feedback ? [] : $this->text(self::BELOW.'# ', $feedback);
    }

    /**
     * A text behind its mark, its further lines set in.
     *
     * @return non-empty-list<string>
     */
    public function text(string $mark, FormattedText $text): array
    {
        $format = $text->format === $this->format ? '' : "[{$text->format}]";
        $lines = GramText::spelled($text->text, true);
        $first = explode("\n", $text->text)[0];
        // Where nothing follows, a sign alone would be a line of another text.
        $first = '' === trim($first, '\\') ? '\\'.$first : $first;
        $first = '' === $format ? GramText::shielded($first) : $format.$first;
        // A fence starts a line of its own.
        $isFence = Regex::match(GramFences::OPENING, $lines[0]);
        $result = [rtrim($mark.($isFence ? $format.'\\' : $first))];
        foreach ($isFence ? $lines : \array_slice($lines, 1) as $line) {
            $result[] = self::BELOW.$line;
        }

        return $result;
    }
}
