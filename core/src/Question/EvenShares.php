<?php

declare(strict_types=1);

namespace Notagram\Question;

use Brick\Math\BigRational;

/**
 * The fair weights of several answers: each of n right ones earns 100/n, each of m wrong ones takes back 100/m, so that
 * ticking everything comes to zero (common practice, no source).
 */
final class EvenShares
{
    /**
     * @param list<bool> $isKey
     *
     * @return list<Weight> in the same order; nothing is taken back where nothing is right
     */
    public static function for(array $isKey): array
    {
        $rights = \count(array_filter($isKey));
        $wrongs = \count($isKey) - $rights;

        return array_map(static fn (bool $key) => match (true) {
            $key => Weight::exactly(BigRational::ofFraction(100, $rights)),
            0 === $rights => Weight::none(),
            default => Weight::exactly(BigRational::ofFraction(-100, $wrongs)),
        }, $isKey);
    }
}
