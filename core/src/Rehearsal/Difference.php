<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Brick\Math\BigDecimal;
use Notagram\Proof\TextProof;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;

/** One part of a question that did not arrive as it was meant. */
final readonly class Difference
{
    private const DECIMALS = 5;

    /**
     * @param ?int   $number of the question; null for a piece that lies in none
     * @param string $what   type, title, stem, options, key, weights, feedback, explanation, category; extra for a piece too many
     */
    public function __construct(public ?int $number, public string $what, public string $ours, public string $theirs)
    {
    }

    /**
     * What differs between a question as it is meant and as a receiver holds it; nothing but the type where that differs already.
     * Points are not compared, since receivers skip them; nor are the blanks in a text.
     *
     * @param list<string> $ourPath
     * @param list<string> $theirPath
     * @param bool         $isAsSeen  whether only what a pupil sees counts: another form may spell the same text and number otherwise
     *
     * @return list<self>
     */
    public static function between(Question $ours, array $ourPath, Question $theirs, array $theirPath, int $number, bool $isAsSeen = false): array
    {
        if ($ours->type() !== $theirs->type()) {
            return [new self($number, 'type', $ours->type()->value, $theirs->type()->value)];
        }
        $one = self::parts($ours, $isAsSeen) + ['category' => self::path($ourPath)];
        $other = self::parts($theirs, $isAsSeen) + ['category' => self::path($theirPath)];
        $differences = [];
        foreach ($one as $what => $part) {
            if ($part !== $other[$what]) {
                $differences[] = new self($number, $what, $part, $other[$what]);
            }
        }

        return $differences;
    }

    /** What a receiver holds that nobody meant as a question. */
    public static function extra(?int $number, Question $theirs): self
    {
        return new self($number, 'extra', '', self::text($theirs->stem));
    }

    /** @return array<string, string> */
    private static function parts(Question $question, bool $isAsSeen): array
    {
        $shown = $isAsSeen ? self::seen(...) : self::text(...);
        $answers = $question->answers;
        $options = $question->options();
        $accepted = $question->accepted();
        $numbers = $answers instanceof Numeric ? $answers->numbers : [];
        $rights = array_filter($options, static fn (Option $option) => $option->isKey);
        $feedback = $answers instanceof TrueFalse
            ? [$answers->feedbackWhenWrong, $answers->feedbackWhenRight]
            : array_map(static fn (Option|AcceptedAnswer|AcceptedNumber $entry) => $entry->feedback, [...$options, ...$accepted, ...$numbers]);

        return [
            'title' => self::folded($question->title ?? ''),
            'stem' => $answers instanceof Gap ? ($isAsSeen ? $shown(new FormattedText("{$answers->before} ".Gap::RULE." {$answers->after}", $question->stem->format)) : self::folded("{$answers->before} ".Gap::RULE." {$answers->after}")) : $shown($question->stem),
            'options' => implode(' · ', match (true) {
                $answers instanceof Matching => array_map(static fn (Pair $pair) => $shown($pair->prompt).' -> '.self::folded($pair->match), $answers->pairs),
                [] !== $numbers => array_map(static fn (AcceptedNumber $number) => $isAsSeen ? self::reach($number) : $number->spelled(), $numbers),
                [] !== $accepted => array_map(static fn (AcceptedAnswer $one) => self::folded($one->text), $accepted),
                default => array_map(static fn (Option $option) => $shown($option->text), $options),
            }),
            'key' => $answers instanceof TrueFalse ? (true === $answers->answer ? 'true' : 'false') : implode(' · ', array_map(static fn (Option $option) => $shown($option->text), $rights)),
            'weights' => implode(' · ', array_map(static fn (Option|AcceptedAnswer|AcceptedNumber $entry) => self::percent($entry->weight), [...$options, ...$accepted, ...$numbers])),
            'feedback' => [] === array_filter($feedback) ? '' : implode(' · ', array_map(static fn (?FormattedText $text) => null === $text ? '–' : $shown($text), $feedback)),
            'explanation' => null === $question->explanation ? '' : $shown($question->explanation),
        ];
    }

    /** @param list<string> $path */
    private static function path(array $path): string
    {
        return implode(' / ', array_map(static fn (string $name) => trim(str_replace("\u{A0}", ' ', $name)), $path));
    }

    private static function percent(Weight $weight): string
    {
        return $weight->rounded(self::DECIMALS).' %';
    }

    private static function text(FormattedText $text): string
    {
        return (FormattedText::AUTO === $text->format ? '' : "[{$text->format}] ").self::folded($text->text);
    }

    /** The words alone, whatever marks them up. */
    private static function seen(FormattedText $text): string
    {
        return self::folded((new FormattedText((new TextProof())->html($text), FormattedText::HTML))->plain());
    }

    /** From the least to the greatest number that fits. */
    private static function reach(AcceptedNumber $number): string
    {
        $first = BigDecimal::of($number->first);
        [$least, $most] = $number->isRange ? [$first, BigDecimal::of($number->second)] : [$first->minus($number->second), $first->plus($number->second)];

        return $least->strippedOfTrailingZeros().'..'.$most->strippedOfTrailingZeros();
    }

    /** Blanks count for nothing, nor do those before a closing tag or around a gap. */
    private static function folded(string $text): string
    {
        return trim(Regex::replace(['/\s++/', '~ (?=</)~', '/ ?'.Gap::RULE.' ?/'], [' ', '', ' '.Gap::RULE.' '], $text));
    }
}
