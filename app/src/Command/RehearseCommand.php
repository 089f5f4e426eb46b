<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\Checker;
use Notagram\Handover\Json\QuestionJson;
use Notagram\Handover\Targets;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Notagram\Rehearsal\Arrived;
use Notagram\Rehearsal\Difference;
use Notagram\Rehearsal\NotTaken;
use Notagram\Rehearsal\OnFault;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Rehearsal\TrialImport;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('rehearse')]
final class RehearseCommand extends SheetCommand
{
    public function __construct(Sentences $sentences, private readonly Targets $targets)
    {
        parent::__construct($sentences);
    }

    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()
            ->takesOption('on-fault', default: 'stop')
            ->takesOption('keep-before')
            ->addOption('to', null, InputOption::VALUE_REQUIRED, $this->sentence('option/rehearse-to', known: implode(', ', Rehearsal::targets())));
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $rehearsal = new Rehearsal($this->onFault($input), 'any' === $this->oneOf($input, 'encoding', 'utf-8', 'any'));
        $named = $this->source($input);
        $this->sayNotes($output, $named);
        $sheet = ReadSheet::of($named->source, $this->notation($input, $named->source));
        $to = self::text($input, 'to') ?? Rehearsal::usualFor($sheet->notation);
        $target = \in_array($to, Rehearsal::targets(), true) ? $this->targets->find($to) : null;
        if (null === $target) {
            throw UnreadableFile::because('value', option: '--to', known: implode(', ', Rehearsal::targets()));
        }
        $isAsItIs = null === $named->manuscript && $to === $sheet->notation->id();
        $trial = $isAsItIs ? $rehearsal->ofFile($sheet, $named->bytes) : $rehearsal->ofWritten($sheet, $target, $named->manuscript?->keptPictures() ?? new KeptPictures());
        if ($wantsJson) {
            self::json($output, $this->asJson($trial, $sheet));
        } else {
            $this->report($output, $trial);
        }

        return $trial->isWhole() ? self::CLEAN : self::FAULTS;
    }

    private function onFault(InputInterface $input): OnFault
    {
        $onFault = $this->oneOf($input, 'on-fault', 'stop', 'skip');
        $keepsBefore = $this->oneOf($input, 'keep-before', 'yes', 'no');
        if ('skip' === $onFault && null !== $keepsBefore) {
            throw UnreadableFile::because('keep-before');
        }

        return match (true) {
            'skip' === $onFault => OnFault::Skip,
            'no' === $keepsBefore => OnFault::StopAndDrop,
            default => OnFault::StopAndKeep,
        };
    }

    private function oneOf(InputInterface $input, string $option, string ...$known): ?string
    {
        $value = self::text($input, $option);

        return null === $value || \in_array($value, $known, true) ? $value : throw UnreadableFile::because('value', option: "--{$option}", known: implode(', ', $known));
    }

    protected function aboutEncoding(): string
    {
        return 'taken-encoding';
    }

    protected function encodingOfFiles(InputInterface $input): ?string
    {
        return null;
    }

    /** @return array<string, mixed> */
    private function asJson(TrialImport $trial, ReadSheet $sheet): array
    {
        $codes = [] === $trial->refused ? [] : self::codes($sheet);

        return [
            'questions' => $trial->questions,
            'taken' => \count($trial->taken),
            'refused' => array_map(fn (NotTaken $one) => ['number' => $one->number, 'line' => $one->line, 'reason' => $this->sentences->of($one->reason), 'codes' => $codes[$one->number ?? 0] ?? []], $trial->refused),
            'stoppedAt' => $trial->stoppedAt,
            'notReached' => $trial->notReached,
            'categories' => $trial->categories,
            'different' => array_map(static fn (Difference $one) => get_object_vars($one), $trial->different),
            'received' => array_map(static fn (Arrived $one) => ['number' => $one->number] + QuestionJson::of($one->question) + ['category' => $one->category], $trial->taken),
        ];
    }

    /** @return array<int, list<string>> what the check says of each question; of the sheet where there is no number: 0 */
    private static function codes(ReadSheet $sheet): array
    {
        $codes = [];
        foreach ((new Checker())->check($sheet)->findings() as $placed) {
            $codes[$placed->question ?? 0][$placed->finding->code] = true;
        }

        return array_map(static fn (array $found) => array_keys($found), $codes);
    }

    private function report(OutputInterface $output, TrialImport $trial): void
    {
        $lines = [];
        foreach ($trial->refused as $one) {
            $lines[] = $this->sentence('rehearsed/refused', number: $one->number ?? 0, line: $one->line, reason: $one->reason);
        }
        foreach ($trial->different as $one) {
            $lines[] = $this->sentence('rehearsed/different', number: $one->number ?? 0, what: $one->what, ours: $one->ours, theirs: $one->theirs);
        }
        foreach ($trial->categories as $filed) {
            $lines[] = $this->sentence('rehearsed/category', path: implode(' / ', $filed->path), has: [] === $filed->path ? 'no' : 'yes', questions: $filed->questions);
        }
        $output->writeln($lines, OutputInterface::OUTPUT_RAW);
        self::say($output, $this->sentence('rehearsed/taken', taken: \count($trial->taken), questions: $trial->questions, notReached: $trial->notReached));
    }
}
