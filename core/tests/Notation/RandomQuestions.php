<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
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
use Notagram\Source\Span;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Questions of every type as models, with texts that look like marks; nothing of them comes from a reader or a writer. */
final class RandomQuestions
{
    private const PIECES = ['bees', 'wax', 'a', 'B', '7', '=', '~', '#', '####', '%50%', '{', '}', '{=a}', '->', '\\', '\n', '::', '//', '$', '$x^2$', '*b*', '_', '<b>x</b>', '<', '&amp;', '1.', 'A.', '-', '(2 points)', 'true', 'T', '…', 'é', "\u{FDD0}", '🐝', '`c`', '[html]', '[x]', '!', '?', ':', '= x', '~ y', '# z', '|', '"', '```', '16:1', '3..4', 'ANSWER: A', '...', '{}', '{-}'];
    private const WEIGHTS = ['100', '50', '33.33333', '25', '0', '-50', '-100', '12.5'];

    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function next(): Question
    {
        $answers = $this->answers();

        return new Question(
            $answers,
            $answers instanceof Gap ? new FormattedText($answers->before.Gap::RULE.$answers->after) : new FormattedText($this->text(true)),
            Span::at(0),
            $this->chance(3) ? $this->text(false) : null,
            $this->chance(5) && !$answers instanceof Stimulus ? new FormattedText($this->text(true)) : null,
            $this->chance(5) ? $this->oneOf(['2', '0.5', '1.25', '10']) : null,
        );
    }

    private function answers(): Answers
    {
        return match ($this->random->getInt(0, 8)) {
            0, 1 => $this->choice(),
            2 => new MultipleResponse($this->options(fn () => $this->oneOf(self::WEIGHTS))),
            3 => new TrueFalse($this->chance(2), $this->feedback(), $this->feedback()),
            4 => $this->typed(),
            5 => new Numeric($this->several(1, 3, fn () => $this->chance(2)
                ? AcceptedNumber::near($this->oneOf(['3', '-4.5', '0.25', '1e3']), $this->oneOf(['0', '1', '0.5']), $this->weight(), $this->feedback(), Span::at(0))
                : AcceptedNumber::between('3', '4.5', $this->weight(), $this->feedback(), Span::at(0)))),
            6 => new Matching($this->several(2, 4, fn () => new Pair(new FormattedText($this->chance(8) ? '' : $this->text(false)), $this->text(false), Span::at(0)))),
            7 => new Gap($this->text(false).' ', ' '.$this->text(false), $this->chance(2) ? $this->typed() : $this->choice()),
            default => $this->chance(2) ? new Essay() : new Stimulus(),
        };
    }

    private function choice(): Choice
    {
        $right = $this->random->getInt(0, 1);
        $index = 0;
        $options = $this->options(function () use ($right, &$index): string {
            return $right === $index++ ? '100' : ($this->chance(5) ? $this->oneOf(['25', '-50']) : '0');
        }, static fn (string $weight) => '100' === $weight);

        return new Choice($options);
    }

    /**
     * @param \Closure(): string          $weight
     * @param ?\Closure(string): bool $isKey
     *
     * @return non-empty-list<Option>
     */
    private function options(\Closure $weight, ?\Closure $isKey = null): array
    {
        return $this->several(2, 4, function () use ($weight, $isKey): Option {
            $written = $weight();

            return new Option(new FormattedText($this->text(true)), Weight::of($written), null === $isKey ? (float) $written > 0 : $isKey($written), $this->feedback(), Span::at(0), 1);
        });
    }

    private function typed(): ShortAnswer
    {
        return new ShortAnswer($this->several(1, 3, fn () => new AcceptedAnswer($this->text(false), $this->weight(), $this->feedback(), Span::at(0))));
    }

    private function weight(): Weight
    {
        return $this->chance(4) ? Weight::of($this->oneOf(['50', '33.33333'])) : Weight::full();
    }

    private function feedback(): ?FormattedText
    {
        return $this->chance(4) ? new FormattedText($this->text(true)) : null;
    }

    /** Without blanks around it or twice, as every reader leaves them. */
    private function text(bool $mayHaveLines): string
    {
        $pieces = $this->several(1, 4, fn () => $this->oneOf(self::PIECES));
        $text = $pieces[0];
        foreach (\array_slice($pieces, 1) as $piece) {
            $text .= match (true) {
                $mayHaveLines && $this->chance(8) => $this->oneOf(["\n", "\n\n"]),
                $this->chance(4) => '',
                default => ' ',
            }.$piece;
        }

        return $text;
    }

    private function chance(int $oneIn): bool
    {
        return 1 === $this->random->getInt(1, $oneIn);
    }

    /**
     * @param non-empty-list<string> $of
     */
    private function oneOf(array $of): string
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return non-empty-list<T>
     */
    private function several(int $least, int $most, \Closure $make): array
    {
        $all = [$make()];
        for ($count = $this->random->getInt($least, $most); \count($all) < $count;) {
            $all[] = $make();
        }

        return $all;
    }
}
