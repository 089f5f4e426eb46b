<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Documents;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\UnreadableDocument;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RichTextTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'paragraphs and signs' => ['One \emdash  two\line three\par\par \ldblquote x\rdblquote\~y \{z\}', "One — two\nthree\n\n“x”\u{A0}y {z}\n"];
        yield 'lines of the file are none of the text' => ["Which\r\n bee \r\nlays?", "Which bee lays?\n"];
        yield 'bytes of its code page' => ["caf\\'e9 \\'93x\\'94", "café “x”\n"];
        yield 'Unicode, with what stands for it' => ["\\u233\\'e9t\\u233?\\u8594 x\\u-10179?\\u-8704?", "été→😀\n"];
        yield 'nothing stands for it' => ['{\uc0\u8730 x}\u960 ?', "√xπ\n"];
        yield 'a font of another code page' => ['{\fonttbl{\f0\fcharset0 A;}{\f1\fcharset204 B;}}\f1 \\\'cf\\\'f7\\\'e5\\\'eb\\\'e0 \f0 \\\'e9', "Пчела é\n"];
        yield 'automatic numbers stand as text' => ['{\listtext 1.\tab}Which?\par{\pntext a)\tab}one\par{\*\pntext b)\tab}two', "1.\tWhich?\na)\tone\nb)\ttwo\n"];
        yield 'a table' => ['\trowd\pard\intbl 1.\cell Which?\cell\row\trowd\pard\intbl a\cell b\cell\row\pard End', "1.\tWhich?\na\tb\nEnd\n"];
        yield 'what is no text' => ['{\stylesheet{\s0 Normal;}}{\info{\title Test}}{\*\unknown x}{\header Top}{\field{\*\fldinst PAGE}{\fldrslt 3}}', "3\n"];
        yield 'a page break' => ['One\page Two', "One\n\f\nTwo\n"];
        yield 'a box of a font of signs' => ['{\fonttbl{\f0 A;}{\f3\fcharset2 Wingdings;}}{\f3\\\'a8} one', "☐ one\n"];
        yield 'it ends within a group' => ['{\b Which', "Which\n"];
    }

    #[DataProvider('texts')]
    public function testItIsReadAsItIsSeen(string $rtf, string $text): void
    {
        self::assertSame($text, self::read($rtf)->text);
    }

    public function testWhatStandsOutIsFound(): void
    {
        $found = self::read('{\colortbl;\red255\green0\blue0;\red0\green0\blue0;}Which?\par a {\b drone}\par b \cf1 queen\cf0\par c \ul wax\ulnone\par d \cf2 black\cf0\par e \highlight1 marked\highlight0\par')->emphasised;
        self::assertSame(['drone', 'queen', 'wax', 'marked'], array_map(static fn (Emphasis $one) => $one->text, $found));
        self::assertSame([2, 3, 4, 6], array_map(static fn (Emphasis $one) => $one->line, $found));
    }

    public function testWhatIsLeftOutIsSaid(): void
    {
        $read = self::read('One{\footnote note} {\v hidden }two {\deleted gone}{\revised new}{\*\annotation said}');
        self::assertSame("One two new\n", $read->text);
        self::assertSame(['Footnotes were left out: 1.', 'Hidden text was left out.', 'Tracked changes were accepted.', 'Comments were left out.'], InEnglish::all($read->notes));
    }

    public function testPicturesComeAlong(): void
    {
        $png = "\x89PNG\r\n\x1A\nrest";
        $read = self::read('See {\*\shppict{\pict\pngblip '.bin2hex($png).'}}{\nonshppict{\pict\wmetafile8 00}}.');
        self::assertSame("See [picture 1].\n", $read->text);
        self::assertSame($png, $read->pictures[0]->bytes);
        self::assertSame("See [picture].\n", self::read('See {\pict\wmetafile8 }.')->text);
    }

    /** The demo's own documents, saved as RTF by LibreOffice 7.4: they are tidied to the same questions as before. */
    #[DataProvider('documents')]
    public function testADocumentSavedAsRichTextIsTheSameTest(string $rtf, string $original): void
    {
        $tidied = static fn (string $file): string => Tidy::of(Documents::read((string) file_get_contents($file))->text ?? throw new \LogicException($file))->text;
        self::assertSame($tidied(__DIR__.'/../../../app/demo/'.$original), $tidied(__DIR__.'/documents/'.$rtf));
    }

    /** @return iterable<string, array{string, string}> */
    public static function documents(): iterable
    {
        yield 'without a key' => ['foundation.rtf', 'Foundation paper 2016.docx'];
        yield 'with a key' => ['spring.rtf', 'Spring test with key.odt'];
    }

    public function testWhatIsHostileIsRefusedOrRead(): void
    {
        self::assertSame("a\n", self::read(str_repeat('{', 400).'a'.str_repeat('}', 400))->text);
        self::assertSame("x\n", self::read('\bin9999999999 {{{')->text.self::read('x')->text);
        $this->expectException(UnreadableDocument::class);
        self::read(str_repeat('{', 100_000));
    }

    private static function read(string $rtf): Manuscript
    {
        return Documents::read('{\rtf1\ansi\ansicpg1252\deff0 '.$rtf.'}') ?? throw new \LogicException();
    }
}
