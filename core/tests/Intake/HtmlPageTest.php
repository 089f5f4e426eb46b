<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Emphasis;
use Notagram\Intake\HtmlPage;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A page, or what the clipboard brings, is read as it was seen. */
final class HtmlPageTest extends TestCase
{
    public function testPicturesThatAreWrittenOutInAPageComeAlong(): void
    {
        $page = HtmlPage::read('<p>A <img alt="dot" src="data:image/gif;base64,'.base64_encode('GIF89a..').'"> B <img src="https://example.org/b.png" alt="b"> C <img src="data:image/svg+xml;charset=utf-8,%3Csvg%20/%3E"> D <img src="data:image/png;base64,?"></p>');
        self::assertSame("A [picture 1: dot] B [picture: b] C [picture 2] D [picture]\n", $page->text);
        self::assertSame(['GIF89a..', '<svg />'], array_column($page->pictures, 'bytes'));
        self::assertSame('image/svg+xml', $page->pictures[1]->mediaType());
    }

    public function testListsKeepTheirNumbersAndLetters(): void
    {
        $page = HtmlPage::read('<h1>Test</h1><p>&nbsp;</p><ol start="3"><li>Which?<ol type="A"><li>one</li><li style="color:#c00">two</li></ol></li></ol><p style="display:none">secret</p><table><tr><td>a) x</td><td>c) y</td></tr></table><script>alert(1)</script>');
        self::assertSame("Test\n\n3. Which?\nA. one\nB. two\na) x\tc) y\n", $page->text);
        self::assertSame(['Hidden text was left out.'], InEnglish::all($page->notes));
    }

    /** @return iterable<string, array{string, string}> */
    public static function lines(): iterable
    {
        yield 'white space of the source is no white space of the page' => ["<p>Which\n   bee\tmates?</p>\n\n<p> a. drone </p>", "Which bee mates?\na. drone\n"];
        yield 'a break ends a line' => ['1. Which?<br>a. one<br>b. two', "1. Which?\na. one\nb. two\n"];
        yield 'what is set out keeps its lines and blanks' => ["<pre>1. Which?\n   a. one\n\n   b. two</pre><p>End</p>", "1. Which?\n   a. one\n\n   b. two\nEnd\n"];
        yield 'tabs, as styles keep them' => ['<p>a) one<span style="white-space:pre">	</span>b) two<span style=\'mso-tab-count:2\'>      </span>c) three</p>', "a) one\tb) two\t\tc) three\n"];
        yield 'blanks and lines that a style keeps, and one within that does not' => ["<p><span style=\"white-space: pre-wrap\">a  one\nb  <i style='white-space:normal'>two\n  three</i></span></p>", "a  one\nb  two three\n"];
        yield 'an empty paragraph is a blank line' => ['<p>One</p><p>&nbsp;</p><p>Two</p>', "One\n\nTwo\n"];
        yield 'a heading stands apart on both sides' => ['<p>End of part one.</p><h2>Part two</h2><p>3. Which?</p>', "End of part one.\n\nPart two\n\n3. Which?\n"];
        yield 'an empty paragraph below a heading is all that is between' => ['<h2>Part two</h2><p>&nbsp;</p><p>3. Which?</p>', "Part two\n\n3. Which?\n"];
        yield 'a rule across the page parts what is above it from what is below' => ['<p>a) one</p><hr><p>2. Whose?</p>', "a) one\n\n2. Whose?\n"];
        yield 'a paragraph below a list stands apart from it' => ['<p>1. Which?</p><ul><li>a) one</li><li>b) two</li></ul><p>2. Whose?</p>', "1. Which?\n• a) one\n• b) two\n\n2. Whose?\n"];
        yield 'paragraphs of several lines stand apart' => ['<p>1. Which?<br>a) one</p><p>2. Whose?<br>a) mine</p>', "1. Which?\na) one\n\n2. Whose?\na) mine\n"];
        yield 'paragraphs of one line each do not' => ['<p>1. Which?</p><p>a) one</p>', "1. Which?\na) one\n"];
        yield 'buttons are left out, other links and buttons are words' => ['<p>a) one</p><button>Next ›</button><p><a href="#">« Zurück</a></p><p><a href="#">à la carte</a></p><button>b) two</button>', "a) one\nà la carte\nb) two\n"];
        yield 'a button may be indented, with a no-break space between its words' => ["<p>a) one</p><button>\n    Check&nbsp;answers\n  </button>", "a) one\n"];
        yield 'the lines of a heading cell stay in its row' => ['<table><tr><th><p>1. Which<br>of these?</p><p>Tick one.</p></th></tr></table>', "1. Which\nof these?\nTick one.\n"];
        yield 'a link beside a button is one' => ['<p>a) one</p><button>Submit</button> <a href="#">Next</a><h2>Key</h2><p>See <a href="#">next</a></p>', "a) one\n\nKey\n\nSee next\n"];
        yield 'a heading above a table stands apart from it' => ['<h2>Quiz</h2><form><table><tr><td>1. Which?</td></tr><tr><td>a) one</td></tr></table></form>', "Quiz\n\n1. Which?\na) one\n"];
        yield 'a link among words is one of them, whatever it says' => ['<p>All is <a href="#">fine</a>, go <a href="#">back</a>.</p><ul><li><a href="#">next</a></li></ul>', "All is fine, go back.\n• next\n"];
        yield 'an item that begins with its number has no other' => ['<ol><li><h4>Question 1</h4><p>Which?</p></li><li>2. Whose?</li><li>3 bees fly.</li><li>5 bees fly.</li></ol>', "Question 1\nWhich?\n2. Whose?\n3 bees fly.\n4. 5 bees fly.\n"];
        yield 'a page break is kept for the tidying' => ['<p>One</p><br style="page-break-before: always"><p>Two</p>', "One\n\f\nTwo\n"];
        yield 'boxes of a form' => ['<p>Bees see:</p><p><input type="checkbox" checked>blue</p><p><input type="radio">red</p><p><input type="text" value="x">green</p>', "Bees see:\n☑ blue\n☐ red\ngreen\n"];
        yield 'bullets, and a list within' => ['<ul><li>Which?<ol style="list-style-type: lower-roman"><li>one</li><li>two</li></ol></li></ul>', "• Which?\ni. one\nii. two\n"];
        yield 'an item that says its number' => ['<ol><li value="7">Which?</li><li>Whose?</li><li type="a">letter</li></ol>', "7. Which?\n8. Whose?\ni. letter\n"];
        yield 'an item without a list' => ['<li>Alone</li>', "Alone\n"];
        yield 'a row whose cells hold lines of their own' => ['<table><tr><th>1.</th><td><p>Which?</p><p>a. one</p></td></tr></table>', "1. Which?\na. one\n"];
        yield 'a table in a table' => ['<table><tr><td>1.</td><td><p>Which?</p><table><tr><td>a. one</td><td>b. two</td></tr></table></td></tr></table>', "1. Which?\na. one\tb. two\n"];
        yield 'comments, heads and feet of a word processor' => ['<p>One</p><div style="mso-element:comment">no</div><div style=\'mso-element:footer\'>2</div>', "One\n"];
        yield 'scripts and styles' => ['<style>p { color: red }</style><script>alert(1)</script><p>One</p>', "One\n"];
        yield 'a formula' => ['<p>So <math><mfrac><mi>a</mi><mn>2</mn></mfrac></math></p>', "So \\(\\frac{a}{2}\\)\n"];
        yield 'what is not closed' => ['<ol><li>Which?<p>a. one<p>b. two', "1. Which?\na. one\nb. two\n"];
        yield 'words before every element' => ['Which <b>bee</b> mates?', "Which bee mates?\n"];
        yield 'the same, as the clipboard may frame them' => ["<html>\r\n<!--StartFragment-->Which <b>bee</b> mates?<!--EndFragment-->\r\n</html>", "Which bee mates?\n"];
        yield 'words that stand in no cell' => ['<table>One<tr>Two<td>three</td></tr></table>', "One\nTwo\nthree\n"];
        yield 'words after the page' => ['<!DOCTYPE html><html><head><title>no</title></head><body><p>One</p></body>Two</html>', "One\nTwo\n"];
        yield 'signs that begin no tag' => ['<p title="1 < 2">If 5<6 and a <b>&lt;</b> b, a <- b, 1 <3', "If 5<6 and a < b, a <- b, 1 <3\n"];
        yield 'no page at all' => ['<<<>>&&&', "<<<>>&&&\n"];
        yield 'nothing' => ['', ''];
    }

    #[DataProvider('lines')]
    public function testLinesAreThoseThatWereSeen(string $html, string $text): void
    {
        self::assertSame($text, HtmlPage::read($html)->text);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function emphasis(): iterable
    {
        yield 'by an element' => ['<p><b>bold</b>, <strong>strong</strong>, <u>under</u>, <mark>marked</mark>, <i>slanted</i></p>', ['bold', 'strong', 'under', 'marked']];
        yield 'by a style' => ['<p><span style="font-weight:700">bold</span>, <span style="text-decoration: underline">under</span>, <span style="background: yellow">lit</span>, <span style="color:#c00">red</span></p>', ['bold', 'under', 'lit', 'red']];
        yield 'by an old element' => ['<p><font color="#cc0000">red</font> <font color="black">black</font></p>', ['red']];
        yield 'what all text looks like is no emphasis' => ['<p><span style="font-weight:normal;color:black;background:#ffffff">plain</span> <span style="color: rgb(0, 0, 0)">plain</span></p>', []];
        yield 'a bold around all that was copied is none' => ['<b style="font-weight:normal"><p>a. one</p><p>b. <b>two</b></p></b>', ['two']];
        yield 'a link is coloured by its kind' => ['<p><a href="x" style="color:blue">link</a></p>', []];
        yield 'parts of one stretch are one' => ['<p><b>one</b><b> stretch</b> and <b>another</b></p>', ['one stretch', 'another']];
    }

    /** @param list<string> $standsOut */
    #[DataProvider('emphasis')]
    public function testWhatStandsOutIsTold(string $html, array $standsOut): void
    {
        self::assertSame($standsOut, array_map(static fn (Emphasis $one) => $one->text, HtmlPage::read($html)->emphasised));
    }

    public function testElementsInElementsWithoutEndKeepTheirText(): void
    {
        $page = HtmlPage::read(str_repeat('<span>', 3_000).'<p>deep</p>'.str_repeat('</span>', 3_000).'<p>after</p>');
        self::assertSame(['deep', 'after'], array_values(array_filter(explode("\n", $page->text), static fn (string $line) => '' !== $line)));
    }

    /** Tags in any order, closed or not, against libxml2's parser of HTML, which shares no code with the one used here. */
    public function testNoWordOfATagSoupIsLost(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(31));
        $tags = ['p', 'b', 'u', 'span', 'div', 'li', 'ol', 'ul', 'table', 'tr', 'td', 'th', 'tbody', 'h2', 'pre', 'br', 'hr', 'a', 'font', 'dl', 'dt', 'dd', 'sup', 'label', 'caption', 'form', 'ins', 'del', 'code', 'o:p'];
        $words = static function (string $text): array {
            preg_match_all('/w\d+/', $text, $found);
            sort($found[0]);

            return $found[0];
        };
        for ($times = 0; $times < 1_500; ++$times) {
            $html = '';
            for ($pieces = $random->getInt(2, 9); $pieces > 0; --$pieces) {
                $tag = $tags[$random->getInt(0, \count($tags) - 1)];
                $html .= ['', "<{$tag}>", "<{$tag}>", "</{$tag}>"][$random->getInt(0, 3)]." w{$pieces} ";
            }
            $reference = new \DOMDocument();
            $reference->loadHTML($html, \LIBXML_NOERROR);
            self::assertSame($words($reference->textContent), $words(HtmlPage::read($html)->text), $html);
        }
    }

    public function testWhatIsHiddenIsLeftOutAndSaid(): void
    {
        foreach (['<p hidden>x</p>', '<p style="visibility: hidden">x</p>', '<span style="mso-hide:all">x</span>'] as $hidden) {
            $page = HtmlPage::read("<p>One</p>{$hidden}");
            self::assertSame(["One\n", ['Hidden text was left out.']], [$page->text, InEnglish::all($page->notes)], $hidden);
        }
    }
}
