<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Notation\PercentMark;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;

/** Writes the entries between the braces of one question. */
final readonly class BraceWriter
{
    /** @param string $format of the stem, which its answers inherit */
    public function __construct(private string $format)
    {
    }

    /** A gap with its answers, on one line. */
    public function filled(Gap $gap, ?FormattedText $explanation): string
    {
        $entries = $gap->filler instanceof Choice
            ? array_map(fn (Option $option) => $this->option($option, $gap->filler), $gap->filler->options)
            : array_map($this->accepted(...), $gap->filler->accepted);

        return '{'.implode(' ', $entries).(null === $explanation ? '' : ' ####'.$this->text($explanation)).'}';
    }

    public function option(Option $option, Choice|MultipleResponse $answers): string
    {
        return $this->mark($option, $answers).$this->text($option->text).$this->feedback($option->feedback);
    }

    public function mark(Option $option, Choice|MultipleResponse $answers): string
    {
        return match (true) {
            $answers instanceof MultipleResponse => PercentMark::spell($option->weight),
            $option->isKey && $option->weight->equals(Weight::full()) => '=',
            $option->isKey => '='.self::percent($option->weight),
            $option->weight->isZero() => '~',
            default => PercentMark::spell($option->weight),
        };
    }

    public function accepted(AcceptedAnswer $answer): string
    {
        return self::acceptedMark($answer->weight).BraceText::spelled($answer->text, BraceText::MARKS_IN_ANSWERS).$this->feedback($answer->feedback);
    }

    public static function acceptedMark(Weight $weight): string
    {
        return $weight->equals(Weight::full()) ? '=' : '='.self::percent($weight);
    }

    public function pair(Pair $pair): string
    {
        $prompt = $this->text($pair->prompt);

        return rtrim('='.('' === $prompt ? '' : $prompt.' ').'-> '.BraceText::spelled($pair->match, BraceText::MARKS_IN_ANSWERS));
    }

    /** @return list<string> */
    public function numbers(Numeric $answers): array
    {
        $entries = array_map(function (AcceptedNumber $number): string {
            return substr(self::acceptedMark($number->weight), 1).$number->spelled().$this->feedback($number->feedback);
        }, $answers->numbers);
        if (1 === \count($entries) && !str_starts_with($entries[0], '%')) {
            return ['#'.$entries[0]];
        }

        return ['#', ...array_map(static fn (string $entry) => '='.$entry, $entries)];
    }

    public function trueFalse(TrueFalse $answers): string
    {
        $wrong = $this->feedback($answers->feedbackWhenWrong);
        $right = $this->feedback($answers->feedbackWhenRight);

        return match ($answers->answer) {
            true => 'TRUE',
            false => 'FALSE',
            null => '',
        }.('' === $wrong && '' !== $right ? '#' : $wrong).$right;
    }

    private function feedback(?FormattedText $feedback): string
    {
        return null === $feedback ? '' : '#'.$this->text($feedback);
    }

    /** Texts inherit the stem's format, so theirs is written only where it is another. */
    public function text(FormattedText $text): string
    {
        $format = $text->format === $this->format ? '' : "[{$text->format}]";

        return $format.BraceText::spelled($text->text, BraceText::MARKS_IN_ANSWERS);
    }

    private static function percent(Weight $weight): string
    {
        return '%'.$weight->rounded(PercentMark::DECIMALS).'%';
    }
}
