<?php

declare(strict_types=1);

namespace Notagram\Tests\Rehearsal\Draw;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\Draw\Draw;
use Notagram\Rehearsal\Draw\DrawChances;
use Notagram\Rehearsal\Draw\ImpossibleDraw;
use Notagram\Rehearsal\Draw\TakeLine;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DrawTest extends TestCase
{
    /** @return iterable<string, array{int, int, string, string, string, float}> */
    public static function chances(): iterable
    {
        yield '5 of 25' => [5, 25, '53130', '2584/8855', '1/53130', 0.291812535];
        yield '3 of 16' => [3, 16, '560', '143/280', '1/560', 0.510714286];
        yield '7 of 10, of which two always share some' => [7, 10, '120', '0', '1/120', 0.0];
        yield 'the only one' => [1, 1, '1', '0', '1', 0.0];
        yield '20 of 200' => [20, 200, '1613587787967350073386147640', '507151126721372100399/4672393658420854720312', '1/1613587787967350073386147640', 0.108542038];
    }

    /** By Python 3.11 (math.comb, fractions), and the chance of nothing in common by R 4.2 (dhyper). */
    #[DataProvider('chances')]
    public function testChancesAreExact(int $count, int $of, string $sets, string $disjoint, string $same, float $byR): void
    {
        $chances = DrawChances::ofDrawing($count, $of);
        self::assertSame([$sets, $disjoint, $same], [(string) $chances->sets, (string) $chances->disjoint, (string) $chances->same]);
        self::assertEqualsWithDelta($byR, $chances->disjoint->toFloat(), 1e-8);
    }

    public function testSeveralLinesAreOneDraw(): void
    {
        $all = DrawChances::together([DrawChances::ofDrawing(5, 25), DrawChances::ofDrawing(3, 16)]);
        self::assertSame([41, '29752800', '4199/28175', '1/29752800'], [$all->of, (string) $all->sets, (string) $all->disjoint, (string) $all->same]);
    }

    public function testTheSameSeedDrawsTheSameAndOnlyWhatCanBeDrawn(): void
    {
        $sheet = self::sheet();
        $draw = self::draw('2 Wax/*; 1 Bees', 'spring', $sheet);
        self::assertSame($draw->drawn, self::draw('2 Wax/*; 1 Bees', 'spring', $sheet)->drawn);
        $seen = [];
        for ($seed = 0; $seed < 60; ++$seed) {
            $one = self::draw('2 Wax/*; 1 Bees', (string) $seed, $sheet);
            self::assertCount(3, array_unique($one->drawn));
            $seen += array_flip($one->drawn);
            self::assertSame([], array_diff(\array_slice($one->drawn, 0, 2), [1, 2, 3]));
            self::assertContains($one->drawn[2], [4, 5]);
            self::assertContains((string) $one->worth, ['4', '5']);
        }
        ksort($seen);
        self::assertSame([1, 2, 3, 4, 5], array_keys($seen), 'Each question comes up, but no text and nothing that is broken.');
        self::assertSame(['4', '5'], [(string) $draw->least, (string) $draw->most]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function impossible(): iterable
    {
        yield 'no such category' => ['1 Honey', 'There is no category for “1 Honey”.'];
        yield 'a parent has no questions of its own' => ['1 Hive', 'There is no category for “1 Hive”.'];
        yield 'too few' => ['3 Wax', '“3 Wax” asks for more than there are: 2 questions can be drawn there.'];
        yield 'lines that overlap' => ['1 Wax; 1 Wax/Comb; 1 *', '“1 Wax” and “1 *” could both draw question 1. Give each question to one line.'];
    }

    #[DataProvider('impossible')]
    public function testWhatCannotBeDrawnIsSaid(string $take, string $reason): void
    {
        try {
            self::draw($take, 'a', self::sheet());
            self::fail($take);
        } catch (ImpossibleDraw $impossible) {
            self::assertSame($reason, InEnglish::of($impossible->reason));
        }
    }

    public function testALineSaysHowManyFromWhere(): void
    {
        foreach (['Castes', '0 Castes', '-1 Castes', '5', '5 ', '2 /', '1.5 Wax', '2 Wax/ /Comb'] as $written) {
            self::assertNull(TakeLine::read($written), $written);
        }
        self::assertSame('3 Wax/Comb', TakeLine::read('  3   Wax/Comb ')?->written);
        $slash = ReadSheet::of(SourceText::fromUtf8("\$CATEGORY: A//B/C\n\nOne? {T}\n"), Notations::find('gift') ?? self::fail());
        self::assertSame([1], self::draw('1 A//B/C', 'a', $slash)->drawn);
    }

    private static function draw(string $take, string $seed, ReadSheet $sheet): Draw
    {
        $lines = array_values(array_filter(array_map(TakeLine::read(...), explode(';', $take))));

        return [] === $lines ? self::fail($take) : Draw::of($sheet, $lines, $seed);
    }

    private static function sheet(): ReadSheet
    {
        $text = "\$CATEGORY: Wax\n\nOne? {T}\n\n// (2 points)\nTwo? {F}\n\n\$CATEGORY: Wax/Comb\n\n// (2 points)\nThree? {T}\n\n\$CATEGORY: Bees\n\nFour? {T}\n\nFive? {T}\n\nSix {=a\n\n\$CATEGORY: Hive/Parts\n\nSeven? {T}\n\n\$CATEGORY: Texts\n\nRead this.\n";

        return ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? self::fail());
    }
}
