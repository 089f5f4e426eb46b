<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\Encoding;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One text in several encodings, written by others (Debian golang-golang-x-text-dev, BSD-3), read from the package. */
final class OutsideTextsTest extends TestCase
{
    private const FOLDER = '/usr/share/gocode/src/golang.org/x/text/encoding/testdata/candide-';

    /** @return iterable<string, array{string, Encoding, string}> */
    public static function files(): iterable
    {
        yield 'windows-1252, told by itself' => ['windows-1252', Encoding::Windows1252, ''];
        yield 'UTF-16 little-endian with a mark' => ['utf-16le', Encoding::Utf16Le, "\xFF\xFE"];
        yield 'UTF-8' => ['utf-8', Encoding::Utf8, ''];
    }

    #[DataProvider('files')]
    public function testTheSameTextIsReadFromEach(string $name, Encoding $encoding, string $mark): void
    {
        if (!is_file(self::FOLDER.'utf-8.txt')) {
            self::markTestSkipped('The texts are not installed: bin/setup --tests.');
        }
        $expected = (string) file_get_contents(self::FOLDER.'utf-8.txt');
        $source = SourceText::fromBytes($mark.file_get_contents(self::FOLDER.$name.'.txt'));

        self::assertSame($encoding, $source->encoding);
        self::assertSame($expected, $source->text);
    }
}
