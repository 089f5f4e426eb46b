<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Documents;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Texts of OpenDocument, each with one thing that word processors put in. */
final class OpenTextTest extends TestCase
{
    private const NAMESPACES = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" '
        .'xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" '
        .'xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" '
        .'xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0" xmlns:xlink="http://www.w3.org/1999/xlink" '
        .'xmlns:loext="urn:org:documentfoundation:names:experimental:office:xmlns:loext:1.0"';

    /** Number 1 has letters below it; number 2 shows both levels. */
    private const LISTS = '<text:list-style style:name="L1"><text:list-level-style-number text:level="1" style:num-format="1" style:num-suffix="."/>'
        .'<text:list-level-style-number text:level="2" style:num-format="a" style:num-prefix="(" style:num-suffix=")"/></text:list-style>'
        .'<text:list-style style:name="L2"><text:list-level-style-number text:level="1" style:num-format="I" text:start-value="4" style:num-suffix="."/>'
        .'<text:list-level-style-number text:level="2" style:num-format="1" text:display-levels="2" style:num-suffix=":"/></text:list-style>'
        .'<text:list-style style:name="L3"><text:list-level-style-bullet text:level="1" text:bullet-char="☐"/><text:list-level-style-bullet text:level="2" text:bullet-char="–"/></text:list-style>'
        .'<text:list-style style:name="L4"><text:list-level-style-number text:level="1" style:num-format="1" loext:num-list-format="Q%1%)"/>'
        .'<text:list-level-style-number text:level="2" style:num-format=""/></text:list-style>';

    /** @return iterable<string, array{string, string}> */
    public static function lists(): iterable
    {
        $item = static fn (string $text, string $attributes = '', string $inner = ''): string => "<text:list-item {$attributes}><text:p>{$text}</text:p>{$inner}</text:list-item>";
        $list = static fn (string $style, string $items, string $attributes = ''): string => "<text:list text:style-name=\"{$style}\" {$attributes}>{$items}</text:list>";
        $inner = static fn (string $items): string => "<text:list>{$items}</text:list>";

        yield 'numbers with letters below them' => [$list('L1', $item('Which?', '', $inner($item('one').$item('two'))).$item('Whose?', '', $inner($item('mine')))), "1. Which?\n(a) one\n(b) two\n2. Whose?\n(a) mine\n"];
        yield 'Roman, from four on, both levels shown' => [$list('L2', $item('Part', '', $inner($item('one'))).$item('Part')), "IV. Part\nIV.1: one\nV. Part\n"];
        yield 'an item that says its number' => [$list('L1', $item('Which?', 'text:start-value="9"').$item('Whose?')), "9. Which?\n10. Whose?\n"];
        yield 'a list that goes on after a text' => [$list('L1', $item('Which?'), 'xml:id="l1"').'<text:p>Look.</text:p>'.$list('L1', $item('Whose?'), 'text:continue-list="l1"'), "1. Which?\nLook.\n2. Whose?\n"];
        yield 'one that begins anew' => [$list('L1', $item('Which?')).$list('L1', $item('Whose?')), "1. Which?\n1. Whose?\n"];
        yield 'one that goes on with those of its style' => [$list('L1', $item('Which?')).$list('L1', $item('Whose?'), 'text:continue-numbering="true"'), "1. Which?\n2. Whose?\n"];
        yield 'boxes stay boxes, other bullets are made one kind' => [$list('L3', $item('one', '', $inner($item('two')))), "☐ one\n• two\n"];
        yield 'levels above that have not counted show the number that they begin with' => [$list('L2', '<text:list-item>'.$inner($item('one').$item('two')).'</text:list-item>'), "IV.1: one\nIV.2: two\n"];
        yield 'and not with another that stands between' => [$list('L1', $item('Which?')).$list('L3', $item('one').$item('two')).$list('L1', $item('Whose?'), 'text:continue-numbering="true"'), "1. Which?\n☐ one\n☐ two\n2. Whose?\n"];
        yield 'a number within words, and a level without one' => [$list('L4', $item('Which?', '', $inner($item('note')))), "Q1) Which?\nnote\n"];
        yield 'only the first paragraph has the number' => [$list('L1', '<text:list-item><text:p>Which?</text:p><text:p>Think.</text:p></text:list-item>'), "1. Which?\nThink.\n"];
        yield 'a heading stands apart from the answer above it' => [$list('L1', $item('Which?')).'<text:h>Winter</text:h>'.$list('L1', $item('Whose?'), 'text:continue-numbering="true"'), "1. Which?\n\nWinter\n\n2. Whose?\n"];
        yield 'so does what has space above it, by its style' => [$list('L1', $item('Which?')).'<text:p text:style-name="Spaced">Look.</text:p>', "1. Which?\n\nLook.\n"];
        yield 'lines to write on are drawn by a style' => [$list('L1', $item('Which?')).'<text:p text:style-name="Ruled"/><text:p text:style-name="Ruled">Name</text:p>', "1. Which?\n____________________\nName\n"];
        yield 'a head of a list has none' => [$list('L1', '<text:list-header><text:p>Choose</text:p></text:list-header>'.$item('Which?')), "Choose\n1. Which?\n"];
    }

    #[DataProvider('lists')]
    public function testNumbersAreThoseThatWereSeen(string $body, string $text): void
    {
        self::assertSame($text, self::read($body)->text);
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function parts(): iterable
    {
        yield 'blanks, tabs and line breaks' => ['<text:p>a<text:s text:c="3"/>b<text:tab/>c<text:line-break/>d <text:s/>e</text:p>', "a   b\tc\nd  e\n", []];
        yield 'links, fields and what was to be filled in' => ['<text:p><text:a xlink:href="x">See</text:a> <text:placeholder>name</text:placeholder> <text:page-number>3</text:page-number></text:p>', "See name 3\n", []];
        yield 'notes and comments' => ['<text:p>Which?<text:note><text:note-body><text:p>no</text:p></text:note-body></text:note><office:annotation><text:p>no</text:p></office:annotation></text:p>', "Which?\n", ['Footnotes were left out: 1.', 'Comments were left out.']];
        yield 'hidden by its style' => ['<text:p>Which?<text:span text:style-name="Hidden"> (b)</text:span></text:p>', "Which?\n", ['Hidden text was left out.']];
        yield 'a hidden section' => ['<text:section text:display="none"><text:p>no</text:p></text:section><text:section><text:p>yes</text:p></text:section>', "yes\n", ['Hidden text was left out.']];
        yield 'tracked changes' => ['<text:tracked-changes><text:changed-region><text:deletion><text:p>no</text:p></text:deletion></text:changed-region></text:tracked-changes><text:p>yes</text:p>', "yes\n", ['Tracked changes were accepted.']];
        yield 'a text box follows its paragraph' => ['<text:p>Above<draw:frame><draw:text-box><text:p>in the box</text:p></draw:text-box></draw:frame></text:p><text:p>Below</text:p>', "Above\nin the box\nBelow\n", ['Text boxes, moved to where they are anchored: 1.']];
        yield 'a shape with words' => ['<text:p>Above<draw:custom-shape><text:p>in the shape</text:p></draw:custom-shape></text:p>', "Above\nin the shape\n", ['Text boxes, moved to where they are anchored: 1.']];
        yield 'a frame on the page' => ['<draw:frame><draw:text-box><text:p>in the frame</text:p></draw:text-box></draw:frame><text:p>Below</text:p>', "\nin the frame\nBelow\n", []];
        yield 'a page that begins' => ['<text:p>One</text:p><text:p text:style-name="NewPage">Two</text:p>', "One\n\f\nTwo\n", []];
        yield 'a table with its head' => ['<table:table><table:table-header-rows><table:table-row><table:table-cell><text:p>No.</text:p></table:table-cell><table:table-cell><text:p>Bee</text:p></table:table-cell></table:table-row></table:table-header-rows>'
            .'<table:table-row><table:table-cell><text:p>1.</text:p></table:table-cell><table:table-cell><text:p>queen</text:p></table:table-cell></table:table-row></table:table>', "No.\tBee\n1.\tqueen\n", []];
        yield 'a picture that came, and one that did not' => ['<text:p><draw:frame><draw:image xlink:href="./Pictures/bee.png"/><svg:desc>a bee</svg:desc></draw:frame> and <draw:frame><draw:image xlink:href="Pictures/none.png"/></draw:frame></text:p>', "[picture 1: a bee] and [picture]\n", ['Pictures that did not come with the document, marked by their place only: 1.']];
        yield 'a frame with nothing in it' => ['<text:p>a<draw:frame/>b</text:p>', "ab\n", []];
    }

    /** @param list<string> $notes */
    #[DataProvider('parts')]
    public function testEachPartIsReadWhereItStandsOrSaidToBeLeftOut(string $body, string $text, array $notes): void
    {
        $manuscript = self::read($body);
        self::assertSame([$text, $notes], [$manuscript->text, InEnglish::all($manuscript->notes)]);
    }

    public function testWhatStandsOutIsTold(): void
    {
        $span = static fn (string $style): string => "<text:p>a <text:span text:style-name=\"{$style}\">{$style}</text:span></text:p>";
        $manuscript = self::read($span('Bold').$span('Under').$span('Lit').$span('Red').$span('Plain').$span('None'));
        self::assertSame(['Bold', 'Under', 'Lit', 'Red'], array_map(static fn (Emphasis $one) => $one->text, $manuscript->emphasised));
    }

    private static function read(string $body): Manuscript
    {
        $style = static fn (string $name, string $properties): string => "<style:style style:name=\"{$name}\">{$properties}</style:style>";
        $look = static fn (string $attributes): string => "<style:text-properties {$attributes}/>";
        $styles = self::LISTS
            .$style('Hidden', $look('text:display="none"')).$style('NewPage', '<style:paragraph-properties fo:break-before="page"/>')
            .$style('Ruled', '<style:paragraph-properties fo:margin-top="0.6cm" fo:border-bottom="0.5pt solid #808080"/>')
            .'<style:style style:name="Wide"><style:paragraph-properties fo:margin-top="4mm"/></style:style><style:style style:name="Spaced" style:parent-style-name="Wide"/>'
            .$style('Bold', $look('fo:font-weight="bold"')).$style('Under', $look('style:text-underline-style="solid"'))
            .$style('Lit', $look('fo:background-color="#ffff00"')).$style('Red', $look('fo:color="#CC0000"'))
            .$style('Plain', $look('fo:font-weight="normal" style:text-underline-style="none" fo:color="#000000" fo:background-color="transparent"'));
        $content = '<office:document-content '.self::NAMESPACES."><office:automatic-styles>{$styles}</office:automatic-styles><office:body><office:text>{$body}</office:text></office:body></office:document-content>";

        return Documents::read(Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.text', 'content.xml' => $content, 'Pictures/bee.png' => "\x89PNG\r\n\x1A\n"], store: true)) ?? throw new \LogicException('This is no document.');
    }

    public function testAFormulaThatCannotBeReadLeavesItsPlaceAndTheRestIsRead(): void
    {
        $content = '<o:document xmlns:o="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:t="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:d="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0" xmlns:x="http://www.w3.org/1999/xlink"><o:body><o:text><t:p>Solve <d:frame><d:object x:href="./Object 1"/></d:frame> and <d:frame><d:object x:href="./Object 2"/></d:frame>.</t:p></o:text></o:body></o:document>';
        $manuscript = Documents::read(Zipped::of([
            'mimetype' => 'application/vnd.oasis.opendocument.text',
            'content.xml' => $content,
            'Object 1/content.xml' => '<!DOCTYPE math [<!ENTITY a "b">]><math xmlns="http://www.w3.org/1998/Math/MathML"><mi>&a;</mi></math>',
            'Object 2/content.xml' => '<math xmlns="http://www.w3.org/1998/Math/MathML"><mover><mi>x</mi><mo>˙</mo></mover><mo>≤</mo><mtext>one part</mtext></math>',
        ], store: true)) ?? throw new \LogicException();
        self::assertSame("Solve [formula] and \\(\\dot{x}\\le \\text{one part}\\).\n", $manuscript->text);
        self::assertSame(['Formulas that could not be read, marked by their place only: 1.'], InEnglish::all($manuscript->notes));
    }
}
