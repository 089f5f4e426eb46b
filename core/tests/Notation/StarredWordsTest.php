<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use League\CommonMark\CommonMarkConverter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\StarredWords;
use Notagram\Source\Span;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StarredWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a text, and it with bold words in HTML */
    public static function texts(): iterable
    {
        yield 'one word' => ['Which is **not** a bee?', 'Which is <b>not</b> a bee?'];
        yield 'several, in several places' => ['**All bees** but **one** dance.', '<b>All bees</b> but <b>one</b> dance.'];
        yield 'signs at the end' => ['Say **why?** here', 'Say <b>why?</b> here'];
        yield 'powers' => ['2 ** 3 ** 2 is what', '2 ** 3 ** 2 is what'];
        yield 'stars without a partner' => ['A **bee', 'A **bee'];
        yield 'one star on each side' => ['A *bee* flies', 'A *bee* flies'];
        yield 'over two lines' => ["A **bee\nflies** home", "A **bee\nflies** home"];
        yield 'escaped' => ['A \**bee** flies', 'A \**bee** flies'];
    }

    #[DataProvider('texts')]
    public function testWordsBecomeBoldAndOtherStarsStay(string $text, string $bold): void
    {
        $all = [new Span(0, \strlen($text))];
        self::assertSame($bold, TextEdit::allIn($text, StarredWords::without($text, $all, '<b>', '</b>')));
        self::assertSame(str_replace(['<b>', '</b>'], '', $bold), TextEdit::allIn($text, StarredWords::without($text, $all)));
        self::assertSame($text === $bold, null === StarredWords::firstIn($text));
    }

    /** CommonMark (spec 0.31, strong emphasis) makes the same words bold, wherever these stand on one line. */
    #[DataProvider('texts')]
    public function testCommonMarkMakesNoOthersBoldOnALine(string $text, string $bold): void
    {
        $html = trim((new CommonMarkConverter())->convert($text)->getContent());
        preg_match_all('~<strong>([^<]*)</strong>~', $html, $there);
        preg_match_all('~<b>([^<]*)</b>~', $bold, $ours);
        self::assertSame([], array_diff($ours[1], $there[1]), $html);
    }

    public function testOnlyTheGivenPlacesAreChanged(): void
    {
        $text = '**one** and **two**';
        self::assertSame('**one** and two', TextEdit::allIn($text, StarredWords::without($text, [new Span(8, \strlen($text))])));
    }
}
