<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\Encoding;
use Notagram\Source\FileKind;
use Notagram\Source\LineEnding;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SourceTextTest extends TestCase
{
    private const TEXT = "Où est l’abeille ?\r\n{=ici ~là}";

    /** What was lost before the file came here is nothing that we lose. */
    public function testSignsOfLossThatStandInTheFileAreNotCountedAgain(): void
    {
        self::assertSame(0, SourceText::fromBytes("caf\u{FFFD} \u{FFFD}")->undecodable);
        self::assertSame(1, SourceText::fromBytes("caf\u{FFFD} caf\xE9", Encoding::Utf8)->undecodable);
    }

    /** @return iterable<string, array{string, Encoding, bool}> */
    public static function files(): iterable
    {
        yield 'UTF-8' => [self::TEXT, Encoding::Utf8, false];
        yield 'UTF-8 with a mark' => ["\xEF\xBB\xBF".self::TEXT, Encoding::Utf8, true];
        yield 'UTF-16 little-endian with a mark' => ["\xFF\xFE".mb_convert_encoding(self::TEXT, 'UTF-16LE', 'UTF-8'), Encoding::Utf16Le, true];
        yield 'UTF-16 big-endian with a mark' => ["\xFE\xFF".mb_convert_encoding(self::TEXT, 'UTF-16BE', 'UTF-8'), Encoding::Utf16Be, true];
        yield 'UTF-16 big-endian without a mark' => [mb_convert_encoding(self::TEXT, 'UTF-16BE', 'UTF-8'), Encoding::Utf16Be, false];
        yield 'UTF-16 little-endian without a mark' => [mb_convert_encoding(self::TEXT, 'UTF-16LE', 'UTF-8'), Encoding::Utf16Le, false];
        yield 'UTF-32 with a mark' => ["\xFF\xFE\x00\x00".mb_convert_encoding(self::TEXT, 'UTF-32LE', 'UTF-8'), Encoding::Utf32Le, true];
        yield 'UTF-32 without a mark' => [mb_convert_encoding(self::TEXT, 'UTF-32BE', 'UTF-8'), Encoding::Utf32Be, false];
        yield 'Windows-1252' => [mb_convert_encoding(self::TEXT, 'Windows-1252', 'UTF-8'), Encoding::Windows1252, false];
    }

    #[DataProvider('files')]
    public function testAFileIsDecodedWhateverItCameIn(string $bytes, Encoding $encoding, bool $hasBom): void
    {
        $source = SourceText::fromBytes($bytes);

        self::assertSame(self::TEXT, $source->text);
        self::assertSame($encoding, $source->encoding);
        self::assertSame($hasBom, $source->hasBom);
        self::assertSame(LineEnding::Crlf, $source->lineEnding());
        self::assertSame(Encoding::Utf8 === $encoding && !$hasBom, $source->isPlainUtf8());
    }

    public function testAChosenEncodingIsObeyedEvenWhereItIsWrong(): void
    {
        self::assertSame('О№', SourceText::fromBytes("\xCE\xB9", Encoding::Windows1251)->text);
        self::assertSame("caf\u{FFFD}", SourceText::fromBytes("caf\xE9", Encoding::Utf8)->text);
    }

    /**
     * The tables of Perl's Encode, which come from the mappings that the Unicode Consortium publishes.
     *
     * @return iterable<string, array{Encoding, string}>
     */
    public static function tables(): iterable
    {
        yield 'windows-1250' => [Encoding::Windows1250, 'cp1250'];
        yield 'windows-1251' => [Encoding::Windows1251, 'cp1251'];
        yield 'windows-1252' => [Encoding::Windows1252, 'cp1252'];
        yield 'windows-1253' => [Encoding::Windows1253, 'cp1253'];
        yield 'windows-1254' => [Encoding::Windows1254, 'cp1254'];
        yield 'windows-1255' => [Encoding::Windows1255, 'cp1255'];
        yield 'windows-1256' => [Encoding::Windows1256, 'cp1256'];
        yield 'windows-1257' => [Encoding::Windows1257, 'cp1257'];
        yield 'windows-1258' => [Encoding::Windows1258, 'cp1258'];
        yield 'ISO-8859-5' => [Encoding::Cyrillic, 'iso-8859-5'];
        yield 'ISO-8859-7' => [Encoding::Greek, 'iso-8859-7'];
        yield 'ISO-8859-9' => [Encoding::Latin5, 'iso-8859-9'];
        yield 'KOI8-R' => [Encoding::Koi8R, 'koi8-r'];
        yield 'ISO-8859-1' => [Encoding::Latin1, 'iso-8859-1'];
        yield 'ISO-8859-2' => [Encoding::Latin2, 'iso-8859-2'];
        yield 'ISO-8859-15' => [Encoding::Latin9, 'iso-8859-15'];
        yield 'macintosh' => [Encoding::Macintosh, 'MacRoman'];
        yield 'IBM437' => [Encoding::Ibm437, 'cp437'];
        yield 'IBM850' => [Encoding::Ibm850, 'cp850'];
    }

    #[DataProvider('tables')]
    public function testEveryByteDecodesAsTheTableOfAnotherProgramSays(Encoding $encoding, string $perlName): void
    {
        $script = "use Encode; binmode STDOUT, ':utf8'; print join ',', map { my \$c = decode('{$perlName}', chr \$_); \$c eq \"\\x{FFFD}\" ? '-' : \$c } 0x80 .. 0xFF;";
        exec('perl -e '.escapeshellarg($script), $output, $status);
        self::assertSame(0, $status);
        $differences = [];
        foreach (explode(',', implode("\n", $output)) as $index => $expected) {
            $actual = $encoding->decode(\chr(0x80 + $index));
            if ('-' !== $expected && $expected !== $actual) {
                $differences[\sprintf('%02X', 0x80 + $index)] = [$expected, $actual];
            }
        }
        // ICU and Unicode's own table part ways at two letters: the sharp s / beta, mu / micro sign, and the Apple logo.
        self::assertSame([], array_diff_key($differences, Encoding::Ibm437 === $encoding ? ['E6' => 1] : []));
    }

    public function testMixedLineEndingsAreTold(): void
    {
        self::assertSame(LineEnding::Mixed, LineEnding::of("a\r\nb\nc"));
        self::assertSame(LineEnding::Cr, LineEnding::of("a\rb\rc"));
        self::assertSame("\r\n", LineEnding::forNewLinesIn("a\r\nb\r\nc\n"));
    }

    /** @return iterable<string, array{string, FileKind}> */
    public static function kinds(): iterable
    {
        yield 'a text' => ['One? {T}', FileKind::Text];
        yield 'an empty file' => ['', FileKind::Text];
        yield 'a text with a stray NUL' => ["One?\0 {T}", FileKind::Text];
        yield 'a text in UTF-16' => ["\xFF\xFE".mb_convert_encoding('One? {T}', 'UTF-16LE'), FileKind::Text];
        yield 'a word-processor file' => ["PK\x03\x04....word/document.xml", FileKind::WordDocument];
        yield 'an old word-processor file' => ["\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1", FileKind::OldWordProcessor];
        yield 'rich text' => ['{\rtf1\ansi One?}', FileKind::RichText];
        yield 'a spreadsheet' => ["PK\x03\x04....xl/workbook.xml", FileKind::Workbook];
        yield 'an old spreadsheet' => ["\xD0\xCF\x11\xE0....W\0o\0r\0k\0b\0o\0o\0k\0", FileKind::OldSpreadsheet];
        yield 'a PDF' => ['%PDF-1.7', FileKind::Pdf];
        yield 'garbage' => [str_repeat("\x01\x02\x7F\x00", 100), FileKind::Binary];
    }

    #[DataProvider('kinds')]
    public function testWhatIsNoTextIsToldByItsBytes(string $bytes, FileKind $kind): void
    {
        self::assertSame($kind, FileKind::of($bytes));
        self::assertSame(\in_array($kind, [FileKind::Text, FileKind::WordDocument, FileKind::RichText, FileKind::Workbook], true), null === $kind->refusal());
    }
}
