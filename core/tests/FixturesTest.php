<?php

declare(strict_types=1);

namespace Notagram\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every fixture is read, checked, mended and written as its file says. */
final class FixturesTest extends TestCase
{
    /** @return iterable<string, array{Fixture, string}> */
    public static function sections(): iterable
    {
        foreach (Fixture::all() as $path => $fixture) {
            foreach (array_keys($fixture->actual()) as $section) {
                yield "{$path}: {$section}" => [$fixture, $section];
            }
        }
    }

    #[DataProvider('sections')]
    public function testIsAsTheFixtureSays(Fixture $fixture, string $section): void
    {
        self::assertArrayHasKey($section, $fixture->sections, 'The fixture does not expect this section; bin/fixtures adds it.');
        self::assertSame($fixture->sections[$section], $fixture->actual()[$section]);
    }

    public function testEachFixtureOfARuleShowsItsCode(): void
    {
        foreach (Fixture::all() as $path => $fixture) {
            [$area, $name] = explode('/', $path);
            if (str_contains($fixture->sections['findings'], "{$area}.")) {
                preg_match_all("/{$area}\\.([a-z-]+)/", $fixture->sections['findings'], $codes);
                $named = array_filter($codes[1], static fn (string $code) => str_starts_with($name, $code));
                self::assertTrue([] !== $named || [] === preg_grep("/^{$name}/", $codes[1]), "{$path} does not show what it is named for.");
            }
        }
    }
}
