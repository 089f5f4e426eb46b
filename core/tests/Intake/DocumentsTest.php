<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Documents;
use Notagram\Intake\Emphasis;
use Notagram\Intake\HtmlPage;
use Notagram\Intake\ListLabel;
use Notagram\Intake\Manuscript;
use Notagram\Intake\OfferedMarks;
use Notagram\Intake\Picture;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Documents are read as their reader sees them. */
final class DocumentsTest extends TestCase
{
    private const FOLDER = __DIR__.'/documents';
    private const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';

    /** @return iterable<string, array{string}> */
    public static function documents(): iterable
    {
        foreach (['office.docx', 'office.odt', 'pandoc.docx', 'pandoc.odt'] as $name) {
            yield $name => [self::FOLDER.'/'.$name];
        }
    }

    /** ISO/IEC 29500-1 has a strict form with names of its own; the names are from memory. */
    public function testTheStrictFormOfADocumentReadsAsTheOther(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'strict');
        copy(self::FOLDER.'/office.docx', $file);
        $zip = new \ZipArchive();
        $zip->open($file);
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $name = (string) $zip->getNameIndex($index);
            $zip->addFromString($name, strtr((string) $zip->getFromIndex($index), [
                'http://schemas.openxmlformats.org/wordprocessingml/2006/main' => 'http://purl.oclc.org/ooxml/wordprocessingml/main',
                'http://schemas.openxmlformats.org/officeDocument/2006/relationships' => 'http://purl.oclc.org/ooxml/officeDocument/relationships',
                'http://schemas.openxmlformats.org/drawingml/2006/main' => 'http://purl.oclc.org/ooxml/drawingml/main',
            ]));
        }
        $zip->close();
        $strict = (string) file_get_contents($file);
        unlink($file);

        self::assertSame(self::read((string) file_get_contents(self::FOLDER.'/office.docx'))->text, self::read($strict)->text);
    }

    /** Files of two independent writers (pandoc 2.17, LibreOffice 7.4) against what LibreOffice prints of them as plain text. */
    #[DataProvider('documents')]
    public function testEveryLineReadsAsAnotherProgramPrintsIt(string $path): void
    {
        $flat = static fn (string $text): array => array_values(array_filter(array_map(
            static fn (string $line): string => (string) preg_replace(['/[\s\x{A0}]+/u', '/^[•◦](?: I+\.)? /u'], [' ', '* '], trim($line, " \u{FEFF}\r\t")),
            explode("\n", strtr($text, ["\t" => "\n"])),
        ), static fn (string $line) => '' !== $line));

        self::assertSame($flat((string) file_get_contents($path.'.txt')), $flat(self::read((string) file_get_contents($path))->text));
    }

    /**
     * The collection of pandoc's source package, written by a real word processor; the hashes are of the labelled lines that
     * LibreOffice 7.4 prints of each, bullets made one kind. The files stay where they were fetched to: they are GPL.
     */
    public function testAutomaticNumbersAreThoseThatAnotherProgramPrints(): void
    {
        /** @var array<string, list<string>> $expected */
        $expected = json_decode((string) file_get_contents(self::FOLDER.'/labels.json'), true, flags: \JSON_THROW_ON_ERROR);
        foreach ($expected as $name => $hashes) {
            $lines = [];
            $read = preg_split('/[\n\t\f]+/', self::read((string) file_get_contents(__DIR__."/../../../var/pandoc-documents/{$name}"))->text);
            foreach (false === $read ? [] : $read as $line) {
                $line = trim((string) preg_replace('/[\s\x{A0}]+/u', ' ', $line));
                $lines[] = hash('xxh32', (string) preg_replace('/^[^\w(\s]\s/u', '• ', $line));
            }
            self::assertSame([], array_values(array_diff($hashes, $lines)), $name);
        }
        self::assertGreaterThan(10, \count($expected));
    }

    /** No document of that collection may break the reader; one of them (normalize.docx) is no well-formed XML, and is refused. */
    public function testEveryDocumentOfTheCollectionIsRead(): void
    {
        $read = 0;
        $refused = [];
        foreach (new \GlobIterator(__DIR__.'/../../../var/pandoc-documents/*.docx', \FilesystemIterator::CURRENT_AS_PATHNAME) as $path) {
            \assert(\is_string($path));
            try {
                self::read((string) file_get_contents($path));
                ++$read;
            } catch (UnreadableDocument) {
                $refused[] = basename($path);
            }
        }
        self::assertSame(['normalize.docx'], $refused);
        self::assertGreaterThan(70, $read);
    }

    public function testTrackedChangesAreReadAsAcceptedAndHiddenTextIsLeftOut(): void
    {
        $manuscript = self::word('<w:p><w:r><w:t>Which </w:t></w:r><w:del><w:r><w:delText>wasp </w:delText></w:r></w:del><w:ins><w:r><w:t>bee?</w:t></w:r></w:ins>'
            .'<w:r><w:rPr><w:vanish/></w:rPr><w:t> (B)</w:t></w:r></w:p>');
        self::assertSame("Which bee?\n", $manuscript->text);
        self::assertSame(['Tracked changes were accepted.', 'Hidden text was left out.'], InEnglish::all($manuscript->notes));
    }

    public function testALargeFirstLetterBelongsToItsWord(): void
    {
        self::assertSame("Drop it.\nNext.\n", self::word('<w:p><w:pPr><w:framePr w:dropCap="drop"/></w:pPr><w:r><w:t>D</w:t></w:r></w:p><w:p><w:r><w:t>rop it.</w:t></w:r></w:p><w:p><w:r><w:t>Next.</w:t></w:r></w:p>')->text);
    }

    public function testWhatStandsApartOnPaperStandsApartAsText(): void
    {
        $styles = '<w:styles '.self::W.'><w:style w:styleId="Head"><w:pPr><w:outlineLvl w:val="1"/></w:pPr></w:style><w:style w:styleId="Sub"><w:basedOn w:val="Head"/></w:style><w:style w:styleId="Body"><w:pPr><w:outlineLvl w:val="9"/><w:spacing w:before="40"/></w:pPr></w:style>'
            .'<w:style w:styleId="Rule"><w:pPr><w:pBdr><w:bottom w:val="single"/></w:pBdr><w:spacing w:before="240"/></w:pPr></w:style></w:styles>';
        $paragraph = static fn (string $properties, string $text): string => "<w:p><w:pPr>{$properties}</w:pPr><w:r><w:t>{$text}</w:t></w:r></w:p>";
        $body = $paragraph('', '1. Which?').$paragraph('<w:pStyle w:val="Rule"/>', '').$paragraph('<w:pStyle w:val="Body"/>', '2. Whose?').$paragraph('<w:pStyle w:val="Sub"/>', 'Winter').$paragraph('', '3. Who?')
            .$paragraph('<w:spacing w:before="200"/>', 'Look.').$paragraph('<w:pStyle w:val="Rule"/><w:pBdr><w:bottom w:val="nil"/></w:pBdr>', '');
        self::assertSame("1. Which?\n____________________\n2. Whose?\n\nWinter\n\n3. Who?\n\nLook.\n", self::read(Zipped::of(['word/document.xml' => '<w:document '.self::W."><w:body>{$body}</w:body></w:document>", 'word/styles.xml' => $styles]))->text);
    }

    public function testTextBoxesFollowTheirParagraphOnce(): void
    {
        $manuscript = self::word('<w:p><w:r><w:t>Above</w:t><mc:AlternateContent xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006">'
            .'<mc:Choice><w:drawing><w:txbxContent><w:p><w:r><w:t>In the box</w:t></w:r></w:p></w:txbxContent></w:drawing></mc:Choice>'
            .'<mc:Fallback><w:pict><w:txbxContent><w:p><w:r><w:t>In the box</w:t></w:r></w:p></w:txbxContent></w:pict></mc:Fallback></mc:AlternateContent></w:r></w:p>'
            .'<w:p><w:r><w:t>Below</w:t></w:r></w:p>');
        self::assertSame("Above\nIn the box\nBelow\n", $manuscript->text);
    }

    public function testARowOfLongCellsKeepsItsNumberWithItsText(): void
    {
        $cell = static fn (string ...$lines): string => '<w:tc>'.implode('', array_map(static fn (string $line) => "<w:p><w:r><w:t>{$line}</w:t></w:r></w:p>", $lines)).'</w:tc>';
        $manuscript = self::word('<w:tbl><w:tr>'.$cell('1.').$cell('Which bee mates?', 'a. worker', 'b. drone').'</w:tr></w:tbl><w:tbl><w:tr>'.$cell('a) left').$cell('c) right').'</w:tr></w:tbl>');
        self::assertSame("1. Which bee mates?\na. worker\nb. drone\na) left\tc) right\n", $manuscript->text);
    }

    public function testAFormulaBecomesTex(): void
    {
        $math = 'xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"';
        $manuscript = self::word("<w:p><w:r><w:t>Solve </w:t></w:r><m:oMath {$math}><m:f><m:num><m:r><m:t>1</m:t></m:r></m:num><m:den><m:rad><m:deg/><m:e><m:r><m:t>x</m:t></m:r></m:e></m:rad></m:den></m:f></m:oMath></w:p>");
        self::assertSame("Solve \\(\\frac{1}{\\sqrt{x}}\\)\n", $manuscript->text);
    }

    public function testPicturesAreKeptOnceEachWhereTheyStood(): void
    {
        $png = "\x89PNG\r\n\x1A\nbee";
        $shown = static fn (string $relation, string $words): string => '<w:r><w:drawing><wp:docPr xmlns:wp="wp" descr="'.$words.'"/><a:blip xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" r:embed="'.$relation.'"/></w:drawing></w:r>';
        $manuscript = self::read(Zipped::of([
            'word/document.xml' => '<w:document '.self::W.'><w:body><w:p><w:r><w:t>See </w:t></w:r>'.$shown('r1', 'a [bee]').'<w:r><w:t> or </w:t></w:r>'.$shown('r2', '').$shown('r1', '').$shown('r3', 'lost').'</w:p></w:body></w:document>',
            'word/_rels/document.xml.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Target="media/bee.png"/><Relationship Id="r2" Target="/word/media/old.wmf"/><Relationship Id="r3" Target="media/none.png"/></Relationships>',
            'word/media/bee.png' => $png,
            'word/media/old.wmf' => "\xD7\xCD\xC6\x9A",
        ]));
        self::assertSame("See [picture 1: a (bee)] or [picture 2][picture 1][picture: lost]\n", $manuscript->text);
        self::assertSame(['bee.png', 'old.wmf'], array_column($manuscript->pictures, 'name'));
        self::assertSame(['image/png', null], array_map(static fn (Picture $picture) => $picture->mediaType(), $manuscript->pictures));
        self::assertSame([
            'Pictures that no browser can show, kept but not shown: 1.',
            'Pictures that did not come with the document, marked by their place only: 1.',
        ], InEnglish::all($manuscript->notes));
    }

    /** The signatures are those of the formats' own standards; from memory. */
    public function testPicturesAreToldByTheirFirstBytes(): void
    {
        foreach (["\xFF\xD8\xFF\xE0" => 'image/jpeg', "RIFF\0\0\0\0WEBPVP8 " => 'image/webp', 'BM'.str_repeat("\0", 30) => 'image/bmp', "<?xml version='1.0'?>\n<svg xmlns='x'/>" => 'image/svg+xml', "\1\0\0\0 EMF" => null, '<html><svg/>' => null, 'RIFF....WAVE' => null] as $bytes => $type) {
            self::assertSame($type, (new Picture('x', $bytes))->mediaType(), bin2hex($bytes));
        }
    }

    /** @return iterable<string, array{string, string}> a page and its words */
    public static function pagesInOtherEncodings(): iterable
    {
        yield 'as a word processor says it' => ["<html><head><meta http-equiv=Content-Type content=\"text/html; charset=koi8-r\"></head><body><p>\xEB\xD4\xCF?</p>", 'Кто?'];
        yield 'in short' => ["<html><meta charset='windows-1253'><p>\xF0\xEF\xE9\xEF\xF2;</p>", 'ποιος;'];
        yield 'by the name of a standard that means more' => ["<html><meta charset=iso-8859-1><p>5 \x80 or \x93six\x94</p>", '5 € or “six”'];
        yield 'in the head of XML' => ["<?xml version=\"1.0\" encoding=\"Shift_JIS\"?><html><p>\x96I</p></html>", '蜂'];
        yield 'said, but saved anew since' => ['<html><meta charset=windows-1252><p>Café</p>', 'Café'];
        yield 'said to be UTF-8, but it is not' => ["<html><meta charset=utf-8><p>Les abeilles ont \xE9t\xE9 observ\xE9es \xE0 l'entr\xE9e de la ruche</p>", "Les abeilles ont été observées à l'entrée de la ruche"];
        yield 'said to be something that nobody knows' => ["<html><meta charset=x-bees><p>Les abeilles ont \xE9t\xE9 observ\xE9es \xE0 l'entr\xE9e de la ruche</p>", "Les abeilles ont été observées à l'entrée de la ruche"];
    }

    #[DataProvider('pagesInOtherEncodings')]
    public function testAPageIsDecodedAsItSaysItIs(string $bytes, string $words): void
    {
        self::assertSame("{$words}\n", (Documents::read($bytes, 'page.html') ?? throw new \LogicException())->text);
    }

    /** @return iterable<string, array{string}> */
    public static function formulas(): iterable
    {
        yield 'Office formulas' => ['formulas.docx'];
        yield 'OpenDocument formulas' => ['formulas.odt'];
        yield 'MathML on a page' => ['formulas.html'];
    }

    /** Written by pandoc 2.17 from the TeX of formulas.md: what comes back is the same but for braces, spaces and the size of brackets. */
    #[DataProvider('formulas')]
    public function testFormulasComeBackAsTheTexTheyWereWrittenFrom(string $name): void
    {
        $formulas = static function (string $text, string $pattern): array {
            preg_match_all($pattern, $text, $found);

            return array_map(static fn (string $tex): string => (string) preg_replace('/\\\\(?:left|right)(?![a-z])|\\\\,|[{}\s]/', '', $tex), $found[1]);
        };
        $written = $formulas((string) file_get_contents(self::FOLDER.'/formulas.md'), '/\$(.*?)\$/');
        self::assertCount(11, $written);
        $read = Documents::read((string) file_get_contents(self::FOLDER.'/'.$name), $name) ?? throw new \LogicException();
        self::assertSame($written, $formulas($read->text, '/\\\\\((.*?)\\\\\)/'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        yield 'cut off' => [substr(Zipped::of(['word/document.xml' => '<w:document '.self::W.'/>']), 0, 60), 'damaged'];
        yield 'no XML' => [Zipped::of(['word/document.xml' => 'garbage']), 'damaged'];
        yield 'an entity bomb' => [Zipped::of(['word/document.xml' => '<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><x>&b;</x>']), 'unsafe to read'];
        yield 'an entity of a file' => [Zipped::of(['word/document.xml' => '<!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]><x>&a;</x>']), 'unsafe to read'];
        yield 'a zip bomb' => [Zipped::of(['word/document.xml' => '<a>'.str_repeat(' ', 30_000_000).'</a>']), 'larger than 24 MB'];
        yield 'a picture by a path out of the file' => [Zipped::of([
            'word/document.xml' => '<w:document '.self::W.'><w:body><w:p><w:r><w:drawing><a:blip xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" r:embed="r1"/></w:drawing></w:r></w:p></w:body></w:document>',
            'word/_rels/document.xml.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Target="../../../etc/passwd"/></Relationships>',
        ]), ''];
        yield 'elements in elements' => [Zipped::of(['word/document.xml' => '<w:document '.self::W.'><w:body>'.str_repeat('<w:sdt>', 240).str_repeat('</w:sdt>', 240).'</w:body></w:document>']), 'damaged'];
        yield 'an entity far behind' => [Zipped::of(['word/document.xml' => '<!--'.str_repeat('x', 150_000).'--><!DOCTYPE x [<!ENTITY a "aaaa">]><x>&a;</x>']), 'unsafe to read'];
        yield 'an entity in another encoding' => [Zipped::of(['word/document.xml' => mb_convert_encoding('<!DOCTYPE x [<!ENTITY a "aaaa">]><x>&a;</x>', 'UTF-16LE', 'UTF-8')]), 'unsafe to read'];
        foreach (['word/document.xml', 'word/numbering.xml', 'word/styles.xml', '_rels/.rels', 'word/_rels/document.xml.rels'] as $part) {
            yield "{$part} of no bytes" => [Zipped::of([$part => ''] + ['word/document.xml' => '<w:document '.self::W.'><w:body/></w:document>']), 'damaged'];
        }
        // Parsers compare each attribute of an element with all others.
        $attributes = implode(' ', array_map(static fn (int $number) => "a{$number}='1'", range(1, 40_000)));
        yield 'an element of many attributes' => [Zipped::of(['word/document.xml' => "<x {$attributes}/>"]), 'too many parts'];
        yield 'a page with a tag of many attributes' => ["<html><p {$attributes}>x</p>", 'too many parts'];
        yield 'a page of many tags' => ['<html><ol>'.str_repeat('<li>a', 500_000), 'too many parts'];
        yield 'a page of many characters by name' => ['<html><p>'.str_repeat('&amp;', 300_000), 'too many parts'];
        yield 'protected' => [Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.text', 'content.xml' => '<x/>', 'META-INF/manifest.xml' => '<m:encryption-data/>'], store: true), 'password'];
    }

    #[DataProvider('hostile')]
    public function testAHostileFileIsRefusedWithASentence(string $bytes, string $why): void
    {
        if ('' === $why) {
            self::assertSame("[picture]\n", self::read($bytes)->text);

            return;
        }
        try {
            self::read($bytes);
            self::fail('It was read.');
        } catch (UnreadableDocument $exception) {
            self::assertStringContainsString($why, InEnglish::of($exception->reason));
        }
    }

    /** What lies in each other is read once: at twenty-five levels, twice each would be a hundred million times. */
    public function testWhatLiesInEachOtherIsReadOnce(): void
    {
        $box = '<w:p><w:r><w:t>deep</w:t></w:r></w:p>';
        $root = '<m:r><m:t>x</m:t></m:r>';
        for ($level = 0; $level < 25; ++$level) {
            $box = "<w:p><w:r><c:AlternateContent><c:Choice><w:drawing><w:txbxContent>{$box}</w:txbxContent></w:drawing></c:Choice><c:Fallback><w:txbxContent><w:p/></w:txbxContent></c:Fallback></c:AlternateContent></w:r></w:p>";
            $root = "<m:rad><m:deg>{$root}</m:deg><m:e/></m:rad>";
        }
        $document = '<w:document '.self::W.' xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math" xmlns:c="c"><w:body>'.$box."<w:p><m:oMath>{$root}</m:oMath></w:p></w:body></w:document>";

        $text = trim(self::read(Zipped::of(['word/document.xml' => $document]))->text);
        self::assertSame("deep\n\\(".str_repeat('\sqrt[', 25).'x'.str_repeat(']{}', 25).'\)', $text);
    }

    public function testNumbersBeyondAllMeasureAreCut(): void
    {
        $most = \PHP_INT_MAX;
        self::assertSame("1000000000. a\n1000000001. b\n", HtmlPage::read("<ol start='{$most}'><li>a<li>b</ol>")->text);
        $numbering = '<w:numbering '.self::W."><w:abstractNum w:abstractNumId='0'><w:lvl w:ilvl='0'><w:start w:val='{$most}'/><w:lvlText w:val='%1)'/></w:lvl></w:abstractNum><w:num w:numId='1'><w:abstractNumId w:val='0'/></w:num></w:numbering>";
        $item = "<w:p><w:pPr><w:numPr><w:ilvl w:val='0'/><w:numId w:val='1'/></w:numPr></w:pPr><w:r><w:t>a</w:t></w:r></w:p>";
        self::assertSame("1000000000) a\n1000000001) a\n", self::read(Zipped::of(['word/document.xml' => '<w:document '.self::W."><w:body>{$item}{$item}</w:body></w:document>", 'word/numbering.xml' => $numbering]))->text);
    }

    public function testOptionsThatStoodOutAreOfferedWhereTheySaySomething(): void
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8("1. One?\na. x\nb. y\n\n2. Two?\na. v\nb. w\n\n3. Three?\n*a. p\nb. q\n"), Notations::find('starred') ?? throw new \LogicException());
        $emphasised = [new Emphasis(3, 'b. y'), new Emphasis(6, 'v'), new Emphasis(7, 'w'), new Emphasis(11, 'q')];
        // In the second all stood out, and the third is marked.
        self::assertSame([1 => [1]], OfferedMarks::in($sheet, $emphasised));
    }

    public function testWhatStoodOutIsOfferedInItsPlaceAlone(): void
    {
        $text = "Spring test\n\n1) Which mates?\n\na) drone\nb) queen\n\n2) Which lays?\n\na) drone\nb) queen\n";
        $tidied = Tidy::of($text);
        $sheet = ReadSheet::of(SourceText::fromUtf8($tidied->text), Notations::find('starred') ?? throw new \LogicException());

        self::assertSame([1 => [0], 2 => [1]], OfferedMarks::in($sheet, $tidied->emphasisIn([new Emphasis(5, 'drone'), new Emphasis(11, 'queen')])));
    }

    /** Common practice, no source: letters go on as AA, BB; ordinals as English has them. */
    public function testNumbersInEveryForm(): void
    {
        self::assertSame(['c', 'AA', 'xiv', 'MCMXC', '07', '12th', '22nd'], [
            ListLabel::of(3, 'lower-letter'), ListLabel::of(27, 'upper-letter'), ListLabel::of(14, 'lower-roman'), ListLabel::of(1990, 'upper-roman'),
            ListLabel::of(7, 'zero'), ListLabel::of(12, 'ordinal'), ListLabel::of(22, 'ordinal'),
        ]);
    }

    private static function read(string $bytes): Manuscript
    {
        return Documents::read($bytes) ?? throw new \LogicException('This is no document.');
    }

    private static function word(string $body): Manuscript
    {
        return self::read(Zipped::of(['word/document.xml' => '<w:document '.self::W."><w:body>{$body}</w:body></w:document>"]));
    }
}
