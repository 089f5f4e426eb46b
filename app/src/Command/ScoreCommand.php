<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Marking\BelowZero;
use Notagram\Marking\QuestionScore;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\SheetScore;
use Notagram\Rehearsal\UnscorableAnswers;
use Notagram\Source\ReadLimits;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('score')]
final class ScoreCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('answers')->takesOption('below-zero', default: BelowZero::Never->value);
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $belowZero = BelowZero::tryFrom(self::text($input, 'below-zero') ?? '') ?? throw UnreadableFile::because('value', option: '--below-zero', known: implode(', ', array_column(BelowZero::cases(), 'value')));
        $answers = $this->answers($input);
        $named = $this->source($input);
        $this->sayNotes($output, $named);
        try {
            $score = SheetScore::of(ReadSheet::of($named->source, $this->notation($input, $named->source)), $answers, $belowZero);
        } catch (UnscorableAnswers $exception) {
            throw new UnreadableFile($exception->reason, $exception);
        }
        if ($wantsJson) {
            self::json($output, $this->asJson($score));
        } else {
            $this->report($output, $score);
        }

        return self::CLEAN;
    }

    /** @return array<array-key, mixed> by the number of the question */
    private function answers(InputInterface $input): array
    {
        $file = self::text($input, 'answers') ?? throw UnreadableFile::because('no-answers');
        $json = is_file($file) ? @file_get_contents($file, false, null, 0, ReadLimits::MAX_FILE_BYTES) : throw UnreadableFile::because('no-file', file: $file);
        $answers = json_decode((string) $json, true);

        return \is_array($answers) && ([] === $answers || !array_is_list($answers)) ? $answers : throw UnreadableFile::because('answers', file: $file);
    }

    /** @return array<string, mixed> */
    private function asJson(SheetScore $score): array
    {
        $rows = $byHand = [];
        foreach ($score->questions as $number => $one) {
            $rows[] = ['number' => $number, 'earned' => (string) $one->earned, 'of' => (string) $one->of, 'why' => $this->sentences->of($one->why)];
            if ($one->isByHand) {
                $byHand[] = $number;
            }
        }

        return ['earned' => (string) $score->earned, 'of' => (string) $score->of, 'byHand' => $byHand, 'questions' => $rows];
    }

    private function report(OutputInterface $output, SheetScore $score): void
    {
        $output->writeln(array_map(
            fn (int $number, QuestionScore $one) => $this->sentence('scored/question', number: $number, earned: (string) $one->earned, of: (string) $one->of, why: $one->why),
            array_keys($score->questions),
            array_values($score->questions),
        ), OutputInterface::OUTPUT_RAW);
        $output->writeln($this->sentence('scored/all', earned: (string) $score->earned, of: (string) $score->of), OutputInterface::OUTPUT_RAW);
    }
}
