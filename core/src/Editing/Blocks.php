<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Notation\Block;
use Notagram\Notation\Notation;

/** The blocks of one text with their names: what the browser and the server must agree on before a splice. */
final readonly class Blocks
{
    /**
     * @param list<Block>  $blocks
     * @param list<string> $ids
     */
    private function __construct(public string $text, public array $blocks, public array $ids)
    {
    }

    /** @param list<string> $switchedOff what is not wanted in the sheet: it changes what is said of a block */
    public static function of(string $text, Notation $notation, array $switchedOff): self
    {
        $settings = implode(' ', [$notation->id(), ...$switchedOff]);
        $blocks = $notation->reader()->split($text);
        $ids = [];
        foreach ($blocks as $block) {
            $ids[] = $block->idIn($text, $settings);
        }

        return new self($text, $blocks, $ids);
    }

    public function digest(): string
    {
        return hash('xxh64', implode('', $this->ids));
    }

    public function count(): int
    {
        return \count($this->blocks);
    }

    /** How many blocks at the start are the same here and there. */
    public function sharedStart(self $other): int
    {
        $most = min($this->count(), $other->count());
        $shared = 0;
        while ($shared < $most && $this->ids[$shared] === $other->ids[$shared]) {
            ++$shared;
        }

        return $shared;
    }

    /** How many at the end, beyond those at the start. */
    public function sharedEnd(self $other, int $sharedStart): int
    {
        $most = min($this->count(), $other->count()) - $sharedStart;
        $shared = 0;
        while ($shared < $most && $this->ids[$this->count() - 1 - $shared] === $other->ids[$other->count() - 1 - $shared]) {
            ++$shared;
        }

        return $shared;
    }
}
