<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Table;

use Notagram\Handover\Table\CsvFile;
use Notagram\Handover\Table\RowWriter;
use Notagram\Handover\Table\TableFile;
use Notagram\Handover\Table\TableTarget;
use Notagram\Handover\Table\XlsxFile;
use Notagram\Intake\Table\Columns;
use Notagram\Intake\Table\RowReader;
use Notagram\Intake\Table\TableFiles;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Question;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use Notagram\Tests\Notation\RandomQuestions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a table holds without naming a loss comes back as it was: for questions that no author has written. */
final class TableRoundTest extends TestCase
{
    /** @return iterable<string, array{TableFile, int}> */
    public static function files(): iterable
    {
        yield 'CSV' => [new CsvFile(), 1_500];
        yield 'XLSX' => [new XlsxFile(), 300];
    }

    #[DataProvider('files')]
    public function testWhatIsWrittenWithoutALossIsReadAsItWas(TableFile $file, int $times): void
    {
        $gift = Notations::find('gift') ?? throw new \LogicException();
        $random = new RandomQuestions(13);
        $texts = ['$CATEGORY: Bees/A//C'];
        for ($time = 0; $time < $times; ++$time) {
            $texts[] = $gift->writer()->write(new BlockReading(BlockKind::Question, $random->next()))->text;
        }
        array_push($texts, '$CATEGORY: Bees', 'A drone stings. {F}');
        $sheet = ReadSheet::of(SourceText::fromUtf8(implode("\n\n", $texts)."\n"), $gift);
        $target = new TableTarget($file);
        $written = $target->write($sheet);
        self::assertSame($written->bytes(), $target->write($sheet)->bytes());

        $table = TableFiles::read($written->bytes(), 'round.'.$file->id());
        self::assertNotNull($table);
        $columns = Columns::of($table);
        self::assertTrue($columns->areTold());
        $row = 1;
        $compared = 0;
        foreach ($written->blocks as $block) {
            if ('' === $block->text) {
                continue;
            }
            // A row for each question that goes, below the headings.
            $again = RowReader::read($table->rows[$row++], $columns);
            if ([] !== array_filter($block->losses, static fn (Loss $loss) => LossKind::Refused !== $loss->kind && 'loss/table/range' !== $loss->message->id)) {
                continue;
            }
            ++$compared;
            self::assertNotNull($again->question, $block->text);
            self::assertSame([], $again->notes, $block->text);
            self::assertNotNull($block->placed->reading->question);
            self::assertEquals(self::essence($block->placed->reading->question), self::essence($again->question), $block->text);
            self::assertSame($block->placed->category, $again->category);
        }
        self::assertCount($row, $table->rows);
        self::assertGreaterThan($times / 4, $compared);
    }

    public function testACellThatASpreadsheetWouldWorkOutIsText(): void
    {
        $rows = [['stem', 'key'], ['=1+1', '-10..-5.5'], ["'=x", '-5'], ['@a', "'tis"], ['+4', '+x'], ['a "b"', "c\nd"]];
        $csv = (new CsvFile())->bytes($rows);
        self::assertSame("stem,key\r\n'=1+1,'-10..-5.5\r\n''=x,-5\r\n'@a,'tis\r\n+4,'+x\r\n\"a \"\"b\"\"\",\"c\nd\"\r\n", $csv);
        $table = TableFiles::read($csv, 'a.csv');
        self::assertSame($rows, array_map(static fn ($row) => $row->cells, $table->rows ?? []));
        self::assertStringStartsWith("\u{FEFF}stem", (new CsvFile(true))->bytes($rows));
        // In a workbook, a cell says itself that it is text.
        self::assertSame($rows, array_map(static fn ($row) => $row->cells, TableFiles::read((new XlsxFile())->bytes($rows))->rows ?? []));
    }

    public function testWhatATableCannotHoldIsNamed(): void
    {
        $losses = static fn (string $gift): array => array_map(static fn (Loss $loss) => $loss->message->id, RowWriter::write(self::question($gift), [], 'CSV')->losses);
        self::assertSame(['loss/table/weights'], $losses('Which? {~%60%wax ~%40%honey ~%-100%jam}'));
        self::assertSame(['loss/left-out/format'], $losses('[markdown]*Which* bee? {=queen ~drone}'));
        self::assertSame(['loss/table/range'], $losses('How warm? {#34..36}'));
        self::assertSame(['loss/left-out/feedback', 'loss/left-out/comments'], $losses("// by Tom\nA drone stings. {F#no#yes}"));
        self::assertSame([], $losses('Which are made by bees? {~%50%wax ~%50%honey ~%-100%jam}'));
    }

    private static function question(string $gift): Question
    {
        $notation = Notations::find('gift') ?? throw new \LogicException();

        return ReadSheet::of(SourceText::fromUtf8($gift."\n"), $notation)->blocks[0]->reading->question ?? throw new \LogicException($gift);
    }

    /** @return array<string, mixed> */
    private static function essence(Question $question): array
    {
        $json = Essence::of($question);
        unset($json['comments']);

        return $json;
    }
}
