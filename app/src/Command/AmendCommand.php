<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\Checker;
use Notagram\Editing\LineChanges;
use Notagram\Handover\Json\SheetJson;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineMap;
use Notagram\Source\SourceText;
use Notagram\Writing\Amender;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\ChangeJson;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('amend')]
final class AmendCommand extends RewritingCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('question')->takesOption('change', InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY);
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $source = $this->source($input)->source;
        $sheet = ReadSheet::of($source, $this->notation($input, $source));
        $number = self::text($input, 'question') ?? '';
        $changes = array_values(array_filter((array) $input->getOption('change'), is_string(...)));
        if (!ctype_digit($number) || \strlen($number) > 9) {
            throw UnreadableFile::because('no-question');
        }
        try {
            $changes = [] === $changes ? throw UnreadableFile::because('no-change') : array_map(ChangeJson::read(...), $changes);
            $amended = Amender::amend($sheet, (int) $number, $changes);
        } catch (CannotAmend $exception) {
            return $this->refused($exception, $output);
        }
        if ($wantsJson) {
            $checked = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($amended->text), $sheet->notation));
            self::json($output, ['text' => $amended->text, 'edits' => self::edits($source->text, $amended->text)] + SheetJson::of($checked, $this->sentences));
        } else {
            $output->write($amended->text, false, OutputInterface::OUTPUT_RAW);
        }
        foreach ($amended->losses as $loss) {
            self::say($output, $this->sentences->of($loss));
        }

        return self::CLEAN;
    }

    /** @return list<array{startLine: int, startColumn: int, endLine: int, endColumn: int, text: string}> */
    private static function edits(string $old, string $new): array
    {
        $lines = new LineMap($old);
        $edits = [];
        foreach (LineChanges::between($old, $new) as $edit) {
            $start = $lines->positionAt($edit->span->start);
            $end = $lines->positionAt($edit->span->end);
            $edits[] = ['startLine' => $start->line, 'startColumn' => $start->column, 'endLine' => $end->line, 'endColumn' => $end->column, 'text' => $edit->text];
        }

        return $edits;
    }
}
