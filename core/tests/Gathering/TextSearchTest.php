<?php

declare(strict_types=1);

namespace Notagram\Tests\Gathering;

use Notagram\Gathering\TextPlace;
use Notagram\Gathering\TextSearch;
use Notagram\Notation\Notations;
use PHPUnit\Framework\TestCase;

final class TextSearchTest extends TestCase
{
    private const TEXT = "// Queens and drones\n\nWhich bee mates with the QUEEN? {\n  =drone\n  ~worker\n}\n\nA queen lays eggs; a queen stings. {T}\n\nKöniginnen? {T}\n";

    public function testFindsWordsInQuestionsAndBetweenThem(): void
    {
        self::assertEquals([
            new TextPlace(null, '// ', 'Queen', 's and drones'),
            new TextPlace(1, 'Which bee mates with the ', 'QUEEN', '? { =drone ~worker }'),
            new TextPlace(2, 'A ', 'queen', ' lays eggs; a queen stings. {T}'),
        ], self::find('queen'));
    }

    public function testWordsStandInTheirOrderWhateverIsBetweenThem(): void
    {
        self::assertSame(['= drone ~worker' => 1], self::numbers(" =\n  drone   ~worker ", "Which? {=\n\tdrone\n  ~worker}\n"));
        self::assertSame([], self::find('worker drone'));
    }

    public function testLettersOfOtherLanguagesAreFoundInEitherCase(): void
    {
        self::assertSame(3, self::find('KÖNIGIN')[0]->question);
    }

    public function testSignsAreOnlySigns(): void
    {
        self::assertSame([], self::find('.*'));
        self::assertSame(2, self::find('{t}')[0]->question);
    }

    public function testALongTextShowsWhatStandsAround(): void
    {
        $text = str_repeat('wax and ', 50).'honey'.str_repeat(' and wax', 50).'? {T}';
        [$place] = (new TextSearch('honey'))->in($text, Notations::all()[0], 5);
        self::assertSame('… wax and wax and wax and wax and ', $place->before);
        self::assertSame(' and wax and wax and wax and wax and wax and wax and wax …', $place->after);
    }

    public function testNoMoreThanAreWanted(): void
    {
        self::assertCount(2, (new TextSearch('bee'))->in(str_repeat("Which bee? {T}\n\n", 9), Notations::all()[0], 2));
    }

    /** @return list<TextPlace> */
    private static function find(string $words): array
    {
        return (new TextSearch($words))->in(self::TEXT, Notations::all()[0], 10);
    }

    /** @return array<string, ?int> */
    private static function numbers(string $words, string $text): array
    {
        return array_column((new TextSearch($words))->in($text, Notations::all()[0], 10), 'question', 'match');
    }
}
