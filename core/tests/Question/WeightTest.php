<?php

declare(strict_types=1);

namespace Notagram\Tests\Question;

use Notagram\Marking\WeightSum;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Weight;
use Notagram\Source\Span;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WeightTest extends TestCase
{
    public function testAWeightIsRememberedAsItWasWritten(): void
    {
        self::assertSame('50.0', Weight::of('50.0')->toString());
        self::assertSame('100/3', Weight::of('100/3')->toString());
        self::assertTrue(Weight::of('50.0')->equals(Weight::of('50')));
        self::assertFalse(Weight::of('33.33333')->equals(Weight::of('100/3')));
        self::assertTrue(Weight::of('100/3')->isGreaterThan(Weight::of('33.33333')));
        self::assertTrue(Weight::of('-0.00001')->isGreaterThan(Weight::of('-1/3')));
    }

    public function testAShareIsTheSameOnceItIsWrittenDown(): void
    {
        self::assertTrue(Weight::of('100/3')->isWrittenAs(Weight::of('33.33333')));
        self::assertTrue(Weight::of('66.66667')->isWrittenAs(Weight::of('200/3')));
        self::assertTrue(Weight::of('50.0')->isWrittenAs(Weight::of('50')));
        self::assertFalse(Weight::of('33.3333')->isWrittenAs(Weight::of('100/3')), 'Another number is written there.');
        self::assertFalse(Weight::of('-100/3')->isWrittenAs(Weight::of('33.33333')));
    }

    /** @return iterable<string, array{string, string}> */
    public static function roundings(): iterable
    {
        yield 'a third' => ['100/3', '33.33333'];
        yield 'less than nothing' => ['-100/3', '-33.33333'];
        yield 'two thirds are rounded up' => ['200/3', '66.66667'];
        yield 'trailing zeros go' => ['12.50000', '12.5'];
        yield 'a whole number' => ['100', '100'];
        yield 'more decimals than are written' => ['0.000004', '0'];
    }

    #[DataProvider('roundings')]
    public function testItIsWrittenWithFiveDecimalsAtMost(string $weight, string $written): void
    {
        self::assertSame($written, Weight::of($weight)->rounded(5));
    }

    /** @return iterable<string, array{string, bool, bool}> */
    public static function signs(): iterable
    {
        yield 'nothing' => ['0', false, true];
        yield 'nothing, with decimals' => ['0.00', false, true];
        yield 'next to nothing' => ['0.00001', true, false];
        yield 'a fraction' => ['1/3', true, false];
        yield 'below' => ['-50', false, false];
        yield 'below, as a fraction' => ['-1/7', false, false];
        yield 'many decimals' => ['0.0000001', true, false];
    }

    #[DataProvider('signs')]
    public function testItsSignIsExact(string $weight, bool $isAboveZero, bool $isZero): void
    {
        self::assertSame($isAboveZero, Weight::of($weight)->isAboveZero());
        self::assertSame($isZero, Weight::of($weight)->isZero());
    }

    /** Four right and three wrong give 25 and −33⅓ (common practice, no source). */
    public function testEvenSharesTakeBackWhatTheyGive(): void
    {
        $shares = EvenShares::for([true, false, true, true, false, true, false]);

        self::assertSame(['25', '-100/3', '25', '25', '-100/3', '25', '-100/3'], array_map(static fn (Weight $share) => $share->toString(), $shares));
        self::assertSame('0', (string) WeightSum::ofAll(self::options(...$shares))->exact());
        self::assertSame(['0', '0'], array_map(static fn (Weight $share) => $share->toString(), EvenShares::for([false, false])));
        self::assertSame(['50', '50'], array_map(static fn (Weight $share) => $share->toString(), EvenShares::for([true, true])));
    }

    /**
     * Sums against Python's fractions, which are exact: a reference library of another language.
     */
    public function testSumsAreThoseOfAnotherLanguagesFractions(): void
    {
        if (!is_executable('/usr/bin/python3') && null === shell_exec('command -v python3')) {
            self::markTestSkipped('There is no Python on this machine.');
        }
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(5));
        $kinds = [
            static fn (): string => (string) $random->getInt(-100, 100),
            static fn (): string => \sprintf('%d.%05d', $random->getInt(-99, 99), $random->getInt(0, 99_999)),
            static fn (): string => $random->getInt(-300, 300).'/'.$random->getInt(1, 9),
            static fn (): string => '0.'.$random->getInt(1, 9_999_999),
        ];
        $lists = [];
        for ($index = 0; $index < 60; ++$index) {
            $lists[] = array_map(static fn () => $kinds[$random->getInt(0, 3)](), range(1, $random->getInt(1, 8)));
        }
        $script = 'import json,sys; from fractions import Fraction; print(json.dumps([str(sum(map(Fraction, row))) for row in json.load(sys.stdin)]))';
        $process = proc_open(['python3', '-c', $script], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], json_encode($lists, \JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $sums = json_decode((string) stream_get_contents($pipes[1]), true, flags: \JSON_THROW_ON_ERROR);
        proc_close($process);

        self::assertIsArray($sums);
        foreach ($lists as $index => $weights) {
            self::assertSame($sums[$index], (string) WeightSum::ofAll(self::options(...array_map(Weight::of(...), $weights)))->exact(), implode(' + ', $weights));
        }
    }

    public function testASumAllowsForWeightsThatWereRounded(): void
    {
        $thirds = self::options(...array_fill(0, 3, Weight::of('33.33333')));
        self::assertFalse(WeightSum::ofAll($thirds)->isUnder(100));
        self::assertTrue(WeightSum::ofAll(\array_slice($thirds, 0, 2))->isUnder(67));
        self::assertTrue(WeightSum::ofAll(self::options(...array_fill(0, 3, Weight::of('33.3'))))->isUnder(100), 'With fewer decimals nothing is allowed for.');
        $sixths = self::options(...array_fill(0, 6, Weight::of('16.66667')));
        self::assertFalse(WeightSum::ofAll($sixths)->isOver(100));
        self::assertTrue(WeightSum::ofAll(self::options(Weight::of('100'), Weight::of('0.00002')))->isOver(100));
        self::assertTrue(WeightSum::ofAll(self::options(Weight::of('200/3'), Weight::of('100/2')))->isOver(100), 'Fractions are exact.');
        self::assertFalse(WeightSum::ofAll(self::options(Weight::of('200/3'), Weight::of('100/3')))->isUnder(100));
    }

    /** @return list<Option> */
    private static function options(Weight ...$weights): array
    {
        return array_map(static fn (Weight $weight) => new Option(new FormattedText('x'), $weight, $weight->isAboveZero(), null, new Span(0, 1), 1), array_values($weights));
    }
}
