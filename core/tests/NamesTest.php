<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Source\Regex;
use PHPUnit\Framework\TestCase;

/** Whoever reads a name knows which class is meant. */
final class NamesTest extends TestCase
{
    public function testNoTwoClassesHaveOneName(): void
    {
        $places = [];
        foreach ([__DIR__.'/../src', __DIR__.'/../../app/src'] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                self::assertInstanceOf(\SplFileInfo::class, $file);
                if ('php' !== $file->getExtension()) {
                    continue;
                }
                $name = $file->getBasename('.php');
                $places[$name][] = $file->getPathname();
                self::assertTrue(Regex::match("/^(?:abstract |final |readonly )*+(?:class|interface|enum|trait) {$name}\\b/m", (string) file_get_contents($file->getPathname())), $file->getPathname());
            }
        }
        self::assertGreaterThan(500, \count($places));
        self::assertSame([], array_filter($places, static fn (array $of) => \count($of) > 1));
    }
}
