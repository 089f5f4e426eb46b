<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\Checker;
use Notagram\Handover\GoingOn;
use Notagram\Handover\Json\SheetJson;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use Notagram\Intake\OfferedMarks;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\Terms\TermBlocks;
use Notagram\Intake\Terms\TermKind;
use Notagram\Intake\Terms\TermSide;
use Notagram\Intake\Tidy\LineChange;
use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\StepReport;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Message\Message;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('tidy')]
final class TidyCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('steps', known: implode(', ', self::stepNames()))->takesOption('in', known: implode(', ', self::notationIds()))
            ->takesOption('terms', InputOption::VALUE_OPTIONAL)->takesOption('ask')->takesOption('as');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $named = $this->source($input);
        if ($named->isOfRows) {
            return $this->printRows($named, $input, $output, $wantsJson);
        }
        if ($input->hasParameterOption('--terms')) {
            throw UnreadableFile::because('of-file', file: $named->name, reason: new Message('refusal/no-terms'));
        }
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
                    'changes' => array_map(static fn (LineChange $change) => ['line' => $change->line, 'before' => $change->before, 'after' => $change->after], $step->changes),
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

    /** A list of terms may be asked for where a text is not one beyond doubt. */
    protected function ofRows(Tabular $tabular, InputInterface $input): ?Manuscript
    {
        if (!$input->hasParameterOption('--terms')) {
            return parent::ofRows($tabular, $input);
        }
        $size = self::text($input, 'terms') ?? (string) TermBlocks::USUAL_SIZE;
        if (!Regex::match('/^\d{1,4}\z/', $size) || (int) $size < TermBlocks::LEAST_SIZE) {
            throw new UnreadableFile(new Message('refusal/terms-block'));
        }
        $asked = self::text($input, 'ask') ?? TermSide::Definition->value;
        $kind = self::text($input, 'as') ?? TermKind::Choice->value;

        return $tabular->asTerms(
            $this->named('gift'),
            (int) $size,
            TermSide::tryFrom($asked) ?? throw UnreadableFile::because('value', option: '--ask', known: implode(', ', array_column(TermSide::cases(), 'value'))),
            TermKind::tryFrom($kind) ?? throw UnreadableFile::because('value', option: '--as', known: implode(', ', array_column(TermKind::cases(), 'value'))),
        );
    }

    private function printRows(NamedSource $named, InputInterface $input, OutputInterface $output, bool $wantsJson): int
    {
        $sheet = ReadSheet::of($named->source, $this->named('gift'));
        $losses = [];
        $in = self::text($input, 'in');
        if (null !== $in && 'gift' !== $in) {
            $goingOn = GoingOn::of($sheet, $this->named($in));
            $losses = $goingOn->losses;
            $sheet = ReadSheet::of(SourceText::fromUtf8($goingOn->text), $this->named($in));
        }
        $checked = (new Checker())->check($sheet);
        $notes = array_map($this->sentences->of(...), [...$named->manuscript->notes ?? [], ...$losses]);
        if ($wantsJson) {
            self::json($output, ['text' => $sheet->source->text, 'title' => null, 'notes' => $notes, 'losses' => array_map($this->sentences->of(...), $losses), 'steps' => []] + SheetJson::of($checked, $this->sentences));
        } else {
            $output->write($sheet->source->text, false, OutputInterface::OUTPUT_RAW);
            foreach ($notes as $note) {
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
