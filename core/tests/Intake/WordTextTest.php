<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Documents;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Texts of Office Open XML (ECMA-376, from memory), each with one thing that word processors put in. */
final class WordTextTest extends TestCase
{
    private const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';
    private const STYLES = '<w:style w:type="paragraph" w:default="1" w:styleId="Normal"/><w:style w:type="paragraph" w:styleId="Heading1"><w:basedOn w:val="Normal"/><w:pPr><w:outlineLvl w:val="0"/></w:pPr></w:style>'
        .'<w:style w:type="paragraph" w:styleId="Sub"><w:basedOn w:val="Heading1"/></w:style><w:style w:type="paragraph" w:styleId="Spaced"><w:pPr><w:spacing w:before="240"/></w:pPr></w:style>'
        .'<w:style w:type="paragraph" w:styleId="Ruled"><w:pPr><w:pBdr><w:bottom w:val="single"/></w:pBdr></w:pPr></w:style><w:style w:type="paragraph" w:styleId="Question"><w:pPr><w:numPr><w:numId w:val="1"/></w:numPr></w:pPr></w:style>';
    private const NUMBERING = '<w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl><w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="upperLetter"/><w:lvlText w:val="%1%2)"/></w:lvl></w:abstractNum>'
        .'<w:abstractNum w:abstractNumId="1"><w:lvl w:ilvl="0"><w:start w:val="3"/><w:numFmt w:val="lowerRoman"/><w:lvlText w:val="(%1)"/></w:lvl></w:abstractNum><w:abstractNum w:abstractNumId="2"><w:lvl w:ilvl="0"><w:numFmt w:val="bullet"/><w:lvlText w:val="☐"/></w:lvl></w:abstractNum>'
        .'<w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num><w:num w:numId="2"><w:abstractNumId w:val="1"/></w:num><w:num w:numId="3"><w:abstractNumId w:val="2"/></w:num><w:num w:numId="4"><w:abstractNumId w:val="0"/><w:lvlOverride w:ilvl="0"><w:startOverride w:val="7"/></w:lvlOverride></w:num>';

    /** @return iterable<string, array{string, string, 2?: list<string>}> what stands in the body, what is read, what is noted */
    public static function texts(): iterable
    {
        $run = static fn (string $content, string $properties = ''): string => '<w:r>'.('' === $properties ? '' : "<w:rPr>{$properties}</w:rPr>")."{$content}</w:r>";
        $words = static fn (string $text, string $properties = ''): string => $run("<w:t xml:space=\"preserve\">{$text}</w:t>", $properties);
        $paragraph = static fn (string $content, string $properties = ''): string => '<w:p>'.('' === $properties ? '' : "<w:pPr>{$properties}</w:pPr>")."{$content}</w:p>";
        $item = static fn (string $text, int $list, int $level = 0): string => $paragraph($words($text), "<w:numPr><w:ilvl w:val=\"{$level}\"/><w:numId w:val=\"{$list}\"/></w:numPr>");
        $style = static fn (string $style): string => "<w:pStyle w:val=\"{$style}\"/>";
        $cell = static fn (string $text): string => '<w:tc>'.$paragraph($words($text)).'</w:tc>';

        yield 'words in several runs are one' => [$paragraph($words('Which b').'<w:proofErr w:type="spellStart"/>'.$words('ee?')), "Which bee?\n"];
        yield 'numbers, and letters below them that say both' => [$item('Which?', 1).$item('one', 1, 1).$item('two', 1, 1).$item('Whose?', 1).$item('mine', 1, 1), "1. Which?\n1A) one\n1B) two\n2. Whose?\n2A) mine\n"];
        yield 'Roman numbers from three on' => [$item('Which?', 2).$item('Whose?', 2), "(iii) Which?\n(iv) Whose?\n"];
        yield 'boxes' => [$item('one', 3), "☐ one\n"];
        yield 'a list that begins elsewhere' => [$item('Which?', 1).$item('Whose?', 4).$item('Whom?', 4), "1. Which?\n7. Whose?\n8. Whom?\n"];
        yield 'a number by its style' => [$paragraph($words('Which?'), $style('Question')).$paragraph($words('Whose?'), $style('Question')), "1. Which?\n2. Whose?\n"];
        yield 'a number that is switched off' => [$paragraph($words('Which?'), $style('Question').'<w:numPr><w:numId w:val="0"/></w:numPr>'), "Which?\n"];
        yield 'tabs, breaks and hyphens that do not break' => [$paragraph($words('a').$run('<w:tab/>').$words('b').$run('<w:br/>').$words('c').$run('<w:cr/>').$words('twenty').$run('<w:noBreakHyphen/>').$words('one')), "a\tb\nc\ntwenty-one\n"];
        yield 'a page break within, and one before' => [$paragraph($words('a').$run('<w:br w:type="page"/>').$words('b')).$paragraph($words('c'), '<w:pageBreakBefore/>'), "a\n\f\nb\n\f\nc\n"];
        yield 'headings stand apart' => [$paragraph($words('One?')).$paragraph($words('Part B'), $style('Heading1')).$paragraph($words('Two?')), "One?\n\nPart B\n\nTwo?\n"];
        yield 'by a style that another is based on, too' => [$paragraph($words('One?')).$paragraph($words('Part B'), $style('Sub')).$paragraph($words('Two?')), "One?\n\nPart B\n\nTwo?\n"];
        yield 'so does what has space above it' => [$paragraph($words('a)')).$paragraph($words('Look.'), $style('Spaced')), "a)\n\nLook.\n"];
        yield 'a little space is none' => [$paragraph($words('a)')).$paragraph($words('b)'), '<w:spacing w:before="40"/>'), "a)\nb)\n"];
        yield 'a line to write on is drawn by a border' => [$paragraph($words('Why?')).$paragraph('', $style('Ruled')).$paragraph($words('Name'), $style('Ruled')), "Why?\n____________________\nName\n"];
        yield 'a border that is switched off' => [$paragraph($words('Why?')).$paragraph('', $style('Ruled').'<w:pBdr><w:bottom w:val="nil"/></w:pBdr>').$paragraph($words('So.')), "Why?\n\nSo.\n"];
        yield 'rows of a table' => ['<w:tbl><w:tr>'.$cell('1.').$cell('Which?').'</w:tr><w:tr>'.$cell('a)').$cell('one').'</w:tr></w:tbl>', "1.\tWhich?\na)\tone\n"];
        yield 'a row that was deleted' => ['<w:tbl><w:tr>'.$cell('a').'</w:tr><w:tr><w:trPr><w:del w:author="x"/></w:trPr>'.$cell('b').'</w:tr></w:tbl>', "a\n", ['tracked-changes']];
        yield 'what was put in stays, what was taken out goes' => [$paragraph($words('a ').'<w:ins>'.$words('new ').'</w:ins><w:del><w:r><w:delText>old </w:delText></w:r></w:del>'.$words('b')), "a new b\n", ['tracked-changes']];
        yield 'the end of a paragraph that was deleted joins the next' => [$paragraph($words('Which '), '<w:rPr><w:del/></w:rPr>').$paragraph($words('bee?')), "Which bee?\n", ['tracked-changes']];
        yield 'a large first letter goes with its word' => [$paragraph($words('B'), '<w:framePr w:dropCap="drop"/>').$paragraph($words('ees fly.')), "Bees fly.\n"];
        yield 'hidden words' => [$paragraph($words('a').$words('secret', '<w:vanish/>').$words('shown', '<w:vanish w:val="0"/>')), "ashown\n", ['hidden-text']];
        yield 'notes at the foot, and comments' => [$paragraph('<w:commentRangeStart w:id="1"/>'.$words('a').$run('<w:footnoteReference w:id="2"/>')), "a\n", ['comments', 'footnotes']];
        yield 'a field shows its result' => [$paragraph($run('<w:fldChar w:fldCharType="begin"/>').$run('<w:instrText>PAGE</w:instrText>').$run('<w:fldChar w:fldCharType="separate"/>').$words('7').$run('<w:fldChar w:fldCharType="end"/>')), "7\n"];
        yield 'a link is its words' => [$paragraph('<w:hyperlink>'.$words('the page').'</w:hyperlink>'), "the page\n"];
        yield 'what a form holds' => ['<w:sdt><w:sdtPr/><w:sdtContent>'.$paragraph('<w:sdt><w:sdtContent>'.$words('chosen').'</w:sdtContent></w:sdt>').'</w:sdtContent></w:sdt>', "chosen\n"];
        yield 'a sign of a font of signs' => [$paragraph($run('<w:sym w:font="Wingdings" w:char="F0A8"/>').$words(' one')), "☐ one\n"];
        yield 'words in a box stand below' => [$paragraph($words('a').$run('<w:pict><w:txbxContent>'.$paragraph($words('in the box')).'</w:txbxContent></w:pict>')).$paragraph($words('b')), "a\nin the box\nb\n", ['text-boxes']];
    }

    /** @param list<string> $notes */
    #[DataProvider('texts')]
    public function testItIsReadAsItWasSeen(string $body, string $text, array $notes = []): void
    {
        $manuscript = self::read($body);
        self::assertSame($text, $manuscript->text);
        $ids = array_map(static fn ($note) => substr($note->id, (int) strrpos($note->id, '/') + 1), $manuscript->notes);
        sort($ids);
        self::assertSame($notes, $ids);
    }

    public function testWhatStandsOutIsRememberedWithItsLine(): void
    {
        $options = '';
        foreach (['plain' => '', 'bold' => '<w:b/>', 'not bold' => '<w:b w:val="false"/>', 'underlined' => '<w:u w:val="single"/>', 'not underlined' => '<w:u w:val="none"/>', 'marked' => '<w:highlight w:val="yellow"/>', 'not marked' => '<w:highlight w:val="none"/>', 'red' => '<w:color w:val="FF0000"/>', 'black' => '<w:color w:val="000000"/>', 'of any colour' => '<w:color w:val="auto"/>'] as $words => $properties) {
            $options .= "<w:p><w:r><w:rPr>{$properties}</w:rPr><w:t>{$words}</w:t></w:r></w:p>";
        }
        self::assertSame(['2 bold', '4 underlined', '6 marked', '8 red'], array_map(static fn (Emphasis $one) => "{$one->line} {$one->text}", self::read($options)->emphasised));
    }

    private static function read(string $body): Manuscript
    {
        return Documents::read(Zipped::of([
            'word/document.xml' => '<w:document '.self::W."><w:body>{$body}</w:body></w:document>",
            'word/styles.xml' => '<w:styles '.self::W.'>'.self::STYLES.'</w:styles>',
            'word/numbering.xml' => '<w:numbering '.self::W.'>'.self::NUMBERING.'</w:numbering>',
        ])) ?? self::fail();
    }
}
