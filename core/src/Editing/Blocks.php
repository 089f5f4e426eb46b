<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notation;

/** The blocks of one text with their names: what the browser and the server must agree on before a splice. */
final readonly class Blocks
{
    private const NAME_LENGTH = 16;

    /**
     * @param list<Block> $blocks
     * @param string      $names  of all blocks in a row, in their order
     */
    private function __construct(public string $text, public array $blocks, public string $names)
    {
    }

    /** @param list<string> $switchedOff what is not wanted in the sheet: it changes what is said of a block */
    public static function of(string $text, Notation $notation, array $switchedOff): self
    {
        $settings = implode(' ', [$notation->id(), ...$switchedOff]);
        $blocks = $notation->reader()->split($text);
        $names = '';
        /** @var array<string, string> $ofBlanks half of the blocks are a blank line, and most of these alike */
        $ofBlanks = [];
        foreach ($blocks as $block) {
            $names .= BlockKind::Blank === $block->kind && null === $block->surroundings
                ? $ofBlanks[$block->textIn($text)] ??= $block->idIn($text, $settings)
                : $block->idIn($text, $settings);
        }

        return new self($text, $blocks, $names);
    }

    public function digest(): string
    {
        return self::digestOf($this->names);
    }

    /** @param string $names of all blocks of a text */
    public static function digestOf(string $names): string
    {
        return hash('xxh64', $names);
    }

    public function nameAt(int $index): string
    {
        return substr($this->names, $index * self::NAME_LENGTH, self::NAME_LENGTH);
    }

    public function count(): int
    {
        return \count($this->blocks);
    }

    /**
     * How many blocks at the start are the same here and there.
     *
     * @param string $names of the blocks there
     */
    public function sharedStart(string $names): int
    {
        return intdiv(strspn($this->names ^ $names, "\0"), self::NAME_LENGTH);
    }

    /**
     * How many at the end, beyond those at the start.
     *
     * @param string $names of the blocks there
     */
    public function sharedEnd(string $names, int $sharedStart): int
    {
        $most = min(\strlen($this->names), \strlen($names)) - $sharedStart * self::NAME_LENGTH;
        if (0 === $most) {
            return 0;
        }
        $differs = substr($this->names, -$most) ^ substr($names, -$most);

        return intdiv($most - \strlen(rtrim($differs, "\0")), self::NAME_LENGTH);
    }
}
