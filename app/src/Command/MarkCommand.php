<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Finding\Fix;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\ReadSheet;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('mark', 'Prints the text with the answers of a key list marked')]
final class MarkCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesFiles(InputArgument::REQUIRED, 'a file, or - for standard input')
            ->addOption('key', null, InputOption::VALUE_REQUIRED, 'the right answers, such as "1 A 2 C 3 B D"');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $source = $this->source($input)->source;
        $marking = KeyMarking::of(ReadSheet::of($source, $this->notation($input, $source)), self::text($input, 'key') ?? '');
        if ([] === $marking->marks && [] === $marking->misfits) {
            throw new UnreadableFile('Say which answers are right, such as --key="1 A 2 C 3 B D".');
        }
        $edits = $marking->edits();
        $output->write([] === $edits ? $source->text : Fix::offered('Mark', ...$edits)->appliedTo($source->text), false, OutputInterface::OUTPUT_RAW);
        foreach ($marking->marks as $mark) {
            if ($mark->replaces) {
                self::say($output, "Question {$mark->placed->number}: “{$mark->entry->answer}” replaces the answer that was marked.");
            }
        }
        foreach ($marking->misfits as $misfit) {
            self::say($output, $misfit);
        }
        if ($marking->unmarked > 0) {
            self::say($output, 1 === $marking->unmarked ? 'One question is still unmarked.' : "{$marking->unmarked} questions are still unmarked.");
        }

        return [] === $marking->misfits && 0 === $marking->unmarked ? self::CLEAN : self::FAULTS;
    }
}
