<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Table;

use Notagram\Intake\Table\ClipboardTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A table on the clipboard, as spreadsheets and word processors put it there. */
final class ClipboardTableTest extends TestCase
{
    /** @return iterable<string, array{string, ?array<int, list<string>>}> */
    public static function tables(): iterable
    {
        yield 'cells in rows' => ['<table><tr><td>Question</td><td>Key</td></tr><tr><td>Which?</td><td>A</td></tr></table>', [1 => ['Question', 'Key'], 2 => ['Which?', 'A']]];
        yield 'with its parts' => ['<table><colgroup><col></colgroup><thead><tr><th>Question</th></tr></thead><tbody><tr><td>Which?</td></tr></tbody></table>', [1 => ['Question'], 2 => ['Which?']]];
        yield 'a break within a cell' => ['<table><tr><td>first<br>second</td></tr></table>', [1 => ["first\nsecond"]]];
        yield 'paragraphs within a cell' => ['<table><tr><td><p>first</p><p>second</p><div>third</div></td></tr></table>', [1 => ["first\nsecond\nthird"]]];
        yield 'words within words' => ['<table><tr><td>the <b>old <i>queen</i></b> bee</td></tr></table>', [1 => ['the old queen bee']]];
        yield 'white space of the source' => ["<table>\n <tr>\n  <td>two\n     words</td>\n </tr>\n</table>", [1 => ['two words']]];
        yield 'a cell over three columns leaves two empty' => ['<table><tr><td colspan="3">Spring test</td></tr><tr><td>a</td><td>b</td><td>c</td></tr></table>', [1 => ['Spring test', '', ''], 2 => ['a', 'b', 'c']]];
        yield 'an empty cell is one' => ['<table><tr><td>a</td><td></td><td>c</td></tr></table>', [1 => ['a', '', 'c']]];
        yield 'a comment is nothing' => ['<table><tr><td>a<!-- not seen --></td></tr></table>', [1 => ['a']]];
        yield 'styles and a title around it are not seen' => ['<html><head><title>Book1</title><style>td { color: red }</style></head><body><!--StartFragment--><table><tr><td>a</td></tr></table><!--EndFragment--></body></html>', [1 => ['a']]];
        yield 'words beside it: it is a page' => ['<p>See:</p><table><tr><td>a</td></tr></table>', null];
        yield 'two tables: they are a page' => ['<table><tr><td>a</td></tr></table><table><tr><td>b</td></tr></table>', null];
        yield 'none' => ['<p>a</p>', null];
    }

    /** @param ?array<int, list<string>> $rows */
    #[DataProvider('tables')]
    public function testItsCellsAreThoseThatWereSeen(string $html, ?array $rows): void
    {
        self::assertSame($rows, ClipboardTable::rows($html));
    }

    public function testACellThatSaysItIsMuchTooWideIsAsWideAsATableMayBe(): void
    {
        self::assertLessThan(20_000, \count(ClipboardTable::rows('<table><tr><td colspan="999999999">a</td></tr></table>')[1] ?? []));
    }
}
