<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\Block;
use Notagram\Notation\Surroundings;

/** What a question's reading takes from outside its block: the heading above it, its entry of the key list, its place. */
final readonly class StarredContext
{
    /**
     * @param string $kind     that the heading announces for bare stems; empty where it announces none
     * @param string $points   that the heading gives to each question
     * @param string $expected the number that was to come, where another one came
     * @param string $key      its answer in the key list
     */
    public function __construct(public string $kind = '', public string $points = '', public string $expected = '', public string $key = '')
    {
    }

    public static function of(Block $block): self
    {
        return null === $block->surroundings ? new self() : new self(...explode("\x1F", $block->surroundings->context, 4));
    }

    public function asSurroundings(): ?Surroundings
    {
        $parts = [$this->kind, $this->points, $this->expected, $this->key];

        return '' === implode('', $parts) ? null : new Surroundings(context: implode("\x1F", $parts));
    }

    public function withKey(string $key): self
    {
        return new self($this->kind, $this->points, $this->expected, $key);
    }
}
