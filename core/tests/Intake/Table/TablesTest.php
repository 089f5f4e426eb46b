<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Table;

use Notagram\Handover\Table\XlsxFile;
use Notagram\Intake\Table\Column;
use Notagram\Intake\Table\Columns;
use Notagram\Intake\Table\CsvText;
use Notagram\Intake\Table\Table;
use Notagram\Intake\Table\TableFiles;
use Notagram\Intake\Table\TableRow;
use Notagram\Intake\UnreadableDocument;
use Notagram\Tests\InEnglish;
use Notagram\Tests\Intake\Zipped;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TablesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function cases(): iterable
    {
        foreach ((array) glob(__DIR__.'/csv-spectrum/*.csv') as $file) {
            $file = (string) $file;
            yield basename($file) => [$file];
        }
    }

    /** csv-spectrum 2.0.0: files with the records that a reader must find in them. */
    #[DataProvider('cases')]
    public function testCsvIsReadAsItsCasesSay(string $file): void
    {
        $rows = array_values(CsvText::rows((string) file_get_contents($file), ','));
        $headings = array_shift($rows) ?? [];
        $folded = str_replace('\r\n', '\n', (string) file_get_contents(str_replace('.csv', '.json', $file)));
        self::assertSame(json_decode($folded, true), array_map(static fn (array $row) => array_combine($headings, $row), $rows));
    }

    /** @return iterable<string, array{string, string, list<list<string>>}> */
    public static function casesOfGo(): iterable
    {
        /** @var list<array{name: string, comma: string, input: string, output: list<list<string>>}> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/encoding-csv/cases.json'), true, flags: \JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield $case['name'] => [$case['input'], $case['comma'], $case['output']];
        }
    }

    /**
     * The cases of encoding/csv in Go 1.19.8 (reader_test.go, under the licence of Go) that ask for no option of its own, with lazy
     * quotes, as a spreadsheet takes them. Left out are those with a carriage return inside a line, which ends the line here.
     *
     * @param list<list<string>> $rows
     */
    #[DataProvider('casesOfGo')]
    public function testCsvIsReadAsTheCasesOfAnotherLanguageSay(string $text, string $separator, array $rows): void
    {
        self::assertSame($rows, array_values(array_filter(CsvText::rows($text, $separator), static fn (array $cells) => [''] !== $cells)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function separated(): iterable
    {
        yield 'commas in quotes, and semicolons between' => ["a;b;c\n\"1,2,3\";x;y\n", ';'];
        yield 'tabs, and commas in the cells' => ["one, two\tthree\tfour\nfive, six, seven\teight\tnine", "\t"];
        yield 'bars' => ['a|b|c', '|'];
        yield 'the sign is named' => ["sep=|\na,b|c,d", '|'];
        yield 'nothing parts anything' => ['only words', ','];
    }

    #[DataProvider('separated')]
    public function testTheSeparatorIsFound(string $text, string $separator): void
    {
        self::assertSame(CsvText::rows($text, $separator), CsvText::rows($text));
    }

    /** A file that LibreOffice 7.4 wrote, of a table with a title, dates, per cent, a formula, an error, merged cells, what is hidden, and other sheets. */
    #[DataProvider('workbooks')]
    public function testAWorkbookIsReadAsItIsShown(string $file): void
    {
        $table = TableFiles::read((string) file_get_contents(__DIR__.'/files/'.$file), $file);
        self::assertNotNull($table);
        self::assertSame([
            1 => ['Alder Vale Beekeepers: spring questions'],
            4 => ['Topic', 'Question', 'Answer 1', 'Answer 2', 'Answer 3', 'Correct answer', 'Points'],
            5 => ['Hive/Year', 'When was the club founded?', '03.04.1987', '24.12.1991', '01.07.2003', 'A', '2'],
            6 => ['', "How much water is in ripe honey?\n(about)", '17.5%', '40.0%', '5.0%', 'a', '0.3'],
            8 => ['Bees', 'A drone has a sting.', '', '', '', 'FALSE', '#DIV/0!'],
            9 => ['', 'What seals gaps?', '', '', '', 'propolis / bee glue'],
        ], array_column(array_map(static fn (TableRow $row) => [$row->number, self::filled($row->cells)], $table->rows), 1, 0));
        self::assertSame([
            'Only “Spring”, the first sheet with content, was read; one other has content too.',
            'One hidden row was left out.',
            'One hidden column was left out.',
            'Row 8: a formula gives the error #DIV/0!.',
        ], array_map(InEnglish::of(...), $table->notes));
    }

    /** @return iterable<string, array{string}> */
    public static function workbooks(): iterable
    {
        yield 'Office Open XML' => ['club.xlsx'];
        yield 'OpenDocument' => ['club.ods'];
    }

    /** @return iterable<string, array{string, string, int}> headings, the columns that they name, the row that is first */
    public static function headings(): iterable
    {
        yield 'English' => ["Category\tTitle\tType\tStem\tPoints\toption 1\toption 2\tKey\tFeedback\tfeedback 2", 'category, title, type, stem, points, option 1, option 2, key, feedback, feedback 2', 1];
        yield 'letters' => ["Question\tA\tB\tC\tCorrect Answer", 'stem, option 1, option 2, option 3, key', 1];
        yield 'German' => ["Thema\tFrage\tAntwort A\tAntwort B\tLösung\tPunkte\tErklärung", 'category, stem, option 1, option 2, key, points, feedback', 1];
        yield 'French' => ["Énoncé\tRéponse 1\tRéponse 2\tBonne réponse", 'stem, option 1, option 2, key', 1];
        yield 'distractors without numbers' => ["Question\tDistractor\tDistractor\tAnswer", 'stem, option 1, option 2, key', 1];
        yield 'a title above, and a column of nothing' => ["Spring test\nNo.\tQuestion\tAnswer", '-, stem, key', 2];
        yield 'a word that is no heading' => ["Question\tOptions\tAnswer\tAuthor", 'stem, option 1, key, -', 1];
    }

    #[DataProvider('headings')]
    public function testHeadingsNameTheColumns(string $head, string $columns, int $first): void
    {
        $found = Columns::of(CsvText::read($head."\n1\t2\t3", "\t"));
        self::assertSame($columns, self::named($found));
        self::assertSame([$first, true], [$found->first, $found->hasHead]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unheaded(): iterable
    {
        yield 'the last column names options by letter' => ["Which lays?\tqueen\tdrone\ta\nWhich mates?\tqueen\tdrone\tB", 'stem, option 1, option 2, key'];
        yield 'it repeats one of them' => ["Which lays?\tqueen\tdrone\tqueen\nWhich mates?\tqueen\tdrone\tdrone", 'stem, option 1, option 2, key'];
        yield 'it is an option' => ["Which lays?\tqueen\tdrone\tworker\nWhich mates?\tqueen\tdrone\tguard", 'stem, option 1, option 2, option 3'];
        yield 'the first counts' => ["1\tWhich lays?\tqueen\n2\tWhich mates?\tdrone", '-, stem, key'];
    }

    #[DataProvider('unheaded')]
    public function testWithoutHeadingsTheContentTells(string $text, string $columns): void
    {
        self::assertSame($columns, self::named(Columns::of(CsvText::read($text, "\t"))));
    }

    public function testAPersonNamesColumns(): void
    {
        $columns = Columns::of(CsvText::read("a\tb\tc\td", "\t"));
        $named = array_map(static fn (string $name) => Column::named($name) ?? throw new \LogicException($name), ['stem', 'option', 'option 1', 'key', 'feedback 2', '-', '']);
        self::assertSame('stem, option 2, option 1, key, feedback 2, -, -', self::named($columns->with(...$named)));
        self::assertNull(Column::named('author'));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function texts(): iterable
    {
        yield 'rows of a spreadsheet' => ["Question\tA\tB\tKey\nWhich lays?\tqueen\tdrone\tA", true];
        yield 'rows without headings' => ["Which lays?\tqueen\tdrone\tA\nWhich mates?\tqueen\tdrone\tB\nWhich guards?\tqueen\tworker\tB", true];
        yield 'a table in commas with headings' => ["question,answer 1,answer 2,correct\nWhich lays?,queen,drone,1", true];
        yield 'prose with commas' => ["Bees, wasps, and ants live together.\nThey work, they fly, they sleep.\nSome sting, some do not, some cannot.", false];
        yield 'a printed test in columns' => ["1.\tWhich bee lays the eggs?\n\ta) queen\tb) drone\n\n2.\tWhich one mates?\n\ta) queen\tb) drone", false];
        yield 'GIFT' => ["Which lays? {=queen ~drone}\n\nWhich mates? {=drone ~queen}", false];
        yield 'Aiken' => ["Which lays?\nA. queen\nB. drone\nANSWER: A", false];
        yield 'two columns' => ["queen\tlays eggs\ndrone\tmates\nworker\tworks", false];
        yield 'nothing' => ['', false];
    }

    #[DataProvider('texts')]
    public function testATextIsATableOnlyWhereItIsOneBeyondDoubt(string $text, bool $isTable): void
    {
        self::assertSame($isTable, null !== TableFiles::pasted($text));
    }

    public function testATableOnTheClipboardIsReadFromItsHtml(): void
    {
        $html = '<html><head><style>td{}</style></head><body><!--StartFragment--><table><tr><td>Question</td><td>A</td><td>B</td><td>Key</td></tr>'
            .'<tr><td>Which<br>lays?</td><td>the&nbsp;<b>queen</b></td><td colspan="2">drone</td></tr></table></body></html>';
        $table = TableFiles::pasted('ignored', $html);
        self::assertNotNull($table);
        self::assertSame(["Which\nlays?", 'the queen', 'drone', ''], $table->rows[1]->cells);
        self::assertNull(TableFiles::pasted('Words first', '<p>Words first</p>'.$html));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unreadable(): iterable
    {
        yield 'no row with content' => ["\n,,\n  ,\t,\n", 'a.csv', 'This table has no filled rows.'];
        yield 'too many rows' => [str_repeat("a,b,c\n", Table::MOST_ROWS + 1), 'a.csv', 'This table has more than 20,000 rows, the most that can be read. Split it.'];
        yield 'a workbook that is cut off' => [substr((new XlsxFile())->bytes([['stem', 'key'], ['a', 'b']]), 0, 900), 'a.xlsx', 'This file is damaged or incomplete. Open it in its program, save it again, and add it once more.'];
        yield 'a workbook without its parts' => [Zipped::of(['xl/workbook.xml' => '<x/>']), 'a.xlsx', 'This file is damaged or incomplete. Open it in its program, save it again, and add it once more.'];
        yield 'a workbook with entities' => [Zipped::of(['xl/workbook.xml' => '<!DOCTYPE x [<!ENTITY a "b">]><x>&a;</x>']), 'a.xlsx', 'This file contains declarations that are unsafe to read, so it was not opened.'];
        yield 'a bomb' => [Zipped::of(['xl/workbook.xml' => '<x/>', 'xl/worksheets/sheet1.xml' => str_repeat(' ', 61_000_000)]), 'a.xlsx', 'Unpacked, this file is larger than 60 MB, the most that can be read. Split it, or remove its pictures.'];
        yield 'with a password' => [Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'META-INF/manifest.xml' => '<manifest><encryption-data/></manifest>', 'content.xml' => 'x'], store: true), 'a.ods', 'This file is protected by a password. Save it without one, and add it again.'];
        yield 'without its content' => [Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet'], store: true), 'a.ods', 'This file is damaged or incomplete. Open it in its program, save it again, and add it once more.'];
        yield 'broken markup' => [Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml' => '<a><b></a>'], store: true), 'a.ods', 'This file is damaged or incomplete. Open it in its program, save it again, and add it once more.'];
    }

    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadIsRefusedWithASentence(string $bytes, string $name, string $sentence): void
    {
        try {
            TableFiles::read($bytes, $name);
            self::fail('It was read.');
        } catch (UnreadableDocument $exception) {
            self::assertSame($sentence, InEnglish::of($exception->reason));
        }
    }

    public function testEmptyRowsCostNothingHoweverManyThereAre(): void
    {
        $content = '<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><table:table table:name="a">'
            .'<table:table-row table:number-rows-repeated="1000000"><table:table-cell table:number-columns-repeated="16384"/></table:table-row>'
            .'<table:table-row><table:table-cell><text:p>Which<text:s text:c="2"/>lays?</text:p></table:table-cell><table:table-cell table:number-columns-repeated="2"><text:p>queen</text:p></table:table-cell></table:table-row></table:table></office:document-content>';
        $table = TableFiles::read(Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml' => $content], store: true), 'a.ods');
        self::assertSame([['Which  lays?', 'queen', 'queen']], array_map(static fn (TableRow $row) => $row->cells, $table->rows ?? []));
    }

    public function testAQuotationMarkThatIsNeverClosedIsNamed(): void
    {
        $notes = static fn (string $csv): array => InEnglish::all(TableFiles::read($csv, 'a.csv')->notes ?? []);
        self::assertSame(['Row 2: a quotation mark is never closed, so all that follows was read as one cell. Close it, or take it out.'], $notes("stem,key\n\"Which, x\ny,z\nw,v\n"));
        self::assertSame([], $notes("stem,key\nA 5\" frame?,yes\n\"two\nlines\",no\n"));
        self::assertSame([], $notes("stem,key\n\"two\nlines\",no\n"));
    }

    public function testANoteAtACellIsNoPartOfIt(): void
    {
        $note = '<office:annotation><text:p>Check this.</text:p></office:annotation>';
        $content = '<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><table:table table:name="a">'
            ."<table:table-row><table:table-cell>{$note}<text:p>Which lays?</text:p></table:table-cell><table:table-cell>{$note}</table:table-cell><table:table-cell><text:p>queen</text:p></table:table-cell></table:table-row></table:table></office:document-content>";
        $table = TableFiles::read(Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml' => $content], store: true), 'a.ods');
        self::assertSame(['Which lays?', '', 'queen'], $table?->rows[0]->cells);
    }

    public function testTabsAndLineBreaksInACellOfOpenDocumentStay(): void
    {
        $content = '<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><table:table table:name="a">'
            .'<table:table-row><table:table-cell><text:p>a<text:tab/>b<text:line-break/>c <text:span>d</text:span></text:p><text:p>e</text:p></table:table-cell><table:table-cell><text:p>f</text:p></table:table-cell></table:table-row></table:table></office:document-content>';
        $table = TableFiles::read(Zipped::of(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml' => $content], store: true), 'a.ods');
        self::assertSame(["a\tb\nc d\ne", 'f'], $table?->rows[0]->cells);
    }

    public function testALongCellAndManyColumnsAreRead(): void
    {
        $table = TableFiles::read('stem,key'.str_repeat(',x', 100)."\n".str_repeat('a', 100_000).',b', 'a.csv');
        self::assertNotNull($table);
        self::assertSame(100_000, \strlen($table->rows[1]->cell(0)));
        self::assertSame(['Only the first 60 columns were read.'], InEnglish::all($table->notes));
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string> up to the last that is filled
     */
    private static function filled(array $cells): array
    {
        while ([] !== $cells && '' === $cells[\count($cells) - 1]) {
            array_pop($cells);
        }

        return $cells;
    }

    private static function named(Columns $columns): string
    {
        return implode(', ', array_map(static fn (Column $column) => $column->name(), $columns->columns));
    }
}
