<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Editing\Thinning;
use PHPUnit\Framework\TestCase;

final class ThinningTest extends TestCase
{
    public function testAllOfTheLastDayStayThenOneAnHourThenOneADay(): void
    {
        $now = new \DateTimeImmutable('2026-11-27 12:00');
        $times = array_map(static fn (string $time) => new \DateTimeImmutable($time), [
            '2026-09-01 08:00', '2026-09-01 08:10', '2026-09-01 17:00', '2026-09-02 09:00',
            '2026-11-20 10:00', '2026-11-20 10:50', '2026-11-20 11:00',
            '2026-11-27 11:00', '2026-11-27 11:10', '2026-11-27 11:20',
        ]);

        self::assertSame([1, 2, 5], Thinning::superfluous($times, $now));
    }

    public function testTheFirstStaysWhateverComesAfter(): void
    {
        $now = new \DateTimeImmutable('2026-11-27 12:00');

        self::assertSame([], Thinning::superfluous([], $now));
        self::assertSame([], Thinning::superfluous([$now->modify('-9 years')], $now));
        self::assertSame([1], Thinning::superfluous([$now->modify('-2 years'), $now->modify('-2 years +1 minute')], $now));
    }

    public function testThinningASecondTimeTakesNothingMore(): void
    {
        $now = new \DateTimeImmutable('2026-11-27 12:00');
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(1));
        $minutes = array_map(static fn () => $random->getInt(0, 120_000), range(1, 400));
        rsort($minutes);
        $times = array_map(static fn (int $ago) => $now->modify("-{$ago} minutes"), $minutes);
        $left = array_values(array_diff_key($times, array_flip(Thinning::superfluous($times, $now))));

        self::assertLessThan(\count($times), \count($left));
        self::assertSame([], Thinning::superfluous($left, $now));
        self::assertSame($times[0], $left[0]);
    }
}
