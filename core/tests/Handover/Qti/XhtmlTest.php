<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Qti;

use Notagram\Handover\Qti\Content;
use Notagram\Handover\Qti\Element;
use Notagram\Handover\Qti\QtiVersion;
use Notagram\Handover\Qti\Xhtml;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** HTML as the content models of QTI 2.1 and 3.0 allow it: what goes is named, and no word of it is lost. */
final class XhtmlTest extends TestCase
{
    private const MATH = ' xmlns="http://www.w3.org/1998/Math/MathML"';

    /** @return iterable<string, array{Content, string, string, list<string>}> where it stands, the HTML, what is written, what is left out */
    public static function contents(): iterable
    {
        yield 'words among blocks are a paragraph' => [Content::Blocks, '<p>a</p>words<ul><li>x</li></ul>', '<p>a</p><p>words</p><ul><li>x</li></ul>', []];
        yield 'words alone, too' => [Content::Blocks, 'words <b>only</b>', '<p>words <b>only</b></p>', []];
        yield 'blanks between blocks are nothing' => [Content::Blocks, "<p>a</p>\n <p>b</p>", '<p>a</p><p>b</p>', []];
        yield 'a comment is nothing' => [Content::Inline, 'a<!-- not seen -->b', 'ab', []];
        yield 'signs stay signs' => [Content::Inline, '1 &lt; 2 &amp; 3<br>x', '1 &lt; 2 &amp; 3<br/>x', []];
        yield 'paragraphs within a line stay apart' => [Content::Inline, '<p>a</p><p>b</p>', ' a  b ', ['p']];
        yield 'what no version knows within words stays together' => [Content::Inline, 'a<u>b</u><mark>c</mark><del>d</del>', 'abcd', ['u', 'mark', 'del']];
        yield 'what versions know' => [Content::Inline, '<sub>2</sub><code>x</code><small>s</small><kbd>k</kbd>', '<sub>2</sub><code>x</code><small>s</small><kbd>k</kbd>', []];
        yield 'a quotation holds paragraphs' => [Content::Blocks, '<blockquote>said</blockquote>', '<blockquote><p>said</p></blockquote>', []];
        yield 'a list without items is nothing' => [Content::Blocks, '<ul></ul>x', '<p>x</p>', []];
        yield 'words in a list are an item' => [Content::Blocks, '<ul>words<li>x</li></ul>', '<ul><li>words</li><li>x</li></ul>', []];
        yield 'rows stand in a body' => [Content::Blocks, '<table><tr><td>a</td></tr></table>', '<table><tbody><tr><td>a</td></tr></tbody></table>', []];
        yield 'a table that is only a head has a body' => [Content::Blocks, '<table><thead><tr><th>h</th></tr></thead></table>', '<table><tbody><tr><th>h</th></tr></tbody></table>', []];
        yield 'the parts of a table in their order' => [Content::Blocks, '<table><caption>c</caption><tbody><tr><td>a</td></tr></tbody><thead><tr><th>h</th></tr></thead></table>', '<table><caption>c</caption><thead><tr><th>h</th></tr></thead><tbody><tr><td>a</td></tr></tbody></table>', []];
        yield 'a second head is a body' => [Content::Blocks, '<table><thead><tr><th>h</th></tr></thead><thead><tr><th>i</th></tr></thead></table>', '<table><thead><tr><th>h</th></tr></thead><tbody><tr><th>i</th></tr></tbody></table>', []];
        yield 'numbers that are none' => [Content::Blocks, '<table><tr><td colspan="2" rowspan="x">a</td></tr></table>', '<table><tbody><tr><td colspan="2">a</td></tr></tbody></table>', ['rowspan']];
        yield 'a language, and what is none' => [Content::Inline, '<span lang="de-AT">a</span><span lang="1">b</span>', '<span xml:lang="de-AT">a</span><span>b</span>', ['lang']];
        yield 'a picture has words for those who do not see it' => [Content::Inline, '<img src="a.png">', '<img src="a.png" alt=""/>', []];
        yield 'a picture that is not there is its words' => [Content::Inline, 'a <img alt="bee">', 'a bee', []];
        yield 'where a link opens is nobody’s loss' => [Content::Inline, '<a href="https://example.org" target="_blank" rel="noopener">x</a>', '<a href="https://example.org">x</a>', []];
        yield 'a formula' => [Content::Inline, 'so <span class="formula">x^2</span>', 'so <math'.self::MATH.'><semantics><msup><mi>x</mi><mn>2</mn></msup><annotation encoding="application/x-tex">x^2</annotation></semantics></math>', []];
        yield 'a formula apart' => [Content::Inline, '<span class="formula is-apart">n</span>', '<math'.self::MATH.' display="block"><semantics><mi>n</mi><annotation encoding="application/x-tex">n</annotation></semantics></math>', []];
    }

    /** @param list<string> $left */
    #[DataProvider('contents')]
    public function testItIsWrittenAsTheVersionsAllow(Content $may, string $html, string $written, array $left): void
    {
        foreach ([QtiVersion::V21, QtiVersion::V30] as $version) {
            $xhtml = new Xhtml($version);
            self::assertSame($written, self::shown($xhtml->content($html, $may)), $version->label());
            self::assertSame($left, $xhtml->leftOut(), $version->label());
            self::assertFalse($xhtml->hasTex);
        }
    }

    public function testAFormulaThatIsNotKnownStaysTeXAndIsSaid(): void
    {
        foreach (['formula' => '$\unknown{x}$', 'formula is-apart' => '$$\unknown{x}$$'] as $class => $tex) {
            $xhtml = new Xhtml(QtiVersion::V21);
            self::assertSame($tex, self::shown($xhtml->content("<span class=\"{$class}\">\\unknown{x}</span>", Content::Inline)));
            self::assertTrue($xhtml->hasTex);
        }
    }

    /** @param list<Element|string> $content */
    private static function shown(array $content): string
    {
        return implode('', array_map(static function (Element|string $piece): string {
            if (\is_string($piece)) {
                return htmlspecialchars($piece, \ENT_NOQUOTES);
            }
            $attributes = implode('', array_map(static fn (string $name, ?string $value) => " {$name}=\"{$value}\"", array_keys($piece->attributes), $piece->attributes));

            return "<{$piece->name}{$attributes}".([] === $piece->children ? '/>' : '>'.self::shown($piece->children)."</{$piece->name}>");
        }, $content));
    }
}
