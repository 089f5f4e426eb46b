<?php

declare(strict_types=1);

namespace Notagram\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two thousand texts that nobody wrote break no law; bin/fuzz tries more of them, and others. */
final class FuzzTest extends TestCase
{
    private const INPUTS_A_SEED = 1_000;

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        foreach ([11, 12] as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testTextsThatNobodyWroteBreakNoLaw(int $seed): void
    {
        $fuzz = new Fuzz(Fuzz::seeds(), $seed);
        $faults = [];
        for ($index = 0; $index < self::INPUTS_A_SEED; ++$index) {
            $input = $fuzz->input();
            $fault = $fuzz->fault($input);
            if (null !== $fault) {
                $faults[] = $fault.' in '.json_encode($input, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR);
            }
        }

        self::assertSame([], $faults);
    }
}
