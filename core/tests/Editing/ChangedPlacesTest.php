<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Editing\ChangedPlace;
use Notagram\Editing\ChangedPlaces;
use Notagram\Editing\EditedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a person sees of a change before it is made: whole lines, few enough to look at. */
final class ChangedPlacesTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<array{int, string, string}>}> old, new, line with before and after */
    public static function changes(): iterable
    {
        yield 'nothing' => ["a\nb\n", "a\nb\n", []];
        yield 'one word' => ["a\nbee or wasp\nc", "a\nbee and wasp\nc", [[2, 'bee or wasp', 'bee and wasp']]];
        yield 'two lines apart' => ["one {=a\nb\n\ntwo {=a", "one {=x\nb\n\ntwo {=x", [[1, 'one {=a', 'one {=x'], [4, 'two {=a', 'two {=x']]];
        yield 'two in one line' => ['a1 b c1', 'a2 b c2', [[1, 'a1 b c1', 'a2 b c2']]];
        yield 'a line taken out' => ["a\n\nb\nc", "a\nb\nc", [[2, "\nb", 'b']]];
        yield 'a line put in' => ["a\nb", "a\n\nb", [[2, 'b', "\nb"]]];
        yield 'neighbours with a blank line between' => ["a1\n\nb1\n\nc", "a2\n\nb2\n\nc", [[1, 'a1', 'a2'], [3, 'b1', 'b2']]];
        yield 'CRLF shown as the browser has it' => ["a1\r\nb\r\n", "a2\r\nb\r\n", [[1, 'a1', 'a2']]];
        yield 'after characters of two units' => ["🐝🐝\nx1", "🐝🐝\nx2", [[2, 'x1', 'x2']]];
    }

    /** @param list<array{int, string, string}> $expected */
    #[DataProvider('changes')]
    public function testTheLinesThatChangeAreShown(string $old, string $new, array $expected): void
    {
        $places = ChangedPlaces::of($old, EditedText::between($old, $new));
        $shown = array_map(static fn (ChangedPlace $place) => [$place->line, $place->before, $place->after], $places);

        self::assertSame($expected, $shown);
    }

    public function testOnlyTheFirstFewAreShownAndLongLinesAreCut(): void
    {
        $old = implode("\n\n", array_map(static fn (int $number) => "Question {$number} ".str_repeat('long ', 60), range(1, 50)));
        $places = ChangedPlaces::of($old, EditedText::between($old, str_replace('Question', 'Item', $old)));

        self::assertCount(12, $places);
        self::assertSame(160, mb_strlen($places[0]->before));
        self::assertStringEndsWith('…', $places[0]->before);
    }

    public function testTwoDecodingsAreComparedLineByLine(): void
    {
        [$places, $differing] = ChangedPlaces::between("Où\nest\nl’été", "O˘\nest\nlít");

        self::assertSame(2, $differing);
        self::assertSame([[1, 'Où', 'O˘'], [3, 'l’été', 'lít']], array_map(static fn (ChangedPlace $place) => [$place->line, $place->before, $place->after], $places));
    }

    public function testAThousandMendedQuestionsGiveAThousandSmallEdits(): void
    {
        $old = str_repeat("Which? {=a =b ~c}\n\n", 1_000);
        $edits = EditedText::between($old, str_replace('=a =b ~c', '~%50%a ~%50%b ~%-100%c', $old));

        self::assertCount(1_000, $edits);
        self::assertSame([8, 15], [$edits[0]->from, $edits[0]->to]);
    }
}
