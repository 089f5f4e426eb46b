<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The order of questions and options in one version of a paper. The same seed gives the same order. */
final readonly class PaperOrder
{
    private Randomizer $random;

    /** @param string $seed of this version; the order does not depend on which answers are right */
    public function __construct(private PaperPlan $plan, string $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(hash('sha256', $seed, true)));
    }

    /** @return list<PaperItem> */
    public function of(ReadSheet $sheet): array
    {
        $items = [];
        $number = 0;
        $category = [];
        foreach ($this->groups($sheet) as $group) {
            $of = $group[0]->category;
            $heading = $of === $category || [] === $of ? null : $of[\count($of) - 1];
            $category = $of;
            foreach ($this->shuffled($group) as $question) {
                $isPassage = $question->answers instanceof Stimulus;
                $items[] = new PaperItem($this->plan->shufflesOptions ? $this->withShuffledOptions($question) : $question, $isPassage ? null : ++$number, $heading);
                $heading = null;
            }
        }

        return $items;
    }

    /**
     * Questions of one category that follow one passage, with it: among them, the order is free.
     *
     * @return list<non-empty-list<PlacedBlock>>
     */
    private function groups(ReadSheet $sheet): array
    {
        $groups = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null === $question) {
                continue;
            }
            $last = \count($groups) - 1;
            if ($last < 0 || $question->answers instanceof Stimulus || $groups[$last][0]->category !== $placed->category) {
                $groups[] = [$placed];
            } else {
                $groups[$last][] = $placed;
            }
        }

        return $groups;
    }

    /**
     * @param non-empty-list<PlacedBlock> $group
     *
     * @return list<Question>
     */
    private function shuffled(array $group): array
    {
        $questions = [];
        foreach ($group as $placed) {
            $questions[] = $placed->reading->question ?? throw new \LogicException('Only questions are in a group.');
        }
        if (!$this->plan->shufflesQuestions) {
            return $questions;
        }
        $passage = $questions[0]->answers instanceof Stimulus ? [array_shift($questions)] : [];

        return [...$passage, ...$this->random->shuffleArray($questions)];
    }

    private function withShuffledOptions(Question $question): Question
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Choice => $question->with(['answers' => new Choice($this->options($answers->options))]),
            $answers instanceof MultipleResponse => $question->with(['answers' => new MultipleResponse($this->options($answers->options))]),
            $answers instanceof Gap && $answers->filler instanceof Choice => $question->with(['answers' => new Gap($answers->before, $answers->after, new Choice($this->options($answers->filler->options)))]),
            default => $question,
        };
    }

    /**
     * “All of the above” and its kin stay in their place; numbers in order stay in order.
     *
     * @param list<Option> $options
     *
     * @return list<Option>
     */
    private function options(array $options): array
    {
        if (self::areNumbersInOrder($options) || [] !== array_filter($options, static fn (Option $option) => FixedOption::namesLetters($option->text->plain()))) {
            return $options;
        }
        $free = array_keys(array_filter($options, static fn (Option $option) => !FixedOption::is($option->text->plain())));
        $shuffled = $options;
        foreach ($this->random->shuffleArray($free) as $place => $from) {
            $shuffled[$free[$place]] = $options[$from];
        }

        return array_values($shuffled);
    }

    /** @param list<Option> $options rising or falling, perhaps with units */
    private static function areNumbersInOrder(array $options): bool
    {
        $numbers = [];
        foreach ($options as $option) {
            if (!Regex::match('/^(?:about |ca\. ?|[<>≤≥~] ?)?([-−+]?\d{1,3}(?:[ .,\x{202F}]\d{3})*(?:[.,]\d+)?|[-−+]?\d+(?:[.,]\d+)?)\s*[\p{L}%°€$£\/²³ ]{0,20}\z/u', $option->text->plain(), $match)) {
                return false;
            }
            $numbers[] = (float) str_replace([' ', "\u{202F}", '−', ','], ['', '', '-', '.'], $match[1]);
        }
        $rising = $falling = $numbers;
        sort($rising);
        rsort($falling);

        return \count($numbers) > 1 && ($numbers === $rising || $numbers === $falling);
    }
}
