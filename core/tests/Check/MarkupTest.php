<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Markup\Pictures;
use Notagram\Check\Markup\ShownPicture;
use Notagram\Check\Markup\Tag;
use Notagram\Check\Markup\Tags;
use Notagram\Question\FormattedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MarkupTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function html(): iterable
    {
        yield 'in capitals, with blanks' => ['a <B>bee</b > flies', ['<B>', '</b >']];
        yield 'a < that opens nothing' => ['Is 2 < 3 and 3 <= 4? <i>Yes</i>', ['<i>', '</i>']];
        yield '> within quotation marks' => ['<img alt="x > y" src=a.png> <br/>', ['<img alt="x > y" src=a.png>', '<br/>']];
        yield '< within quotation marks' => ["<a href='x<y'>z</a>", ["<a href='x<y'>", '</a>']];
        yield 'in a comment' => ['<!-- <b> --> <b>x</b>', ['<b>', '</b>']];
        yield 'on two lines' => ["<span\nlang=fr>reine</span>", ["<span\nlang=fr>", '</span>']];
        yield 'in a script' => ['<script>"<b>"</script>', ['<script>', '<b>', '</script>']];
        yield 'not ended' => ['a<b or not', ['<b or not …']];
        yield 'ended by the next one' => ['<a b=1 <i>x</i>', ['<a b=1  …', '<i>', '</i>']];
        yield 'after a character that is none' => ["\0<b>x</b>", ['<b>', '</b>']];
        yield 'nothing but signs' => ['< </ <! <? <', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('html')]
    public function testEachTagIsToldAsItIsWritten(string $html, array $expected): void
    {
        self::assertSame($expected, self::written(new FormattedText($html)));
    }

    public function testPlainTextHasNoTags(): void
    {
        self::assertSame([], Tags::in(new FormattedText('<b>bee</b>', FormattedText::PLAIN)));
    }

    public function testCodeInMarkdownIsText(): void
    {
        $text = "A `<b>` is bold, <i>this</i> is not:\n\n```\n<u>\n```\n\n    <s>\n\n<div>\n<em>x</em>\n</div>";

        self::assertSame(['<i>', '</i>', '<div>', '<em>', '</em>', '</div>'], self::written(new FormattedText($text, FormattedText::MARKDOWN)));
    }

    public function testPicturesOfMarkdownAndOfHtmlAreFound(): void
    {
        $text = '![a *worker* bee](<worker bee.png> "seen in May") `![none](none.png)` <img src=queen.png> ![drone][1]'."\n\n[1]: drone.png";

        self::assertEquals(
            [new ShownPicture('queen.png', ''), new ShownPicture('worker%20bee.png', 'a worker bee'), new ShownPicture('drone.png', 'drone')],
            Pictures::in(new FormattedText($text, FormattedText::MARKDOWN)),
        );
        self::assertEquals([new ShownPicture('queen.png', 'the queen')], Pictures::in(new FormattedText('<IMG ALT="the queen" SRC=\'queen.png\'> ![a](b.png)', FormattedText::HTML)));
    }

    /** Held against libxml, a reference library: what it writes of a tree has the tags of that tree. */
    public function testTagsOfWrittenTreesAreThoseOfTheTree(): void
    {
        mt_srand(20261127);
        for ($round = 0; $round < 300; ++$round) {
            $document = new \DOMDocument();
            $top = $document->createElement('div');
            $document->appendChild($top);
            $open = [$top];
            for ($index = mt_rand(1, 12); $index > 0; --$index) {
                $element = $document->createElement(['b', 'i', 'span', 'sub', 'code'][mt_rand(0, 4)]);
                $element->setAttribute('title', ['a > b', 'a < b', '"', "it's", '', '</b>', '/'][mt_rand(0, 6)]);
                $element->appendChild($document->createTextNode(['hive', 'a < b', '<b>', '& so', '/>'][mt_rand(0, 4)]));
                $open[mt_rand(0, \count($open) - 1)]->appendChild($element);
                $open[] = $element;
            }
            $html = (string) $document->saveHTML($top);
            $expected = [];
            foreach ($document->getElementsByTagName('*') as $element) {
                $expected[] = [$element->nodeName, $element->hasAttribute('title') ? $element->getAttribute('title') : null];
            }
            $tags = Tags::in(new FormattedText($html, FormattedText::HTML));
            $starts = array_values(array_filter($tags, static fn (Tag $tag) => !$tag->isEnd));

            self::assertSame($expected, array_map(static fn (Tag $tag) => [$tag->name, $tag->attributes['title'] ?? null], $starts), $html);
            self::assertCount(2 * \count($starts), $tags, $html);
        }
    }

    /** @return list<string> those that do not end with … */
    private static function written(FormattedText $text): array
    {
        return array_map(static fn (Tag $tag) => $tag->written.($tag->isComplete ? '' : ' …'), Tags::in($text));
    }
}
