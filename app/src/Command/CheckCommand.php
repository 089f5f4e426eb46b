<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Check\Rule\Craft\StemRepeated;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Level;
use Notagram\Handover\Json\SheetJson;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineMap;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('check', 'Prints what is wrong or doubtful, and where')]
final class CheckCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesFiles(InputArgument::IS_ARRAY | InputArgument::REQUIRED, 'files, folders, or - for standard input')->takesFormat()
            ->addOption('level', null, InputOption::VALUE_REQUIRED, 'the least level that is printed: fault, doubt or hint', 'hint')
            ->addOption('off', null, InputOption::VALUE_REQUIRED, 'codes of findings that are not wanted, parted by commas')
            ->addOption('expect', null, InputOption::VALUE_REQUIRED, 'how many questions there should be');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $least = Level::tryFrom(self::text($input, 'level') ?? '') ?? throw new UnreadableFile('The level is fault, doubt or hint.');
        $expected = $this->expected($input);
        $off = $this->switchedOff($input);
        $checker = new Checker();
        $faults = 0;
        $json = $earlier = [];
        foreach ($this->sources($input) as $named) {
            $sheet = ReadSheet::of($named->source, $this->notation($input, $named->source));
            $checked = $checker->check($sheet, new SheetWishes($expected, $off, $earlier));
            array_push($earlier, ...StemRepeated::printsOf($sheet, $named->name));
            $faults += $checked->summary()->faults + $checked->summary()->broken;
            if ($wantsJson) {
                $json[] = ['file' => $named->name] + SheetJson::of($checked, $least);
            } else {
                $this->report($output, $named->name, $checked, $least);
            }
        }
        if ($wantsJson) {
            self::json($output, ReadCommand::oneOrList($json, $input));
        }

        return 0 === $faults ? self::CLEAN : self::FAULTS;
    }

    private function expected(InputInterface $input): ?int
    {
        $expected = $input->getOption('expect');
        if (null === $expected) {
            return null;
        }

        return \is_string($expected) && ctype_digit($expected) && \strlen($expected) < 8 ? (int) $expected : throw new UnreadableFile('The expected number is a whole number, such as --expect=50.');
    }

    /** @return list<string> */
    private function switchedOff(InputInterface $input): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', self::text($input, 'off') ?? '')), static fn (string $code) => '' !== $code));
    }

    private function report(OutputInterface $output, string $file, CheckedSheet $checked, Level $least): void
    {
        $lines = new LineMap($checked->sheet->source->text);
        foreach ($checked->findings() as $placed) {
            if ($placed->finding->level->isAtLeast($least)) {
                $output->writeln($this->line($file, $placed, $lines), OutputInterface::OUTPUT_RAW);
            }
        }
        $summary = $checked->summary();
        self::say($output, \sprintf('%s: %d of %d sound%s.', $file, $summary->sound, $summary->questions + $summary->broken, 0 === $summary->off ? '' : ", {$summary->off} findings switched off"));
    }

    private function line(string $file, PlacedFinding $placed, LineMap $lines): string
    {
        $finding = $placed->finding;
        $position = $lines->positionAt($finding->span->start);

        return \sprintf('%s:%d:%d: %s %s %s %s', $file, $position->line, $position->column, $finding->level->value, $finding->code, $finding->message, $finding->advice);
    }
}
