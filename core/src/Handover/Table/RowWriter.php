<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

use Notagram\Notation\LeftOut;
use Notagram\Notation\Loss;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;

/** Writes a question into the cells of one row. One object writes one row. */
final class RowWriter
{
    private const LETTERS = 26;

    /** @var array<string, string> */
    private array $cells = [];
    /** @var array<string, Loss> by what is lost, once each */
    private array $losses = [];

    private function __construct(private readonly string $target)
    {
    }

    /**
     * @param list<string> $category the path
     * @param string       $target   its label
     */
    public static function write(Question $question, array $category, string $target): QuestionRow
    {
        $writer = new self($target);
        $writer->cells['category'] = implode('/', array_map(static fn (string $part) => str_replace('/', '//', $part), $category));
        $writer->cells['title'] = $question->title ?? '';
        $writer->cells['type'] = $question->type()->value;
        $writer->cells['stem'] = $writer->text($question->stem);
        $writer->cells['points'] = $question->points ?? '';
        $writer->answers($question);
        $writer->cells['feedback'] = null === $question->explanation ? '' : $writer->text($question->explanation);
        $left = LeftOut::of($question, $target, LeftOut::COMMENTS, LeftOut::ID, LeftOut::TAGS);

        return new QuestionRow(array_filter($writer->cells, static fn (string $cell) => '' !== $cell), [...array_values($writer->losses), ...$left]);
    }

    private function answers(Question $question): void
    {
        $answers = $question->answers;
        match (true) {
            $answers instanceof Choice => $this->options($answers->options, false),
            $answers instanceof MultipleResponse => $this->options($answers->options, true),
            $answers instanceof TrueFalse => $this->trueFalse($answers),
            $answers instanceof ShortAnswer => $this->accepted($answers->accepted),
            $answers instanceof Numeric => $this->numbers($answers->numbers),
            $answers instanceof Matching => $this->pairs($answers->pairs),
            $answers instanceof Gap => $this->gap($answers),
            $answers instanceof Essay, $answers instanceof Stimulus => null,
        };
    }

    /** @param list<Option> $options */
    private function options(array $options, bool $isMultiple): void
    {
        $keys = [];
        foreach ($options as $place => $option) {
            $this->cells['option '.($place + 1)] = $this->text($option->text);
            $this->cells['feedback '.($place + 1)] = null === $option->feedback ? '' : $this->text($option->feedback);
            if ($option->isKey) {
                $keys[] = $place < self::LETTERS ? \chr(65 + $place) : (string) ($place + 1);
            }
            if ($option->text->isEmpty()) {
                $this->loses('option-without-text', false);
            }
        }
        $this->cells['key'] = implode(', ', $keys);
        if (!$isMultiple && \count($keys) > 1) {
            $this->losses['several'] = Loss::changed('starred/several-answers');
        }
        $isKey = array_map(static fn (Option $option) => $option->isKey, $options);
        $fair = $isMultiple ? EvenShares::for($isKey) : array_map(static fn (bool $is) => $is ? Weight::full() : Weight::none(), $isKey);
        foreach ($options as $place => $option) {
            if (!$option->weight->isWrittenAs($fair[$place])) {
                $this->loses('table/weights', false);
            }
        }
    }

    private function trueFalse(TrueFalse $answers): void
    {
        $this->cells['key'] = match ($answers->answer) {
            true => 'true',
            false => 'false',
            null => '',
        };
        if (null !== $answers->feedbackWhenRight || null !== $answers->feedbackWhenWrong) {
            $this->loses('left-out/feedback');
        }
    }

    /** @param list<AcceptedAnswer> $accepted */
    private function accepted(array $accepted): void
    {
        $this->cells['key'] = implode(' / ', array_map(static fn (AcceptedAnswer $one) => str_replace('/', '\/', $one->text), $accepted));
        $this->each($accepted);
    }

    /** @param list<AcceptedNumber> $numbers */
    private function numbers(array $numbers): void
    {
        $this->cells['key'] = implode(' / ', array_map(static fn (AcceptedNumber $one) => match (true) {
            $one->isRange => "{$one->first}..{$one->second}",
            '0' === $one->second => $one->first,
            default => "{$one->first}±{$one->second}",
        }, $numbers));
        if ([] !== array_filter($numbers, static fn (AcceptedNumber $one) => $one->isRange || '0' !== $one->second)) {
            $this->loses('table/range', false);
        }
        $this->each($numbers);
    }

    /** @param list<AcceptedAnswer>|list<AcceptedNumber> $accepted */
    private function each(array $accepted): void
    {
        foreach ($accepted as $one) {
            if (!$one->weight->equals(Weight::full())) {
                $this->loses('starred/weights-of-accepted', false);
            }
            if (null !== $one->feedback) {
                $this->loses('left-out/feedback');
            }
        }
    }

    /** @param list<Pair> $pairs */
    private function pairs(array $pairs): void
    {
        foreach ($pairs as $place => $pair) {
            $prompt = $this->text($pair->prompt);
            $this->cells['option '.($place + 1)] = ltrim("{$prompt} -> {$pair->match}");
            if (Regex::match('/->|→|⇒/u', $prompt)) {
                $this->losses['arrow'] = Loss::changed('gift/arrow-in-prompt');
            }
        }
    }

    private function gap(Gap $gap): void
    {
        $this->cells['stem'] = $gap->before.Gap::RULE.$gap->after;
        $gap->filler instanceof Choice ? $this->options($gap->filler->options, false) : $this->accepted($gap->filler->accepted);
    }

    private function text(FormattedText $text): string
    {
        if (!\in_array($text->format, [FormattedText::AUTO, ''], true)) {
            $this->loses('left-out/format');
        }

        return $text->text;
    }

    private function loses(string $loss, bool $namesTarget = true): void
    {
        $this->losses[$loss] ??= $namesTarget ? Loss::reduced($loss, target: $this->target) : Loss::reduced($loss);
    }
}
