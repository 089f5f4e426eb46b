<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigRational;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/**
 * What one question can earn, in per cent of its points.
 *
 * Blind guessing picks one option of a choice, ticks each box of several answers by the toss of a coin, and gives each
 * prompt any of the matches; nothing typed is guessed. A question with boxes to tick never earns less than nothing nor
 * more than everything, and each right match earns its share (common practice, no source).
 */
final readonly class QuestionMarks
{
    /** With more boxes than this of unlike weights there are too many ways to tick them. */
    private const MAX_OUTCOMES = 20_000;
    /** The ways of more boxes than this do not fit a machine's number. */
    private const MAX_BOXES = 60;
    /** What has more options, or comes after more patterns, is worked out each time: memory has its limits. */
    private const MOST_REMEMBERED = 12;
    private const MOST_PATTERNS = 200;

    /**
     * @param BigRational              $best     what the best answer earns
     * @param BigRational              $worst    what the worst one earns, before anything is cut off at zero
     * @param ?BigRational             $tickAll  what ticking every box earns; null where there are no boxes
     * @param ?non-empty-list<Outcome> $outcomes what a blind guess comes to; null where that is too much to work out
     */
    private function __construct(
        public BigRational $best,
        public BigRational $worst,
        public ?BigRational $tickAll,
        public ?array $outcomes,
    ) {
    }

    /** Null for a text without an answer. */
    public static function of(Question $question): ?self
    {
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;
        $nothing = BigRational::zero();
        $full = BigRational::of(100);

        return match (true) {
            $answers instanceof Stimulus => null,
            $answers instanceof Choice => self::ofOptions('choice', $answers->options, self::ofChoice(...)),
            $answers instanceof MultipleResponse => self::ofOptions('boxes', $answers->options, self::ofBoxes(...)),
            $answers instanceof TrueFalse => self::known('truth', static fn () => new self($full, $nothing, null, [new Outcome($nothing, 1), new Outcome($full, 1)])),
            $answers instanceof Matching => self::ofMatching($answers->pairs),
            default => self::known('typed', static fn () => new self($full, $nothing, null, [new Outcome($nothing, 1)])),
        };
    }

    /** What blind guessing earns on average. */
    public function guess(): ?BigRational
    {
        if (null === $this->outcomes) {
            return null;
        }
        $sum = BigRational::zero();
        $ways = 0;
        foreach ($this->outcomes as $outcome) {
            $sum = $sum->plus($outcome->earns->multipliedBy($outcome->ways));
            $ways += $outcome->ways;
        }

        return $sum->dividedBy(max(1, $ways));
    }

    /**
     * @param list<Option>                 $options
     * @param \Closure(list<Option>): self $make
     */
    private static function ofOptions(string $kind, array $options, \Closure $make): self
    {
        if (\count($options) > self::MOST_REMEMBERED) {
            return $make($options);
        }
        $weights = implode(' ', array_map(static fn (Option $option) => $option->weight->toString(), $options));

        return self::known("{$kind} {$weights}", static fn () => $make($options));
    }

    /**
     * The same pattern earns the same, and a sheet has few patterns.
     *
     * @param \Closure(): self $make
     */
    private static function known(string $pattern, \Closure $make): self
    {
        /** @var array<string, self> $known */
        static $known = [];
        if (\count($known) > self::MOST_PATTERNS) {
            $known = [];
        }

        return $known[$pattern] ??= $make();
    }

    /** @param list<Option> $options */
    private static function ofChoice(array $options): self
    {
        $percents = array_map(static fn (Option $option) => $option->weight->share(), $options);

        return [] === $percents
            ? new self(BigRational::zero(), BigRational::zero(), null, [new Outcome(BigRational::zero(), 1)])
            : new self(BigRational::max(...$percents), BigRational::min(...$percents), null, array_map(static fn (BigRational $percent) => new Outcome($percent, 1), $percents));
    }

    /** @param list<Option> $options */
    private static function ofBoxes(array $options): self
    {
        $best = $worst = BigRational::zero();
        foreach ($options as $option) {
            $percent = $option->weight->share();
            [$best, $worst] = $percent->isPositive() ? [$best->plus($percent), $worst] : [$best, $worst->plus($percent)];
        }

        return new self($best, $worst, $best->plus($worst), self::outcomesOfTicking($options));
    }

    /**
     * @param list<Option> $options
     *
     * @return ?non-empty-list<Outcome>
     */
    private static function outcomesOfTicking(array $options): ?array
    {
        if (\count($options) > self::MAX_BOXES) {
            return null;
        }
        $sums = ['0' => new Outcome(BigRational::zero(), 1)];
        foreach ($options as $option) {
            $ticked = $sums;
            foreach ($sums as $outcome) {
                $with = $outcome->earns->plus($option->weight->share());
                $ticked[(string) $with] = new Outcome($with, ($ticked[(string) $with]->ways ?? 0) + $outcome->ways);
            }
            $sums = $ticked;
            if (\count($sums) > self::MAX_OUTCOMES) {
                return null;
            }
        }

        return array_map(static fn (Outcome $sum) => new Outcome($sum->earns->clamp(0, 100), $sum->ways), array_values($sums));
    }

    /** @param list<Pair> $pairs */
    private static function ofMatching(array $pairs): self
    {
        $matches = \count(array_unique(array_map(static fn (Pair $pair) => $pair->match, $pairs)));
        $prompts = \count(array_filter($pairs, static fn (Pair $pair) => !$pair->prompt->isEmpty()));

        return self::known("pairs {$prompts} {$matches}", static fn () => self::ofPairs($prompts, $matches));
    }

    private static function ofPairs(int $prompts, int $matches): self
    {
        $outcomes = [];
        for ($right = 0, $ways = 1; $right <= $prompts && $prompts <= 12; ++$right) {
            // Of the prompts, so many right, the others wrong in any way.
            $ofThese = $ways * ($matches - 1) ** ($prompts - $right);
            if ($ofThese > 0) {
                $outcomes[] = new Outcome(BigRational::ofFraction(100 * $right, max(1, $prompts)), $ofThese);
            }
            $ways = intdiv($ways * ($prompts - $right), $right + 1);
        }

        return new self(BigRational::of(100), BigRational::zero(), null, [] !== $outcomes && $matches <= 30 ? $outcomes : null);
    }
}
