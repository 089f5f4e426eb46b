<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\Regex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What PHP answers with false, null or nothing stops the work. */
final class RegexTest extends TestCase
{
    /** @return iterable<string, array{\Closure(string, string): mixed}> */
    public static function searches(): iterable
    {
        yield 'match' => [Regex::match(...)];
        yield 'match all' => [Regex::matchAll(...)];
        yield 'split' => [Regex::split(...)];
        yield 'replace' => [static fn (string $pattern, string $text) => Regex::replace($pattern, '', $text)];
        yield 'replace by' => [static fn (string $pattern, string $text) => Regex::replaceBy($pattern, static fn (array $match) => '', $text)];
    }

    /** @param \Closure(string, string): mixed $search */
    #[DataProvider('searches')]
    public function testAFailureIsNotTakenForNothingFound(\Closure $search): void
    {
        $this->expectExceptionMessage('Malformed UTF-8');

        $search('/bee/u', "\xFF bee");
    }

    public function testATextThatIsTooMuchForAPatternIsNotTakenForNothingFound(): void
    {
        $this->expectException(\LogicException::class);

        Regex::match('/^(?:(a+)+)+$/', str_repeat('a', 40).'b');
    }

    public function testALongTextIsNoFailure(): void
    {
        ini_set('pcre.backtrack_limit', '1000000');

        self::assertTrue(Regex::match('/(?:(?:a|b)*+c?)++d\z/', str_repeat('abc', 1_000_000).'d'));
    }

    public function testWhatIsFoundIsGiven(): void
    {
        self::assertTrue(Regex::match('/b(e+)/', 'a bee', $match, \PREG_OFFSET_CAPTURE));
        self::assertSame([['bee', 2], ['ee', 3]], $match);
        self::assertFalse(Regex::match('/wasp/', 'a bee'));
        self::assertSame(2, Regex::matchAll('/e/', 'a bee'));
        self::assertSame('a wee', Regex::replace('/b/', 'w', 'a bee'));
    }

    public function testNothingSearchesWithoutIt(): void
    {
        $found = [];
        $root = \dirname(__DIR__, 3);
        foreach (["{$root}/core/src", "{$root}/app/src"] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                \assert($file instanceof \SplFileInfo);
                if (1 === preg_match('/\bpreg_(?!quote|last_error)/', (string) file_get_contents($file->getPathname()))) {
                    $found[] = substr($file->getPathname(), \strlen($root) + 1);
                }
            }
        }
        sort($found);

        // Whether a text is UTF-8 is asked by a search that may fail.
        self::assertSame(['core/src/Source/Regex.php', 'core/src/Source/SourceText.php'], $found);
    }
}
