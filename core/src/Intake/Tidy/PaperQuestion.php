<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** A question of a printed test: its lines and what stands above it. */
final class PaperQuestion
{
    /** One past its last line. */
    public int $end;
    /** @var list<int> */
    public array $stem = [];
    /** @var list<int> the lines that start an option */
    public array $options = [];
    /** @var list<int> */
    public array $truths = [];
    /** @var list<int> */
    public array $pairs = [];
    /** @var list<int> */
    public array $writingLines = [];
    public ?int $answer = null;
    public bool $isEssay = false;

    /**
     * @param ?int    $number the printed one
     * @param ?string $part   the section's label
     * @param string  $kind   that the section's heading announces; empty where it announces none
     * @param string  $points that the section gives to each question
     */
    public function __construct(public readonly int $start, public readonly ?int $number, public readonly ?string $part, public readonly string $kind, public string $points)
    {
        $this->end = $start + 1;
        $this->stem[] = $start;
    }

    /** Whether nothing stands under its stem. */
    public function isBare(): bool
    {
        return [] === $this->options && [] === $this->truths && [] === $this->pairs && null === $this->answer && !$this->isEssay;
    }
}
