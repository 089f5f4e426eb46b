<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Printed\PaperQuestion;
use Notagram\Source\Regex;

/** A question of the paper with its lines in the draft. */
final class DraftQuestion
{
    /** @var list<DraftLine> */
    public array $stem = [];
    /** @var list<DraftOption> */
    public array $options = [];
    /** @var list<DraftLine> */
    public array $truths = [];
    /** @var list<DraftLine> */
    public array $pairs = [];
    /** @var list<DraftLine> */
    public array $matchRows = [];
    /** @var list<DraftLine> */
    public array $prompts = [];
    /** @var list<DraftOption> */
    public array $matches = [];
    /** @var list<DraftLine> */
    public array $writingLines = [];
    /** @var list<DraftLine> */
    public array $essayMarks = [];
    /** @var list<DraftLine> */
    public array $answers = [];
    /** @var list<DraftLine> */
    public array $explanation = [];
    /** @var list<DraftLine> */
    public array $bookkeeping = [];
    /** @var list<DraftLine> */
    public array $points = [];
    /** @var list<KeyEntry> what a step has used of the key */
    public array $usedKey = [];

    public function __construct(public readonly PaperQuestion $paper)
    {
    }

    public function first(): DraftLine
    {
        return $this->stem[0];
    }

    /** The last line of the stem that is there. */
    public function last(): DraftLine
    {
        $there = array_values(array_filter($this->stem, static fn (DraftLine $line) => !$line->isGone));

        return $there[\count($there) - 1] ?? $this->stem[0];
    }

    public function stemText(): string
    {
        return trim(implode("\n", array_map(static fn (DraftLine $line) => $line->body, array_filter($this->stem, static fn (DraftLine $line) => !$line->isGone))));
    }

    /** Whether nothing below the stem answers it, or asks for an answer. */
    public function isBare(): bool
    {
        foreach ([...$this->truths, ...$this->pairs, ...$this->matchRows, ...$this->prompts, ...$this->essayMarks, ...$this->answers] as $line) {
            if (!$line->isGone) {
                return false;
            }
        }

        return [] === $this->options;
    }

    public function hasBlank(): bool
    {
        return Regex::match('/_{3,}/', $this->stemText());
    }

    public function kind(): string
    {
        return $this->paper->section->kind;
    }

    /** The last line of the question above which something else is put. */
    public function end(): DraftLine
    {
        $all = [...$this->stem];
        foreach ($this->options as $option) {
            array_push($all, $option->line, ...$option->more);
        }
        array_push($all, ...$this->truths, ...$this->pairs, ...$this->matchRows, ...$this->essayMarks, ...$this->answers);

        return $all[\count($all) - 1];
    }
}
