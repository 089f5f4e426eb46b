<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Handover\Letters;
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

/** A question as an assessment item of version 2.1 or 3.0, which differ in how names are spelled. One object writes one item. */
final class AssessmentItem
{
    private const RESPONSE = 'RESPONSE';
    private const SCORE = 'SCORE';
    private const FEEDBACK = 'FEEDBACK';
    private const EXPLANATION = 'explanation';

    private readonly Scores $scores;
    /** What is answered, in the body or within its sentence. */
    private ?Element $interaction = null;
    private ?Element $declaration = null;
    /** @var list<Element> what sets the score */
    private array $scoring = [];
    /** @var list<Element> what says which feedback is shown */
    private array $telling = [];
    /** @var array<string, FormattedText> by the identifier under which each is shown */
    private array $feedback = [];
    private ?string $template = null;

    private function __construct(private readonly Question $question, private readonly QtiVersion $version, private readonly ItemTexts $texts)
    {
        $this->scores = new Scores($question);
    }

    /** @param string $title never empty */
    public static function of(Question $question, string $identifier, string $title, QtiVersion $version, ItemTexts $texts): WrittenItem
    {
        $item = new self($question, $version, $texts);
        $element = $item->element($identifier, $title);

        return new WrittenItem($element, [...$texts->losses(), ...ItemLosses::of($question, $version)]);
    }

    private function element(string $identifier, string $title): Element
    {
        $this->answers();
        $body = $this->body();
        if (null !== $this->question->explanation && !$this->question->answers instanceof Stimulus) {
            $this->feedback[self::EXPLANATION] = $this->question->explanation;
            $this->telling[] = self::tell(self::EXPLANATION);
        }

        return Element::of('assessmentItem', ['xmlns' => $this->version->namespace(), 'identifier' => $identifier, 'title' => $title, 'adaptive' => 'false', 'timeDependent' => 'false'],
            $this->declaration,
            ...$this->outcomes(),
            ...[$body],
            ...[null === $this->template ? $this->processing() : Element::of('responseProcessing', ['template' => $this->template])],
            ...$this->modalFeedback(),
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
            $answers instanceof Gap => $answers->filler instanceof Choice ? $this->inlineOptions($answers->filler->options) : $this->typed($answers->filler->accepted),
            $answers instanceof Stimulus => null,
        };
    }

    private function body(): Element
    {
        $answers = $this->question->answers;
        if ($answers instanceof Gap && null !== $this->interaction && !ItemLosses::asksNothing($this->question)) {
            return Element::of('itemBody', [], $this->texts->sentence($answers, $this->question->stem->format, $this->interaction));
        }
        // A field stands in a line, and the others are blocks.
        $isField = 'textEntryInteraction' === $this->interaction?->name;

        return Element::of('itemBody', [], $this->texts->stem($this->question->stem), $isField ? Element::markup('p', [], [$this->interaction]) : $this->interaction);
    }

    /** @param list<Option> $options */
    private function options(array $options, bool $isMultiple): void
    {
        $choices = [];
        foreach ($options as $place => $option) {
            $choices[] = Element::of('simpleChoice', ['identifier' => Letters::at($place)], ...$this->texts->flow($option->text));
        }
        $this->interaction = Element::of('choiceInteraction', ['responseIdentifier' => self::RESPONSE, 'shuffle' => 'false', 'maxChoices' => $isMultiple ? '0' : '1'], ...$choices);
        $this->picked($options, $isMultiple);
    }

    /** @param list<Option> $options */
    private function inlineOptions(array $options): void
    {
        $choices = [];
        foreach ($options as $place => $option) {
            $choices[] = Element::of('inlineChoice', ['identifier' => Letters::at($place)], $this->texts->words($option->text));
        }
        $this->interaction = Element::of('inlineChoiceInteraction', ['responseIdentifier' => self::RESPONSE, 'shuffle' => 'false'], ...$choices);
        $this->picked($options, false);
    }

    /** @param list<Option> $options */
    private function picked(array $options, bool $isMultiple): void
    {
        $keys = $entries = [];
        foreach ($options as $place => $option) {
            $letter = Letters::at($place);
            if ($option->isKey) {
                $keys[] = $letter;
            }
            if (!$option->weight->isZero()) {
                $entries[] = Element::of('mapEntry', ['mapKey' => $letter, 'mappedValue' => $this->scores->of($option->weight)]);
            }
            $this->hear($letter, $option->feedback);
        }
        $isPlain = !$isMultiple && 1 === \count($keys) && 1 === \count($entries) && [] !== array_filter($options, static fn (Option $option) => $option->weight->equals(Weight::full()));
        $this->scored($isPlain, $isMultiple, $keys, $entries);
    }

    /**
     * @param bool          $isPlain whether one is right, and nothing else earns anything
     * @param list<string>  $keys
     * @param list<Element> $entries
     */
    private function scored(bool $isPlain, bool $isMultiple, array $keys, array $entries): void
    {
        if ($isPlain && '1' === $this->scores->most() && [] === $this->feedback && null === $this->question->explanation) {
            $this->template = $this->version->matchCorrect();
            $this->declare('identifier', false, $keys);

            return;
        }
        $this->declare('identifier', $isMultiple, $isMultiple ? $keys : \array_slice($keys, 0, 1), $entries);
        if ([] !== $entries) {
            $this->scoring = [self::scoreByMapping()];
        }
        if ([] !== $this->feedback) {
            $this->telling[] = self::set(self::FEEDBACK, $isMultiple ? self::variable(self::RESPONSE) : Element::of('multiple', [], self::variable(self::RESPONSE)));
        }
    }

    private function truth(TrueFalse $answers): void
    {
        $choices = array_map(static fn (string $identifier, string $word) => Element::of('simpleChoice', ['identifier' => $identifier], $word), ['true', 'false'], PaperWords::all()->truthsLike('', $this->question->stem->plain()));
        $this->interaction = Element::of('choiceInteraction', ['responseIdentifier' => self::RESPONSE, 'shuffle' => 'false', 'maxChoices' => '1'], ...$choices);
        if (null === $answers->answer) {
            $this->declare('identifier', false);

            return;
        }
        $right = $answers->answer ? 'true' : 'false';
        $this->hear($right, $answers->feedbackWhenRight);
        $this->hear($answers->answer ? 'false' : 'true', $answers->feedbackWhenWrong);
        $this->scored(true, false, [$right], [Element::of('mapEntry', ['mapKey' => $right, 'mappedValue' => $this->scores->of(Weight::full())])]);
    }

    /** @param list<AcceptedAnswer> $accepted */
    private function typed(array $accepted): void
    {
        $this->interaction = Element::of('textEntryInteraction', ['responseIdentifier' => self::RESPONSE]);
        $isSensitive = Typed::isCaseSensitive($accepted) ? 'true' : 'false';
        $entries = [];
        foreach (Typed::once($accepted) as $place => $one) {
            $entries[] = Element::of('mapEntry', ['mapKey' => $one->text, 'mappedValue' => $this->scores->of($one->weight), 'caseSensitive' => $isSensitive]);
            if (null !== $one->feedback) {
                $this->feedback['answer-'.($place + 1)] = $one->feedback;
                $this->telling[] = self::when(Element::of('stringMatch', ['caseSensitive' => $isSensitive], self::variable(self::RESPONSE), self::value('string', $one->text)), self::tell('answer-'.($place + 1)));
            }
        }
        $best = Typed::best($accepted);
        $this->declare('string', false, null === $best ? [] : [$best->text], $entries);
        $this->scoring = [] === $entries ? [] : [self::scoreByMapping()];
    }

    private function numbers(Numeric $answers): void
    {
        $this->interaction = Element::of('textEntryInteraction', ['responseIdentifier' => self::RESPONSE]);
        $conditions = [];
        foreach (Typed::inOrder($answers->numbers) as $place => $number) {
            [$least, $greatest] = Typed::bounds($number);
            $score = self::set(self::SCORE, self::value('float', $this->scores->of($number->weight)));
            $identifier = 'answer-'.($place + 1);
            if (null !== $number->feedback) {
                $this->feedback[$identifier] = $number->feedback;
            }
            $conditions[] = Element::of([] === $conditions ? 'responseIf' : 'responseElseIf', [],
                Element::of('and', [],
                    Element::of('gte', [], self::variable(self::RESPONSE), self::value('float', $least)),
                    Element::of('lte', [], self::variable(self::RESPONSE), self::value('float', $greatest)),
                ),
                $score,
                null === $number->feedback ? null : self::tell($identifier),
            );
        }
        $best = Typed::best($answers->numbers);
        // The middle says that a value with a tolerance is meant, and anything else a range.
        $this->declare('float', false, null === $best ? [] : [$best->isRange ? Typed::bounds($best)[0] : $best->first]);
        $this->scoring = [] === $conditions ? [] : [Element::of('responseCondition', [], ...$conditions)];
    }

    private function pairs(Matching $answers): void
    {
        $sides = MatchingSides::of($answers);
        $prompts = $matches = $right = $entries = [];
        $shares = $this->scores->shares(\count($sides->prompts));
        foreach ($sides->prompts as $place => $prompt) {
            $prompts[] = Element::of('simpleAssociableChoice', ['identifier' => 'P'.($place + 1), 'matchMax' => '1'], ...$this->texts->flow($prompt));
            $right[] = $pair = 'P'.($place + 1).' M'.($sides->right[$place] + 1);
            $entries[] = Element::of('mapEntry', ['mapKey' => $pair, 'mappedValue' => $shares[$place]]);
        }
        foreach ($sides->matches as $place => $match) {
            $matches[] = Element::of('simpleAssociableChoice', ['identifier' => 'M'.($place + 1), 'matchMax' => '0'], ...$this->texts->flow(new FormattedText($match)));
        }
        $this->interaction = Element::of('matchInteraction', ['responseIdentifier' => self::RESPONSE, 'shuffle' => 'false', 'maxAssociations' => (string) \count($prompts)],
            Element::of('simpleMatchSet', [], ...$prompts),
            Element::of('simpleMatchSet', [], ...$matches),
        );
        $this->declare('directedPair', true, $right, $entries);
        $this->scoring = [self::scoreByMapping()];
    }

    private function essay(): void
    {
        $this->interaction = Element::of('extendedTextInteraction', ['responseIdentifier' => self::RESPONSE]);
        $this->declare('string', false);
    }

    /**
     * @param list<string>  $correct
     * @param list<Element> $mapped
     */
    private function declare(string $baseType, bool $isMultiple, array $correct = [], array $mapped = []): void
    {
        $this->declaration = Element::of('responseDeclaration', ['identifier' => self::RESPONSE, 'cardinality' => $isMultiple ? 'multiple' : 'single', 'baseType' => $baseType],
            [] === $correct ? null : Element::of('correctResponse', [], ...array_map(static fn (string $value) => Element::of('value', [], $value), $correct)),
            [] === $mapped ? null : Element::of('mapping', ['lowerBound' => '0', 'upperBound' => $this->scores->most(), 'defaultValue' => '0'], ...$mapped),
        );
    }

    private function hear(string $identifier, ?FormattedText $feedback): void
    {
        if (null !== $feedback) {
            $this->feedback[$identifier] = $feedback;
        }
    }

    /** @return list<Element> */
    private function outcomes(): array
    {
        $number = static fn (string $identifier, ?string $most, string $usual): Element => Element::of('outcomeDeclaration', ['identifier' => $identifier, 'cardinality' => 'single', 'baseType' => 'float', 'normalMaximum' => $most],
            Element::of('defaultValue', [], Element::of('value', [], $usual)),
        );

        return [
            ...(null === $this->declaration ? [] : [$number(self::SCORE, $this->scores->most(), '0'), $number('MAXSCORE', null, $this->scores->most())]),
            ...([] === $this->feedback ? [] : [Element::of('outcomeDeclaration', ['identifier' => self::FEEDBACK, 'cardinality' => 'multiple', 'baseType' => 'identifier'])]),
        ];
    }

    private function processing(): ?Element
    {
        $rules = [...$this->scoring, ...$this->telling];

        return [] === $rules ? null : Element::of('responseProcessing', [], ...$rules);
    }

    /** @return list<Element> */
    private function modalFeedback(): array
    {
        $all = [];
        foreach ($this->feedback as $identifier => $text) {
            $content = $this->texts->flow($text);
            $all[] = Element::of('modalFeedback', ['outcomeIdentifier' => self::FEEDBACK, 'identifier' => $identifier, 'showHide' => 'show'], ...(QtiVersion::V30 === $this->version ? [Element::of('contentBody', [], ...$content)] : $content));
        }

        return $all;
    }

    private static function scoreByMapping(): Element
    {
        // What is not answered is mapped to nothing at all, which is no score.
        return Element::of('responseCondition', [],
            Element::of('responseIf', [], Element::of('isNull', [], self::variable(self::RESPONSE)), self::set(self::SCORE, self::value('float', '0'))),
            Element::of('responseElse', [], self::set(self::SCORE, Element::of('mapResponse', ['identifier' => self::RESPONSE]))),
        );
    }

    private static function when(Element $condition, Element $rule): Element
    {
        return Element::of('responseCondition', [], Element::of('responseIf', [], $condition, $rule));
    }

    /** Adds a feedback to those that are shown. */
    private static function tell(string $identifier): Element
    {
        return self::set(self::FEEDBACK, Element::of('multiple', [], self::variable(self::FEEDBACK), self::value('identifier', $identifier)));
    }

    private static function set(string $outcome, Element $value): Element
    {
        return Element::of('setOutcomeValue', ['identifier' => $outcome], $value);
    }

    private static function variable(string $identifier): Element
    {
        return Element::of('variable', ['identifier' => $identifier]);
    }

    private static function value(string $baseType, string $value): Element
    {
        return Element::of('baseValue', ['baseType' => $baseType], $value);
    }
}
