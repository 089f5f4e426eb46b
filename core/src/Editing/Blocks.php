<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Notation\Block;
use Notagram\Notation\Notation;

/** The blocks of one text with their names: what the browser and the server must agree on before a splice. */
final readonly class Blocks
{
    /**
     * @param list<Block> $split those that were split off: all, or those around a change
     * @param int         $first which block the first of these is
     */
    private function __construct(public string $text, public BlockMap $map, private array $split, private int $first)
    {
    }

    /** @param list<string> $settings what the reading of a block rests on besides its text: what is not wanted in the sheet, its pictures */
    public static function of(string $text, Notation $notation, array $settings): self
    {
        $blocks = $notation->reader()->split($text);

        return new self($text, BlockMap::of($text, $blocks, self::settings($notation, $settings)), $blocks, 0);
    }

    /**
     * The same as {@see self::of()}, where it can from what is known of the text before a change: only what lies around the
     * change is split. Blocks that the change did not reach are not to be had from it.
     *
     * @param list<string> $settings
     */
    public static function after(string $old, BlockMap $known, string $text, Notation $notation, array $settings): self
    {
        if ($known->settings !== self::settings($notation, $settings) || $known->startAt($known->count()) !== \strlen($old)) {
            return self::of($text, $notation, $settings);
        }
        $start = strspn($old ^ $text, "\0");
        $shorter = min(\strlen($old), \strlen($text)) - $start;
        $end = 0 === $shorter ? 0 : $shorter - \strlen(rtrim(substr($old, -$shorter) ^ substr($text, -$shorter), "\0"));
        $from = self::anchor($old, $known, $known->indexAt($start) - 2, -1, $notation);
        $to = self::anchor($old, $known, $known->indexAt(\strlen($old) - $end) + 2, 1, $notation);
        if (null === $from && null === $to) {
            return self::of($text, $notation, $settings);
        }
        $first = $from ?? 0;
        $behind = null === $to ? $known->count() : $to + 1;
        $offset = $known->startAt($first);
        $stretch = substr($text, $offset, $known->startAt($behind) + \strlen($text) - \strlen($old) - $offset);
        $blocks = $notation->reader()->split($stretch);
        $map = BlockMap::of($stretch, $blocks, $known->settings);
        $last = $map->count() - 1;
        if ($last < 0 || (null !== $from && !$map->agreesAt(0, $known, $from)) || (null !== $to && !$map->agreesAt($last, $known, $to))) {
            return self::of($text, $notation, $settings);
        }

        return new self(
            $text,
            $known->spliced($first, $behind, $map),
            array_map(static fn (Block $block) => new Block($block->kind, $block->start + $offset, $block->end + $offset, $block->surroundings), $blocks),
            $first,
        );
    }

    public function at(int $index): Block
    {
        return $this->split[$index - $this->first] ?? throw new \OutOfRangeException('The change did not reach this block.');
    }

    public function digest(): string
    {
        return $this->map->digest();
    }

    public function count(): int
    {
        return $this->map->count();
    }

    /** How many blocks at the start are the same here and there. */
    public function sharedStart(BlockMap $there): int
    {
        return intdiv(strspn($this->map->names ^ $there->names, "\0"), BlockMap::NAME_LENGTH);
    }

    /** How many at the end, beyond those at the start. */
    public function sharedEnd(BlockMap $there, int $sharedStart): int
    {
        $most = min(\strlen($this->map->names), \strlen($there->names)) - $sharedStart * BlockMap::NAME_LENGTH;
        if (0 === $most) {
            return 0;
        }
        $differs = substr($this->map->names, -$most) ^ substr($there->names, -$most);

        return intdiv($most - \strlen(rtrim($differs, "\0")), BlockMap::NAME_LENGTH);
    }

    /** The nearest block that nothing is read across, from one on in a direction. */
    private static function anchor(string $text, BlockMap $map, int $index, int $step, Notation $notation): ?int
    {
        for (; $index >= 0 && $index < $map->count(); $index += $step) {
            if ($map->isPlainQuestion($index) && $notation->reader()->isAnchor(substr($text, $map->startAt($index), $map->startAt($index + 1) - $map->startAt($index)))) {
                return $index;
            }
        }

        return null;
    }

    /** @param list<string> $settings */
    private static function settings(Notation $notation, array $settings): string
    {
        return implode(' ', [$notation->id(), ...$settings]);
    }
}
