<?php

declare(strict_types=1);

namespace Notagram\Intake\Terms;

/** Parts a list into blocks, whose terms are each other's wrong answers. */
final class TermBlocks
{
    public const USUAL_SIZE = 4;
    public const LEAST_SIZE = 3;

    /**
     * What is left over at the end joins the last block where it is one term or two. Neither a term nor a definition stands in one block twice.
     *
     * @param list<TermPair> $pairs
     *
     * @return list<non-empty-list<TermPair>>
     */
    public static function of(array $pairs, int $size): array
    {
        \assert($size >= self::LEAST_SIZE);
        $blocks = [];
        while ([] !== $pairs) {
            $block = $rest = [];
            foreach ($pairs as $pair) {
                if (\count($block) < $size && self::fits($pair, $block)) {
                    $block[] = $pair;
                } else {
                    $rest[] = $pair;
                }
            }
            \assert([] !== $block);
            $blocks[] = $block;
            $pairs = $rest;
        }

        return self::withoutRest($blocks);
    }

    /**
     * @param list<non-empty-list<TermPair>> $blocks
     *
     * @return list<non-empty-list<TermPair>>
     */
    private static function withoutRest(array $blocks): array
    {
        $last = \count($blocks) - 1;
        if ($last < 1 || \count($blocks[$last]) >= self::LEAST_SIZE) {
            return $blocks;
        }
        $left = [];
        foreach ($blocks[$last] as $pair) {
            $at = $last - 1;
            while ($at >= 0 && !self::fits($pair, $blocks[$at])) {
                --$at;
            }
            if ($at < 0) {
                $left[] = $pair;
            } else {
                $blocks[$at][] = $pair;
            }
        }
        if ([] === $left) {
            array_pop($blocks);
        } else {
            $blocks[$last] = $left;
        }

        return $blocks;
    }

    /** @param list<TermPair> $block */
    private static function fits(TermPair $pair, array $block): bool
    {
        foreach ($block as $other) {
            if (mb_strtolower($other->term) === mb_strtolower($pair->term) || mb_strtolower($other->definition) === mb_strtolower($pair->definition)) {
                return false;
            }
        }

        return true;
    }
}
