<?php

declare(strict_types=1);

namespace Notagram\Tests\Question;

use Notagram\Question\FormattedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormattedTextTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function texts(): iterable
    {
        yield 'tags within a word part nothing' => ['H<sub>2</sub>O and CO<SUB>2</SUB>', FormattedText::AUTO, 'H2O and CO2'];
        yield 'what begins a line parts words' => ['<p>smoker</p><ul><li>veil<li>gloves</ul>hive<br>tool', FormattedText::HTML, 'smoker veil gloves hive tool'];
        yield 'entities are read' => ['bees &amp; wasps, 3 &lt; 4, caf&#233;, na&#xEF;ve', FormattedText::AUTO, 'bees & wasps, 3 < 4, café, naïve'];
        yield 'what only looks like one stays' => ['R&D; 3 < 4 & so on; a<3', FormattedText::AUTO, 'R&D; 3 < 4 & so on; a<3'];
        yield 'a comment goes' => ['bees<!-- or <b>wasps</b> -->', FormattedText::HTML, 'bees'];
        yield 'plain text has no markup' => ["<b>&amp;\n`x`", FormattedText::PLAIN, '<b>&amp; `x`'];
        yield 'Markdown loses its signs' => ['*Which* __is__ `no` snake_case [link](http://a.example) ![bee](b.png)?', FormattedText::MARKDOWN, 'Which is no snake_case [link] ?'];
        yield 'tags and entities in code are text' => ['What is `<b>`, ``a ` &amp; <i>`` and <i>this</i> &amp; that?', FormattedText::MARKDOWN, 'What is <b>, a &amp; <i> and this & that?'];
        yield 'a lone backtick begins no code' => ['` <b>bold</b> ``', FormattedText::MARKDOWN, 'bold'];
        yield 'white space of any kind is one blank' => ["  a\u{A0} \t b\n\nc\u{2009}d ", FormattedText::AUTO, 'a b c d'];
    }

    #[DataProvider('texts')]
    public function testAPupilReadsTheWordsAlone(string $text, string $format, string $expected): void
    {
        self::assertSame($expected, (new FormattedText($text, $format))->plain());
    }

    public function testTakingTagsOutKeepsLinesAndSigns(): void
    {
        self::assertSame("*a*\n`<b>`\n c", (new FormattedText("*a*\n`<b>`\n<br>c", FormattedText::MARKDOWN))->withoutTags());
    }

    /** Held against PHP's own strip_tags and html_entity_decode, where all tags stand within words. */
    public function testAgreesWithPhpOnTagsWithinWords(): void
    {
        mt_srand(7);
        $pieces = ['<b>', '</b>', '<i class="x">', '</i>', '<!-- no -->', '&amp;', '&eacute;', '&lt;', 'bee', ' ', '.', '<span>', '</span>', '&#8212;', '& ', "\n"];
        for ($round = 0; $round < 500; ++$round) {
            $html = '';
            for ($index = mt_rand(1, 15); $index > 0; --$index) {
                $html .= $pieces[mt_rand(0, \count($pieces) - 1)];
            }

            self::assertSame(html_entity_decode(strip_tags($html), \ENT_QUOTES | \ENT_HTML5, 'UTF-8'), (new FormattedText($html))->withoutTags(), $html);
        }
    }

    public function testTextsThatAreTooMuchAreNotRendered(): void
    {
        self::assertFalse((new FormattedText(str_repeat('word ', 50_000), FormattedText::PLAIN))->isTooMuchToRender());
        self::assertTrue((new FormattedText(str_repeat('> ', 500).'x', FormattedText::MARKDOWN))->isTooMuchToRender());
        self::assertTrue((new FormattedText(str_repeat('<b>', 50_000), FormattedText::HTML))->isTooMuchToRender());
        self::assertFalse((new FormattedText('<b>bee</b> > wasp', FormattedText::HTML))->isTooMuchToRender());
    }
}
