<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Bench\Shapes;
use Notagram\Bench\Stages;
use Notagram\Intake\Documents;
use Notagram\Intake\Table\ClipboardTable;
use Notagram\Notation\Notations;
use Notagram\Tests\Intake\Zipped;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * No line, question or sheet is so odd that four times as much of it takes far more than four times as long.
 *
 * Both times are of one run, taken one right after the other, and what is done in a moment is not compared.
 */
final class GrowthTest extends TestCase
{
    private const BYTES = 1_800;
    private const TIMES = 4;
    /** What is quadratic takes sixteen times as long. */
    private const MOST = 9;
    private const A_MOMENT = 0.05;
    private const TRIES = 5;

    /** @return iterable<string, array{\Closure(int): string}> */
    public static function shapes(): iterable
    {
        foreach (Shapes::all() as $name => $shape) {
            yield $name => [$shape];
        }
    }

    /** @param \Closure(int): string $shape */
    #[DataProvider('shapes')]
    public function testTimeGrowsWithTheText(\Closure $shape): void
    {
        $texts = [$shape(self::BYTES), $shape(self::TIMES * self::BYTES)];
        foreach (Stages::ofText() as $stage => $work) {
            $this->assertGrows($stage, static fn (int $which) => $work($texts[$which]));
        }
        $gift = Notations::find('gift') ?? throw new \LogicException();
        $sheets = array_map(static fn (string $text) => Stages::read($text, $gift), $texts);
        $this->assertGrows('pack', static fn (int $which) => Stages::pack($sheets[$which]));
        foreach (Notations::all() as $notation) {
            $sheets = array_map(static fn (string $text) => Stages::read($text, $notation), $texts);
            foreach (Stages::ofSheet() as $stage => $work) {
                $this->assertGrows("{$stage}, {$notation->id()}", static fn (int $which) => $work($sheets[$which]));
            }
        }
    }

    public function testTimeGrowsWithTheFilesOfAPackageAndTheRowsOfATable(): void
    {
        $packages = array_map(static function (int $items): string {
            $files = $resources = [];
            for ($item = 1; $item <= $items; ++$item) {
                $files["{$item}.xml"] = "<assessmentItem identifier='i{$item}'><itemBody>One</itemBody></assessmentItem>";
                $resources[] = "<resource type='imsqti_item_xmlv2p1' href='{$item}.xml'>".str_repeat("<file href='{$item}.xml'/>", 6).'</resource>';
            }

            return Zipped::of(['imsmanifest.xml' => '<manifest><resources>'.implode('', $resources).'</resources></manifest>'] + $files);
        }, [1_000, self::TIMES * 1_000]);
        $this->assertGrows('package', static fn (int $which) => Documents::read($packages[$which], 'many.zip'));
        $tables = array_map(static fn (int $rows): string => '<table>'.str_repeat('<tr><td>Which?</td><td>a</td><td>b</td></tr>', $rows).'</table>', [2_000, self::TIMES * 2_000]);
        $this->assertGrows('pasted table', static fn (int $which) => ClipboardTable::rows($tables[$which]));
    }

    /** @param \Closure(int): mixed $work on the smaller text (0) or the larger one (1) */
    private function assertGrows(string $stage, \Closure $work): void
    {
        for ($try = 1;; ++$try) {
            $larger = self::timeOf(static fn () => $work(1));
            $limit = $larger < self::A_MOMENT ? self::A_MOMENT : self::MOST * self::timeOf(static fn () => $work(0));
            // A machine that is busy may slow down one of the two.
            if ($larger <= $limit || self::TRIES === $try) {
                self::assertLessThanOrEqual($limit, $larger, $stage);

                return;
            }
        }
    }

    private static function timeOf(\Closure $work): float
    {
        $start = Stages::processorTime();
        $work();

        return Stages::processorTime() - $start;
    }
}
