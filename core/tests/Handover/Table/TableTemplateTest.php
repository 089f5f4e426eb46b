<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Table;

use Notagram\Handover\Table\TableTemplate;
use Notagram\Handover\Table\XlsxFile;
use Notagram\Intake\Table\Columns;
use Notagram\Intake\Table\TableFiles;
use Notagram\Intake\Table\TableSheet;
use Notagram\Question\QuestionType;
use PHPUnit\Framework\TestCase;

final class TableTemplateTest extends TestCase
{
    public function testItsRowsShowEachTypeTwiceAndAreQuestionsThemselves(): void
    {
        $table = TableFiles::read(TableTemplate::bytes(new XlsxFile()), 'template.xlsx');
        self::assertNotNull($table);
        $sheet = TableSheet::of($table, Columns::of($table));
        $counts = $sheet->counts();
        ksort($counts);
        $types = array_map(static fn (QuestionType $type) => $type->value, QuestionType::cases());
        sort($types);
        self::assertSame(array_fill_keys($types, 2), $counts);
        self::assertSame([], $sheet->notes());
    }
}
