<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Check\Repeat\Neighbour;
use Notagram\Check\Rule\Craft\StemRepeated;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Level;
use Notagram\Handover\Json\SheetJson;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineMap;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('check')]
final class CheckCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesFiles()->takesFormat()
            ->takesOption('level', default: 'hint')
            ->takesOption('off')
            ->takesOption('expect');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $least = Level::tryFrom(self::text($input, 'level') ?? '') ?? throw UnreadableFile::because('level');
        $expected = $this->expected($input);
        $off = $this->switchedOff($input);
        $checker = new Checker();
        $faults = 0;
        $json = $earlier = [];
        foreach ($this->sources($input) as $named) {
            $sheet = ReadSheet::of($named->source, $this->notation($input, $named->source));
            $checked = $checker->check($sheet, new SheetWishes($expected, $off, $earlier));
            array_push($earlier, ...StemRepeated::printsOf($sheet, new Neighbour($named->name, $named->name)));
            $faults += $checked->summary()->faults + $checked->summary()->broken;
            if ($wantsJson) {
                $json[] = ['file' => $named->name] + SheetJson::of($checked, $this->sentences, $least);
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

        return \is_string($expected) && ctype_digit($expected) && \strlen($expected) < 8 ? (int) $expected : throw UnreadableFile::because('expect');
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
        self::say($output, $this->sentence('checked', file: $file, sound: $summary->sound, all: $summary->questions + $summary->broken, off: $summary->off));
    }

    private function line(string $file, PlacedFinding $placed, LineMap $lines): string
    {
        $finding = $placed->finding;
        $position = $lines->positionAt($finding->span->start);

        return \sprintf('%s:%d:%d: %s %s %s %s', $file, $position->line, $position->column, $finding->level->value, $finding->code, $this->sentences->of($finding->message()), $this->sentences->of($finding->advice()));
    }
}
