<?php

declare(strict_types=1);

namespace App\Tests;

use App\Reading\EditedText;
use App\Request\EditRequest;
use App\View\EditView;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class EditedTextTest extends TestCase
{
    /** @return iterable<string, array{string, list<EditRequest>, string}> */
    public static function edits(): iterable
    {
        yield 'nothing' => ["a\r\nb", [], "a\r\nb"];
        yield 'into an empty text' => ['', [new EditRequest(0, 0, "a\nb")], "a\nb"];
        yield 'a line break in a file with CRLF' => ["a\r\nb\r\n", [new EditRequest(1, 1, "\nx")], "a\r\nx\r\nb\r\n"];
        yield 'a line break in a file with CR' => ["a\rb", [new EditRequest(3, 3, "\n")], "a\rb\r"];
        yield 'a line break taken out' => ["a\r\nb", [new EditRequest(1, 2, '')], 'ab'];
        yield 'after a character of two units' => ['🐝x', [new EditRequest(2, 3, 'y')], '🐝y'];
        yield 'several at once' => ['abcdef', [new EditRequest(0, 1, 'A'), new EditRequest(3, 3, '-'), new EditRequest(5, 6, '')], 'Abc-de'];
        yield 'pasted text with other line ends' => ["a\n", [new EditRequest(2, 2, "b\r\nc\rd")], "a\nb\nc\nd"];
        yield 'mixed line ends stay as they are' => ["a\r\nb\nc\r\n", [new EditRequest(2, 2, 'x')], "a\r\nxb\nc\r\n"];
    }

    /** @param list<EditRequest> $edits */
    #[DataProvider('edits')]
    public function testEditsOfTheBrowserAreAppliedToTheKeptText(string $text, array $edits, string $expected): void
    {
        self::assertSame($expected, EditedText::of($text, $edits));
    }

    public function testEditsThatDoNotFitAreRefused(): void
    {
        foreach ([[new EditRequest(0, 4, '')], [new EditRequest(2, 1, '')], [new EditRequest(1, 2, ''), new EditRequest(0, 1, '')]] as $edits) {
            try {
                EditedText::of('abc', $edits);
                self::fail('It was taken.');
            } catch (\OutOfRangeException $exception) {
                self::assertNotSame('', $exception->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string, string, list<array{int, int, string}>}> */
    public static function pairs(): iterable
    {
        yield 'the same' => ['abc', 'abc', []];
        yield 'put in' => ['ac', 'abc', [[1, 1, 'b']]];
        yield 'taken out' => ['abbc', 'abc', [[2, 3, '']]];
        yield 'at the end' => ['a', 'ab', [[1, 1, 'b']]];
        yield 'everything' => ['abc', 'xyz', [[0, 3, 'xyz']]];
        yield 'to nothing' => ['abc', '', [[0, 3, '']]];
        yield 'within a character' => ['é', 'è', [[0, 1, 'è']]];
        yield 'bees of two units' => ['🐝a', '🐞a', [[0, 2, '🐞']]];
        yield 'a line break of two bytes' => ["a\r\nb", "a\r\n\r\nb", [[2, 2, "\n"]]];
    }

    /** @param list<array{int, int, string}> $edits */
    #[DataProvider('pairs')]
    public function testTheLeastEditLeadsFromOneTextToAnother(string $old, string $new, array $edits): void
    {
        self::assertSame($edits, array_map(static fn (EditView $edit) => [$edit->from, $edit->to, $edit->text], EditedText::between($old, $new)));
    }

    public function testWhateverTheTextsTheEditBetweenThemLeadsThere(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $pieces = ['a', 'b', "\r\n", 'é', 'ė', '🐝', '🐞', '{', "\u{301}"];
        $text = static fn (): string => implode('', array_map(static fn () => $pieces[$random->getInt(0, 8)], range(1, $random->getInt(1, 12))));
        for ($round = 0; $round < 500; ++$round) {
            [$old, $new] = [$text(), $text()];
            $edits = array_map(static fn (EditView $edit) => new EditRequest($edit->from, $edit->to, $edit->text), EditedText::between($old, $new));
            // The kept text says how its lines end; where it has none, the browser's line break is plain.
            $expected = str_contains($old, "\r\n") || !str_contains($new, "\r\n") ? $new : str_replace("\r\n", "\n", $new);
            self::assertSame($expected, EditedText::of($old, $edits), json_encode([$old, $new], \JSON_THROW_ON_ERROR));
        }
    }
}
