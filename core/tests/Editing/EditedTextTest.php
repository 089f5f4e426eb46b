<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Editing\EditedText;
use Notagram\Editing\EditorEdit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class EditedTextTest extends TestCase
{
    /** @return iterable<string, array{string, list<EditorEdit>, string}> */
    public static function edits(): iterable
    {
        yield 'nothing' => ["a\r\nb", [], "a\r\nb"];
        yield 'into an empty text' => ['', [new EditorEdit(0, 0, "a\nb")], "a\nb"];
        yield 'a line break in a file with CRLF' => ["a\r\nb\r\n", [new EditorEdit(1, 1, "\nx")], "a\r\nx\r\nb\r\n"];
        yield 'a line break in a file with CR' => ["a\rb", [new EditorEdit(3, 3, "\n")], "a\rb\r"];
        yield 'a line break taken out' => ["a\r\nb", [new EditorEdit(1, 2, '')], 'ab'];
        yield 'after a character of two units' => ['🐝x', [new EditorEdit(2, 3, 'y')], '🐝y'];
        yield 'several at once' => ['abcdef', [new EditorEdit(0, 1, 'A'), new EditorEdit(3, 3, '-'), new EditorEdit(5, 6, '')], 'Abc-de'];
        yield 'pasted text with other line ends' => ["a\n", [new EditorEdit(2, 2, "b\r\nc\rd")], "a\nb\nc\nd"];
        yield 'mixed line ends stay as they are' => ["a\r\nb\nc\r\n", [new EditorEdit(2, 2, 'x')], "a\r\nxb\nc\r\n"];
    }

    /** @param list<EditorEdit> $edits */
    #[DataProvider('edits')]
    public function testEditsOfTheBrowserAreAppliedToTheKeptText(string $text, array $edits, string $expected): void
    {
        self::assertSame($expected, EditedText::of($text, $edits));
    }

    public function testEditsThatDoNotFitAreRefused(): void
    {
        foreach ([[new EditorEdit(0, 4, '')], [new EditorEdit(2, 1, '')], [new EditorEdit(1, 2, ''), new EditorEdit(0, 1, '')]] as $edits) {
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
        self::assertSame($edits, array_map(static fn (EditorEdit $edit) => [$edit->from, $edit->to, $edit->text], EditedText::between($old, $new)));
    }

    public function testWhateverTheTextsTheEditBetweenThemLeadsThere(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $pieces = ['a', 'b', "\r\n", 'é', 'ė', '🐝', '🐞', '{', "\u{301}"];
        $text = static fn (): string => implode('', array_map(static fn () => $pieces[$random->getInt(0, 8)], range(1, $random->getInt(1, 12))));
        for ($round = 0; $round < 500; ++$round) {
            [$old, $new] = [$text(), $text()];
            $edits = array_map(static fn (EditorEdit $edit) => new EditorEdit($edit->from, $edit->to, $edit->text), EditedText::between($old, $new));
            // The kept text says how its lines end; where it has none, the browser's line break is plain.
            $expected = str_contains($old, "\r\n") || !str_contains($new, "\r\n") ? $new : str_replace("\r\n", "\n", $new);
            self::assertSame($expected, EditedText::of($old, $edits), json_encode([$old, $new], \JSON_THROW_ON_ERROR));
        }
    }
}
