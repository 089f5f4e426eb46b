<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Handover\Letters;
use Notagram\Notation\Loss;
use Notagram\Notation\PaperWords;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;

/** A question as an item of version 1.2. One object writes one item. */
final class LegacyItem
{
    private const RESPONSE = 'RESPONSE';
    private const EXPLANATION = 'explanation';
    /** Each prompt lists all matches, and each number those that go before it. */
    private const MOST_ENTRIES = 100;

    private readonly Scores $scores;
    /** @var list<Element> what is answered, in the flow */
    private array $flow = [];
    /** @var list<Element> what each answer earns and is told; what earns most stands first, so that no sum is cut off at nothing on its way */
    private array $conditions = [];
    /** @var array<string, FormattedText> */
    private array $feedback = [];

    private function __construct(private readonly Question $question, private readonly ItemTexts $texts)
    {
        $this->scores = new Scores($question);
    }

    /** @param string $title never empty */
    public static function of(Question $question, string $identifier, string $title, ItemTexts $texts): WrittenItem
    {
        $item = new self($question, $texts);
        $element = $item->element($identifier, $title);

        $isGapAtEnd = $question->answers instanceof Gap && '' === trim($question->answers->after);
        $isOnePrompt = $question->answers instanceof Matching && 1 === \count(MatchingSides::of($question->answers)->prompts);

        return new WrittenItem($element, [...$texts->losses(), ...ItemLosses::of($question, QtiVersion::V12), ...($isGapAtEnd ? [Loss::changed('qti/gap-at-end')] : []), ...($isOnePrompt ? [Loss::changed('qti/one-prompt')] : [])]);
    }

    /** Why a question is no item of this version; null where it is one. */
    public static function refusal(Question $question): ?Loss
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Matching && \count($answers->pairs) > self::MOST_ENTRIES => Loss::dropped('qti/too-many-pairs', most: self::MOST_ENTRIES),
            $answers instanceof Numeric && \count($answers->numbers) > self::MOST_ENTRIES && Typed::doOverlap($answers->numbers) => Loss::dropped('qti/too-many-numbers', most: self::MOST_ENTRIES),
            default => null,
        };
    }

    private function element(string $identifier, string $title): Element
    {
        $question = $this->question;
        $isGap = $question->answers instanceof Gap && !ItemLosses::asksNothing($question);
        if (!$isGap && !$question->stem->isEmpty()) {
            $this->flow[] = $this->material($question->stem);
        }
        $this->answers();
        $isAnswered = !$question->answers instanceof Stimulus;
        if (null !== $question->explanation && $isAnswered) {
            $this->feedback[self::EXPLANATION] = $question->explanation;
            // Answered or not.
            $unanswered = Element::of('unanswered', ['respident' => $this->question->answers instanceof Matching ? 'P1' : self::RESPONSE]);
            $this->conditions[] = self::when(Element::of('or', [], $unanswered, Element::of('not', [], $unanswered)), null, self::EXPLANATION);
        }

        return Element::of('item', ['ident' => $identifier, 'title' => $title],
            Element::of('presentation', [], $isGap ? Element::of('flow', [], ...$this->flow) : null, ...($isGap ? [] : $this->flow)),
            $isAnswered ? Element::of('resprocessing', [],
                Element::of('outcomes', [], Element::of('decvar', ['varname' => 'SCORE', 'vartype' => 'Decimal', 'defaultval' => '0', 'minvalue' => '0', 'maxvalue' => $this->scores->most()])),
                ...$this->conditions,
            ) : null,
            ...array_map(fn (string $ident, FormattedText $text) => Element::of('itemfeedback', ['ident' => $ident], Element::of('flow_mat', [], $this->material($text))), array_keys($this->feedback), array_values($this->feedback)),
        );
    }

    private function answers(): void
    {
        $answers = $this->question->answers;
        match (true) {
            ItemLosses::asksNothing($this->question), $answers instanceof Essay => $this->essay(),
            $answers instanceof Choice => $this->options($answers->options, false),
            $answers instanceof MultipleResponse => $this->options($answers->options, true),
            $answers instanceof TrueFalse => $this->truth($answers),
            $answers instanceof ShortAnswer => $this->typed($answers->accepted),
            $answers instanceof Numeric => $this->numbers($answers),
            $answers instanceof Matching => $this->pairs($answers),
            $answers instanceof Gap => $this->gap($answers),
            $answers instanceof Stimulus => null,
        };
    }

    private function gap(Gap $gap): void
    {
        [$before, $after] = $this->texts->halves($gap, $this->question->stem->format);
        $this->flow[] = self::html($before);
        $gap->filler instanceof Choice ? $this->options($gap->filler->options, false) : $this->typed($gap->filler->accepted);
        $this->flow[] = self::html($after);
    }

    /** @param list<Option> $options */
    private function options(array $options, bool $isMultiple): void
    {
        $labels = $conditions = [];
        foreach ($options as $place => $option) {
            $letter = Letters::at($place);
            $labels[] = Element::of('response_label', ['ident' => $letter], $this->material($option->text));
            if (null !== $option->feedback) {
                $this->feedback[$letter] = $option->feedback;
            }
            if (!$option->weight->isZero() || null !== $option->feedback) {
                $conditions[] = [$option->weight, self::when(Element::of('varequal', ['respident' => self::RESPONSE], $letter), $option->weight->isZero() ? null : $this->scores->of($option->weight), null === $option->feedback ? null : $letter)];
            }
        }
        $this->flow[] = Element::of('response_lid', ['ident' => self::RESPONSE, 'rcardinality' => $isMultiple ? 'Multiple' : 'Single'], Element::of('render_choice', ['shuffle' => 'No'], ...$labels));
        usort($conditions, static fn (array $one, array $other) => $other[0]->isAboveZero() <=> $one[0]->isAboveZero());
        $this->conditions = array_column($conditions, 1);
    }

    private function truth(TrueFalse $answers): void
    {
        $labels = array_map(static fn (string $ident, string $word) => Element::of('response_label', ['ident' => $ident], self::words($word)), ['true', 'false'], PaperWords::all()->truthsLike('', $this->question->stem->plain()));
        $this->flow[] = Element::of('response_lid', ['ident' => self::RESPONSE, 'rcardinality' => 'Single'], Element::of('render_choice', ['shuffle' => 'No'], ...$labels));
        if (null === $answers->answer) {
            return;
        }
        foreach ([[$answers->answer, $answers->feedbackWhenRight], [!$answers->answer, $answers->feedbackWhenWrong]] as [$truth, $feedback]) {
            $ident = $truth ? 'true' : 'false';
            $isRight = $truth === $answers->answer;
            if (null !== $feedback) {
                $this->feedback[$ident] = $feedback;
            }
            if ($isRight || null !== $feedback) {
                $this->conditions[] = self::when(Element::of('varequal', ['respident' => self::RESPONSE], $ident), $isRight ? $this->scores->of(Weight::full()) : null, null === $feedback ? null : $ident);
            }
        }
    }

    /** @param list<AcceptedAnswer> $accepted */
    private function typed(array $accepted): void
    {
        $this->flow[] = Element::of('response_str', ['ident' => self::RESPONSE, 'rcardinality' => 'Single'], Element::of('render_fib', ['fibtype' => 'String', 'prompt' => 'Box']));
        $case = Typed::isCaseSensitive($accepted) ? 'Yes' : 'No';
        foreach (Typed::once($accepted) as $place => $one) {
            $this->accept($place, Element::of('varequal', ['respident' => self::RESPONSE, 'case' => $case], $one->text), $one->weight, $one->feedback);
        }
    }

    private function numbers(Numeric $answers): void
    {
        $this->flow[] = Element::of('response_num', ['ident' => self::RESPONSE, 'numtype' => 'Decimal', 'rcardinality' => 'Single'], Element::of('render_fib', ['fibtype' => 'Decimal', 'prompt' => 'Box']));
        $before = [];
        $doOverlap = Typed::doOverlap($answers->numbers);
        foreach (Typed::inOrder($answers->numbers) as $place => $number) {
            [$least, $greatest] = Typed::bounds($number);
            $within = Element::of('and', [],
                Element::of('vargte', ['respident' => self::RESPONSE], $least),
                Element::of('varlte', ['respident' => self::RESPONSE], $greatest),
            );
            // Each condition is tried: what earns more has been counted where both hold.
            $others = array_column(array_filter($doOverlap ? $before : [], static fn (array $one) => Typed::overlap($one[0], $number)), 1);
            // The value itself says that one with a tolerance is meant, and not a range.
            $within = $number->isRange || $least === $greatest ? $within : Element::of('or', [], Element::of('varequal', ['respident' => self::RESPONSE], $number->first), $within);
            $condition = [] === $others ? $within : Element::of('and', [], $within, ...array_map(static fn (Element $other) => Element::of('not', [], $other), $others));
            $this->accept($place, $condition, $number->weight, $number->feedback);
            $before[] = [$number, $within];
        }
    }

    private function accept(int $place, Element $condition, Weight $weight, ?FormattedText $feedback): void
    {
        $ident = 'answer-'.($place + 1);
        if (null !== $feedback) {
            $this->feedback[$ident] = $feedback;
        }
        $this->conditions[] = self::when($condition, $this->scores->of($weight), null === $feedback ? null : $ident);
    }

    private function pairs(Matching $answers): void
    {
        $sides = MatchingSides::of($answers);
        $shares = $this->scores->shares(\count($sides->prompts));
        $labels = array_map(fn (int $place, string $match) => Element::of('response_label', ['ident' => 'M'.($place + 1)], $this->material(new FormattedText($match))), array_keys($sides->matches), $sides->matches);
        foreach ($sides->prompts as $place => $prompt) {
            $ident = 'P'.($place + 1);
            $this->flow[] = Element::of('response_lid', ['ident' => $ident, 'rcardinality' => 'Single'], $this->material($prompt), Element::of('render_choice', ['shuffle' => 'No'], ...$labels));
            $this->conditions[] = self::when(Element::of('varequal', ['respident' => $ident], 'M'.($sides->right[$place] + 1)), $shares[$place], null);
        }
    }

    private function essay(): void
    {
        $this->flow[] = Element::of('response_str', ['ident' => self::RESPONSE, 'rcardinality' => 'Single'], Element::of('render_fib', ['fibtype' => 'String', 'prompt' => 'Box', 'rows' => '10', 'columns' => '80']));
        // A person marks it.
        $this->conditions[] = Element::of('respcondition', ['continue' => 'Yes'], Element::of('conditionvar', [], Element::of('other')));
    }

    private static function when(Element $condition, ?string $score, ?string $feedback): Element
    {
        return Element::of('respcondition', ['continue' => 'Yes'],
            Element::of('conditionvar', [], $condition),
            null === $score ? null : Element::of('setvar', ['varname' => 'SCORE', 'action' => 'Add'], $score),
            null === $feedback ? null : Element::of('displayfeedback', ['feedbacktype' => 'Response', 'linkrefid' => $feedback]),
        );
    }

    private function material(FormattedText $text): Element
    {
        return self::html($this->texts->html12($text));
    }

    private static function html(string $html): Element
    {
        return Element::of('material', [], Element::of('mattext', ['texttype' => 'text/html'], $html));
    }

    private static function words(string $words): Element
    {
        return Element::of('material', [], Element::of('mattext', ['texttype' => 'text/plain'], $words));
    }
}
