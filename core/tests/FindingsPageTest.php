<?php

declare(strict_types=1);

namespace Notagram\Tests;

use PHPUnit\Framework\TestCase;

/** The page that lists the kinds of finding names each that there is, with its level and what may mend it. */
final class FindingsPageTest extends TestCase
{
    public function testEveryKindStandsOnThePage(): void
    {
        preg_match_all('/^\| `([a-z.-]+)` \| ([a-z, ]+) \| (safe|offered|–) \|/m', (string) file_get_contents(__DIR__.'/../../docs/findings.md'), $rows, \PREG_SET_ORDER);
        $listed = [];
        foreach ($rows as [, $code, $levels, $mend]) {
            $listed[$code] = [explode(', ', $levels), $mend];
        }
        foreach (Fixture::all() as $path => $fixture) {
            foreach ($fixture->checked()->findings() as $placed) {
                $finding = $placed->finding;
                self::assertArrayHasKey($finding->code, $listed, $path);
                self::assertContains($finding->level->value, $listed[$finding->code][0], "{$path}: {$finding->code}");
                self::assertTrue(null === $finding->fix || '–' !== $listed[$finding->code][1], "{$path}: {$finding->code} can be mended.");
            }
        }
        self::assertGreaterThan(75, \count($listed));
    }
}
