<?php

declare(strict_types=1);

namespace Notagram\Tests\Proof;

use Notagram\Proof\TextProof;
use Notagram\Question\FormattedText;
use Notagram\Source\ReadLimits;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TextProofTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function texts(): iterable
    {
        yield 'plain text in auto' => ['auto', "a < b & c\nnext", 'a &lt; b &amp; c<br />next'];
        yield 'a tag in auto' => ['auto', "<b>bold</b>\nnext", '<b>bold</b><br />next'];
        yield 'blocks in auto keep their own breaks' => ['auto', "<ul>\n<li>one</li>\n</ul>", "<ul>\n<li>one</li>\n</ul>"];
        yield 'a < that opens no tag' => ['auto', 'if 1 <2 then <i>so</i>', 'if 1 &lt;2 then <i>so</i>'];
        yield 'markup in plain' => ['plain', '<b>not</b>', '&lt;b&gt;not&lt;/b&gt;'];
        yield 'markdown' => ['markdown', 'a *b* `c`', '<p>a <em>b</em> <code>c</code></p>'];
        yield 'a script is gone' => ['html', 'a<script>alert(1)</script>b', 'ab'];
        yield 'a handler is gone' => ['html', '<b onclick="alert(1)">x</b>', '<b>x</b>'];
        yield 'a picture from outside is not loaded' => ['html', '<img src="https://example.org/x.png" alt="a hive">', '<img alt="a hive" />'];
        yield 'styles and names are gone' => ['html', '<p style="position:fixed" class="bar" id="app">x</p>', '<p>x</p>'];
        yield 'an unclosed tag is closed' => ['html', '<div><b>x', '<div><b>x</b></div>'];
        yield 'a closing tag does not reach out' => ['html', '</div></section>x', 'x'];
        yield 'an unknown format is plain' => ['wiki', '<b>', '&lt;b&gt;'];
    }

    #[DataProvider('texts')]
    public function testATextIsRenderedByItsFormat(string $format, string $text, string $html): void
    {
        $actual = str_replace(['<br>', "<br />\n"], '<br />', (new TextProof())->html(new FormattedText($text, $format)));

        self::assertSame($html, $actual);
    }

    public function testAGapKeepsItsPlaceWhateverTheFormat(): void
    {
        $proof = new TextProof();

        self::assertSame('Bees collect [gap] daily.', $proof->htmlWithGap('Bees collect ', ' daily.', 'auto', '[gap]'));
        self::assertSame('<p><em>Bees</em> collect [gap].</p>', $proof->htmlWithGap('*Bees* collect ', '.', 'markdown', '[gap]'));
    }

    public function testAGapInsideATagIsShownBehindTheSentence(): void
    {
        $proof = new TextProof();

        self::assertSame('<b title="a ">bee</b> mates.<i>gap</i>', $proof->htmlWithGap('<b title="a ', '">bee</b> mates.', 'html', '<i>gap</i>'));
        self::assertSame('<b title="x">a <i>gap</i></b>', $proof->htmlWithGap('<b title="x">a ', '</b>', 'html', '<i>gap</i>'));
    }

    public function testAPictureStandsWhereItIsNamedAndItsWordsStaySafe(): void
    {
        $pictures = Pictures::kept('hive.png', null);
        $html = static fn (string $text, string $format = 'auto') => (new TextProof())->html(new FormattedText($text, $format), $pictures);

        self::assertSame('See <img class="kept" src="/kept/1" alt="a &quot;bee&quot; &amp; x">', $html('See [picture 1: a "bee" & x]'));
        self::assertSame('<img class="kept" src="/kept/1" alt="picture 1">', $html('[picture 1]'));
        self::assertSame('<img class="kept" src="/kept/1" alt="A hive" />', $html('<img src="hive.png" alt="A hive">'));
        self::assertSame('<p>See <img class="kept" src="/kept/1" alt="A hive" /></p>', $html('See ![A hive](hive.png)', 'markdown'));
        self::assertSame('<p><code>![A hive](hive.png)</code></p>', $html('`![A hive](hive.png)`', 'markdown'));
        // No browser shows the second, and there is no third; the address of nobody else is asked for.
        foreach (['[picture 2: a metafile]', '[picture 3]', '[picture]'] as $text) {
            self::assertSame($text, $html($text));
        }
        foreach (['other.png', '/kept/1', '../hive.png', 'hive.png?x', 'unseen-2.emf', 'data:kept,other.png'] as $source) {
            self::assertSame('<img alt="x" />', $html("<img src=\"{$source}\" alt=\"x\">"), $source);
            self::assertSame('<img alt="x" />', (new TextProof())->html(new FormattedText("<img src=\"{$source}\" alt=\"x\">", 'html')), $source);
        }
    }

    /** Each takes seconds or never ends if it is rendered as it stands. */
    public function testTooMuchMarkupIsShownAsText(): void
    {
        foreach ([str_repeat("* a\n", 3_000), str_repeat('>', 21).' a', str_repeat(' ', 100).'* a'] as $markdown) {
            self::assertSame(TextProof::plain($markdown), (new TextProof())->html(new FormattedText($markdown, 'markdown')));
        }
        $deep = str_repeat('<div>', 2 * ReadLimits::MAX_TAGS_PER_TEXT);

        self::assertStringStartsWith('&lt;div&gt;', (new TextProof())->html(new FormattedText($deep, 'html')));
    }

    /**
     * The examples of the CommonMark specification 0.31.2 (npm package commonmark-spec, CC-BY-SA-4.0), read from the package.
     * Raw HTML and links are left out: those the proof sanitises on purpose.
     */
    public function testFormulasStandApartAndMoneyIsNone(): void
    {
        $html = static fn (string $text, string $format) => (new TextProof())->html(new FormattedText($text, $format));
        self::assertSame('<p>Is <span class="formula">a_1 * b_2 * c</span> or <code>$x$</code>, <em>or</em> <span class="formula is-apart">\frac{a}{b}</span>?</p>', $html('Is $a_1 * b_2 * c$ or `$x$`, *or* $$\frac{a}{b}$$?', FormattedText::MARKDOWN));
        self::assertSame('If <span class="formula">a&lt;b</span> and <span class="formula in-brackets">c &lt; d</span>, <span class="formula is-apart in-brackets">x</span>', $html('If $a<b$ and \(c &lt; d\), \[x\]', FormattedText::AUTO));
        self::assertSame('<img src="data:image/png;base64,AA" alt="$x$" />', $html('<img src="data:image/png;base64,AA" alt="$x$">', FormattedText::HTML), 'Within a tag it is text.');
        foreach (['costs $5 and $7', 'a $ b $ c', '\(\)', '$x'] as $money) {
            self::assertSame($money, $html($money, FormattedText::AUTO));
        }
        self::assertSame('$x$', $html('$x$', FormattedText::PLAIN));
        self::assertSame('<pre><code>$x$'."\n".'</code></pre>', $html('    $x$', FormattedText::MARKDOWN));
    }

    public function testMarkdownIsRenderedAsItsSpecificationSays(): void
    {
        $file = __DIR__.'/../../../e2e/node_modules/commonmark-spec/spec.txt';
        if (!is_file($file)) {
            self::markTestSkipped('The specification is not installed: bin/setup --tests.');
        }
        preg_match_all('/^`{32} example\n(.*?)^\.\n(.*?)^`{32}$/ms', (string) file_get_contents($file), $examples, \PREG_SET_ORDER);
        self::assertGreaterThan(600, \count($examples));
        $proof = new TextProof();
        $compared = 0;
        foreach ($examples as [, $markdown, $html]) {
            $markdown = str_replace('→', "\t", $markdown);
            if (str_contains($markdown, '<') || 1 === preg_match('/<(?:a|img)\b|class=/', $html)) {
                continue;
            }
            ++$compared;
            self::assertSame(self::normal(str_replace('→', "\t", $html)), self::normal($proof->html(new FormattedText($markdown, 'markdown'))), $markdown);
        }
        self::assertGreaterThan(350, $compared);
    }

    private static function normal(string $html): string
    {
        return (string) preg_replace(['~\s*/>~', '/\s+/'], ['>', ' '], trim(html_entity_decode(str_replace(['&lt;', '&gt;', '&amp;'], ["\u{E001}", "\u{E002}", "\u{E003}"], $html), \ENT_QUOTES | \ENT_HTML5)));
    }

    /**
     * The inputs of a sanitiser's own tests (Debian golang-github-microcosm-cc-bluemonday-dev, BSD-3), read from the package.
     * That nothing runs is judged in a real browser as well, by the stories.
     */
    public function testHostileMarkupLosesItsTeeth(): void
    {
        $file = '/usr/share/gocode/src/github.com/microcosm-cc/bluemonday/sanitize_test.go';
        if (!is_file($file)) {
            self::markTestSkipped('The hostile inputs are not installed: bin/setup --tests.');
        }
        preg_match_all('/\bin:\s*(`[^`]*`|"(?:[^"\\\\]|\\\\.)*")/', (string) file_get_contents($file), $inputs);
        self::assertGreaterThan(100, \count($inputs[1]));
        $proof = new TextProof();
        foreach ($inputs[1] as $literal) {
            $input = '`' === $literal[0] ? trim($literal, '`') : stripcslashes(substr($literal, 1, -1));
            foreach (['html', 'auto', 'markdown'] as $format) {
                $document = new \DOMDocument();
                $document->loadHTML('<?xml encoding="utf-8"?><main>'.$proof->html(new FormattedText($input, $format)).'</main>', \LIBXML_NOERROR);
                foreach ($document->getElementsByTagName('*') as $element) {
                    self::assertNotContains($element->nodeName, ['script', 'style', 'iframe', 'object', 'embed', 'svg', 'math', 'form', 'input', 'base', 'link'], $input);
                    foreach (iterator_to_array($element->attributes ?? []) as $attribute) {
                        self::assertDoesNotMatchRegularExpression('/^on|^style$|^class$|^id$|^srcset$/', $attribute->nodeName, $input);
                        self::assertDoesNotMatchRegularExpression('/^\s*(?:javascript|vbscript):/i', $attribute->nodeValue ?? '', $input);
                        if ('src' === $attribute->nodeName) {
                            self::assertStringStartsWith('data:', $attribute->nodeValue ?? '', $input);
                        }
                    }
                }
            }
        }
    }
}
