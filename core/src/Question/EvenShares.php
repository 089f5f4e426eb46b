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

        $right = $rights > 0 ? self::share(100, $rights) : Weight::none();
        $wrong = $rights > 0 && $wrongs > 0 ? self::share(-100, $wrongs) : Weight::none();

        return array_map(static fn (bool $key) => $key ? $right : $wrong, $isKey);
    }

    private static function share(int $percent, int $of): Weight
    {
        /** @var array<string, Weight> $known a sheet has few of them, again and again */
        static $known = [];
        if (\count($known) > 1_000) {
            $known = [];
        }

        return $known["{$percent}/{$of}"] ??= Weight::exactly(BigRational::ofFraction($percent, $of));
    }
}
