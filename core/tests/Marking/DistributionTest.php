<?php

declare(strict_types=1);

namespace Notagram\Tests\Marking;

use Brick\Math\BigRational;
use Notagram\Marking\Distribution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DistributionTest extends TestCase
{
    /** @return iterable<string, array{list<array{int<0, max>, int, int}>, int}> groups of draws, and how many must come out */
    public static function tails(): iterable
    {
        yield 'ten of four options, six right' => [[[10, 1, 4]], 6];
        yield 'five tosses, ten of four, five of five' => [[[5, 1, 2], [10, 1, 4], [5, 1, 5]], 10];
        yield 'twelve tosses, eleven heads' => [[[12, 1, 2]], 11];
        yield 'a sum that must come out' => [[[7, 1, 3]], 0];
        yield 'a sum that cannot' => [[[7, 1, 3]], 8];
        yield 'forty of three and thirty of six' => [[[40, 1, 3], [30, 1, 6]], 31];
    }

    /**
     * Python's fractions, convolved draw by draw, are the judge.
     *
     * @param list<array{int<0, max>, int, int}> $groups
     */
    #[DataProvider('tails')]
    public function testTailsAreThoseOfAnotherProgram(array $groups, int $atLeast): void
    {
        $python = <<<'PY'
            import json, sys
            from fractions import Fraction
            groups, least = json.loads(sys.argv[1])
            chances = [Fraction(1)]
            for draws, hits, of in groups:
                for _ in range(draws):
                    p = Fraction(hits, of)
                    chances = [a * (1 - p) + b * p for a, b in zip(chances + [0], [0] + chances)]
            print(sum(chances[least:], Fraction(0)))
            PY;
        exec('python3 -c '.escapeshellarg($python).' '.escapeshellarg(json_encode([$groups, $atLeast], \JSON_THROW_ON_ERROR)), $output, $status);
        self::assertSame(0, $status);

        self::assertSame($output[0], (string) Distribution::ofHits($groups)?->atLeast($atLeast));
    }

    /** Tails that a statistician worked out before. */
    public function testKnownTails(): void
    {
        self::assertSame('10343/524288', (string) Distribution::ofHits([[10, 1, 4]])?->atLeast(6));
        self::assertSame('886865231/20971520000', (string) Distribution::ofHits([[5, 1, 2], [10, 1, 4], [5, 1, 5]])?->atLeast(10));
    }

    /** The short cuts must not decide otherwise than the exact tail. */
    public function testRarityIsThatOfTheExactTail(): void
    {
        $chance = BigRational::ofFraction(1, 400);
        foreach ([[[12, 1, 4]], [[40, 1, 4]], [[30, 1, 4], [20, 1, 3]], [[200, 1, 5]]] as $groups) {
            $draws = array_sum(array_column($groups, 0));
            for ($hits = 0; $hits <= $draws; ++$hits) {
                self::assertSame(Distribution::ofHits($groups)?->atLeast($hits)->isLessThan($chance), Distribution::isRarer($groups, $hits, $chance), "{$hits} of {$draws}");
            }
        }
    }

    public function testWhatIsTooLargeIsNotWorkedOut(): void
    {
        self::assertNull(Distribution::ofSums([[1, array_fill_keys(range(0, 5_000_000, 1_000), 1)]]));
    }

    public function testFewSumsFarApartAreListed(): void
    {
        $far = Distribution::ofSums([[30, [0 => 3, 1_000_000 => 1]]]);

        self::assertSame((string) Distribution::ofHits([[30, 1, 4]])?->atLeast(9), (string) $far?->atLeast(9_000_000));
    }
}
