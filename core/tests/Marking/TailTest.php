<?php

declare(strict_types=1);

namespace Notagram\Tests\Marking;

use Notagram\Marking\Distribution;
use Notagram\Marking\Draws;
use Notagram\Marking\Histogram;
use Notagram\Marking\Tail;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TailTest extends TestCase
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

        self::assertSame($output[0], (string) Tail::atLeast(self::hits($groups), $atLeast)->exact);
    }

    /** Tails that a statistician worked out before. */
    public function testKnownTails(): void
    {
        self::assertSame('10343/524288', (string) Tail::atLeast([Draws::hits(10, 1, 4)], 6)->exact);
        self::assertSame('886865231/20971520000', (string) Tail::atLeast(self::hits([[5, 1, 2], [10, 1, 4], [5, 1, 5]]), 10)->exact);
    }

    /** @return iterable<string, array{list<Draws>, int}> draws with too many ways to count, and how many steps they must come to */
    public static function manyDraws(): iterable
    {
        yield 'a thousand tosses' => [[Draws::hits(1_000, 1, 2)], 500];
        yield 'ten thousand tosses' => [[Draws::hits(10_000, 1, 2)], 5_050];
        yield 'two thousand of three options' => [[Draws::hits(2_000, 1, 3)], 700];
        yield 'tosses and fours' => [[Draws::hits(600, 1, 2), Draws::hits(900, 1, 4)], 530];
    }

    /**
     * Python's whole numbers are the judge.
     *
     * @param list<Draws> $draws
     */
    #[DataProvider('manyDraws')]
    public function testManyDrawsComeToTheSame(array $draws, int $atLeast): void
    {
        $exact = self::judged($draws, $atLeast);
        $chance = Tail::atLeast($draws, $atLeast);

        self::assertNull($chance->exact);
        self::assertEqualsWithDelta($exact, $chance->least, 1e-6);
        self::assertEqualsWithDelta($exact, $chance->most, 1e-6);
    }

    /** @param list<Draws> $draws */
    #[DataProvider('manyDraws')]
    public function testBoundsHoldTheChance(array $draws, int $atLeast): void
    {
        foreach ([$atLeast - 60, $atLeast, $atLeast + 60] as $steps) {
            $exact = self::judged($draws, $steps);
            $bounds = Tail::bounds($draws, $steps);

            self::assertLessThanOrEqual($exact + 1e-12, $bounds->least);
            self::assertGreaterThanOrEqual($exact - 1e-12, $bounds->most);
            self::assertLessThan(0.1, $bounds->most - $bounds->least);
        }
    }

    public function testWhatIsTooLargeIsBounded(): void
    {
        $far = array_map(static fn (int $step) => new Draws(40, [0 => 1, $step => 1]), range(100_003, 100_043));
        $chance = Tail::atLeast($far, 41 * 20 * 100_000);

        self::assertNull(Distribution::of($far));
        self::assertNull(Histogram::of($far));
        self::assertGreaterThan(0.4, $chance->least);
        self::assertLessThan(0.6, $chance->most);
    }

    public function testFewSumsFarApartAreNoWork(): void
    {
        $near = Tail::atLeast([Draws::hits(30, 1, 4)], 9);
        $far = Tail::atLeast([new Draws(30, [0 => 3, 1_000_000 => 1])], 9_000_000);

        self::assertEqualsWithDelta($near->least, $far->least, 1e-9);
    }

    /**
     * @param list<array{int<0, max>, int, int}> $groups
     *
     * @return list<Draws>
     */
    private static function hits(array $groups): array
    {
        return array_map(static fn (array $group) => Draws::hits(...$group), $groups);
    }

    /** @param list<Draws> $draws that hit or do not */
    private static function judged(array $draws, int $atLeast): float
    {
        $python = <<<'PY'
            import json, sys
            from fractions import Fraction
            groups, least = json.loads(sys.argv[1])
            sums = {0: 1}
            ways = 1
            for draws, hits, of in groups:
                ways *= of ** draws
                terms = [(of - hits) ** draws]
                for k in range(draws):
                    terms.append(terms[k] * (draws - k) * hits // ((k + 1) * (of - hits)))
                if sums == {0: 1}:
                    sums = terms
                else:
                    behind = [0] * (len(terms) + 1)
                    for k in range(len(terms) - 1, -1, -1):
                        behind[k] = behind[k + 1] + terms[k]
                    print(float(Fraction(sum(a * behind[max(0, min(len(terms), least - k))] for k, a in enumerate(sums)), ways)))
                    sys.exit()
            print(float(Fraction(sum(sums[least:]), ways)))
            PY;
        $groups = array_map(static fn (Draws $one) => [$one->times, $one->outcomes[1], $one->ways], $draws);
        exec('python3 -c '.escapeshellarg($python).' '.escapeshellarg(json_encode([$groups, $atLeast], \JSON_THROW_ON_ERROR)), $output, $status);
        self::assertSame(0, $status);

        return (float) $output[0];
    }
}
