<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Intake\Deadline;
use Notagram\Source\Regex;

/** Gives answers to the processing of an item, and sees what they earn and what is said to them. */
final readonly class Trial
{
    /** @param array<string, string> $feedback by the identifiers under which {@see Marks::shown()} gives them */
    public function __construct(private Marks $marks, private array $feedback, private Deadline $deadline)
    {
    }

    /** @param array<string, list<string>> $answers */
    public function earned(array $answers): BigRational
    {
        $this->deadline->check();

        return $this->marks->earned($answers);
    }

    /**
     * @param array<string, list<string>> $answers
     *
     * @return array<string, string>
     */
    public function shown(array $answers): array
    {
        return array_intersect_key($this->feedback, array_flip($this->marks->shown($answers)));
    }

    /** The identifier of the match that earns most; null where none does. */
    public function matchOf(Field $field, string $prompt): ?string
    {
        $candidates = '' === $field->response
            ? $this->marks->named($prompt)
            : array_map(static fn (string $pair) => explode(' ', $pair, 2)[1] ?? '', array_values(array_filter($this->marks->named($field->response), static fn (string $pair) => str_starts_with($pair, "{$prompt} "))));
        $best = null;
        $most = BigRational::zero();
        foreach ($candidates as $candidate) {
            $earned = $this->earned($field->paired($prompt, $candidate));
            if (isset($field->options[$candidate]) && $earned->isGreaterThan($most)) {
                $best = $candidate;
                $most = $earned;
            }
        }
        foreach (null === $best && '' !== $field->response ? $this->marks->correct($field->response) : [] as $pair) {
            [$of, $match] = [...Regex::split('/\s+/', $pair, 2), ''];
            $best = $of === $prompt && isset($field->options[$match]) ? $match : $best;
        }

        return $best;
    }

    public function bestAnswer(Field $field): ?string
    {
        $best = $this->marks->correct($field->response)[0] ?? null;
        $most = BigRational::zero();
        foreach (FieldKind::Word === $field->kind ? array_map(strval(...), array_keys($field->options)) : $this->marks->named($field->response) as $answer) {
            $earned = $this->earned([$field->response => [$answer]]);
            if ($earned->isGreaterThan($most)) {
                $most = $earned;
                $best = $answer;
            }
        }

        return $best;
    }

    /** What the best answer to a field earns. */
    public function bestOf(Field $field): BigRational
    {
        return match ($field->kind) {
            FieldKind::OneOption, FieldKind::Word => $this->bestAmong($field, array_map(strval(...), array_keys($field->options))),
            FieldKind::SeveralOptions => $this->bestOfSeveral($field),
            FieldKind::Text => $this->bestAmong($field, $this->marks->named($field->response)),
            FieldKind::Number => $this->bestAmong($field, array_column($this->marks->ranges($field->response), 0)),
            FieldKind::Pairs => $this->bestOfPairs($field),
            FieldKind::LongText, FieldKind::Unknown => BigRational::zero(),
        };
    }

    /** @param list<string> $answers */
    private function bestAmong(Field $field, array $answers): BigRational
    {
        $best = BigRational::zero();
        foreach ($answers as $answer) {
            $best = BigRational::max($best, $this->earned([$field->response => [$answer]]));
        }

        return $best;
    }

    private function bestOfSeveral(Field $field): BigRational
    {
        $sum = BigRational::zero();
        $count = 0;
        $shares = [];
        foreach (array_keys($field->options) as $option) {
            $earned = $this->earned([$field->response => [(string) $option]]);
            if ($earned->isPositive()) {
                $shares[(string) $earned] = $earned;
                $sum = $sum->plus($earned);
                ++$count;
            }
        }
        $best = BigRational::max($sum, $this->earned([$field->response => $this->marks->correct($field->response)]));
        $whole = BigRational::of($best->toScale(0, RoundingMode::HalfUp));

        return 1 === \count($shares) && RoundedShares::isPartOf($whole, reset($shares), $count) ? $whole : $best;
    }

    private function bestOfPairs(Field $field): BigRational
    {
        $answers = [];
        foreach (array_keys($field->prompts) as $prompt) {
            $match = $this->matchOf($field, (string) $prompt);
            foreach (null === $match ? [] : $field->paired((string) $prompt, $match) as $response => $values) {
                $answers[$response] = [...$answers[$response] ?? [], ...$values];
            }
        }

        return $this->earned($answers);
    }
}
