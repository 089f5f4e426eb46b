<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\Checker;
use Notagram\Handover\GoingOn;
use Notagram\Handover\Json\SheetJson;
use Notagram\Intake\Emphasis;
use Notagram\Intake\OfferedMarks;
use Notagram\Intake\Tidy\Change;
use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\StepReport;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('tidy')]
final class TidyCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('steps', known: implode(', ', self::stepNames()))->takesOption('in', known: implode(', ', self::notationIds()));
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $named = $this->source($input);
        $tidied = Tidy::of($named->source->text, new Refusals($this->refusedSteps($input)));
        $sheet = ReadSheet::of(SourceText::fromUtf8($tidied->text), Notations::printed());
        $emphasised = $tidied->emphasisIn($named->manuscript->emphasised ?? []);
        $losses = [];
        $in = self::text($input, 'in');
        if (null !== $in) {
            $notation = $this->named($in);
            $goingOn = GoingOn::of($sheet, $notation);
            $losses = array_map($this->sentences->of(...), $goingOn->losses);
            $emphasised = Emphasis::moved($emphasised, $goingOn->lineOf(...));
            $sheet = ReadSheet::of(SourceText::fromUtf8($goingOn->text), $notation);
        }
        $checked = (new Checker())->check($sheet);
        $notes = array_map($this->sentences->of(...), [...$named->manuscript->notes ?? [], ...$tidied->notes]);
        if ($wantsJson) {
            self::json($output, [
                'text' => $sheet->source->text,
                'title' => $tidied->title,
                'notes' => $notes,
                'losses' => $losses,
                'steps' => array_map(static fn (StepReport $step) => [
                    'name' => $step->name,
                    'changes' => array_map(static fn (Change $change) => ['line' => $change->line, 'before' => $change->before, 'after' => $change->after], $step->changes),
                ], $tidied->steps),
            ] + SheetJson::of($checked, $this->sentences, offered: OfferedMarks::in($sheet, $emphasised)));
        } else {
            $output->write($sheet->source->text, false, OutputInterface::OUTPUT_RAW);
            foreach ($tidied->steps as $step) {
                self::say($output, $this->sentence('step', step: $step->label(), changes: \count($step->changes)));
            }
            foreach ([...$notes, ...$losses] as $note) {
                self::say($output, $note);
            }
        }

        return 0 === $checked->summary()->faults ? self::CLEAN : self::FAULTS;
    }

    /** @return list<string> */
    private function refusedSteps(InputInterface $input): array
    {
        $wanted = self::text($input, 'steps');
        if (null === $wanted) {
            return [];
        }
        $wanted = array_map(trim(...), explode(',', $wanted));
        foreach (array_diff($wanted, self::stepNames()) as $unknown) {
            throw UnreadableFile::because('step', step: $unknown, known: implode(', ', self::stepNames()));
        }

        return array_values(array_diff(self::stepNames(), $wanted));
    }

    /** @return list<string> */
    private static function stepNames(): array
    {
        return array_map(static fn (TidyStep $step) => $step->name(), Tidy::steps());
    }
}
