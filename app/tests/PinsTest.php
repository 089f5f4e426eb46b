<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\TestCase;

/** Two fresh machines get the same versions of everything: no lock file says so here, and bin/pins writes down what does. */
final class PinsTest extends TestCase
{
    public function testEveryPackageIsPinned(): void
    {
        foreach (['app', 'core'] as $folder) {
            $root = \dirname(__DIR__, 2)."/{$folder}";
            $pins = self::pins(self::decoded("{$root}/composer.json"));
            $packages = self::decoded("{$root}/vendor/composer/installed.json")['packages'] ?? [];
            self::assertIsArray($packages);
            foreach ($packages as $package) {
                self::assertIsArray($package);
                ['name' => $name, 'version' => $version] = $package;
                self::assertIsString($name);
                self::assertIsString($version);
                self::assertSame(ltrim($version, 'v'), $pins[$name] ?? null, "{$name} in {$folder}: run bin/pins.");
            }
        }
    }

    /**
     * @param array<mixed> $manifest
     *
     * @return array<mixed> versions by package
     */
    private static function pins(array $manifest): array
    {
        $pins = [...(array) $manifest['require'], ...(array) $manifest['require-dev']];
        foreach ((array) $manifest['repositories'] as $repository) {
            $package = (array) (((array) $repository)['package'] ?? []);
            $pins = [...$pins, ...(array) ($package['require'] ?? [])];
        }

        return $pins;
    }

    /** @return array<mixed> */
    private static function decoded(string $path): array
    {
        return (array) json_decode((string) file_get_contents($path), true, flags: \JSON_THROW_ON_ERROR);
    }
}
