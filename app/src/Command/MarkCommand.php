<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\ReadSheet;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('mark')]
final class MarkCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesOption('key');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $source = $this->source($input)->source;
        $marking = KeyMarking::of(ReadSheet::of($source, $this->notation($input, $source)), self::text($input, 'key') ?? '');
        if ([] === $marking->marks && [] === $marking->misfits) {
            throw UnreadableFile::because('no-key');
        }
        $edits = $marking->edits();
        $output->write(TextEdit::allIn($source->text, $edits), false, OutputInterface::OUTPUT_RAW);
        foreach ($marking->marks as $mark) {
            if ($mark->replaces) {
                self::say($output, $this->sentence('replaces', number: $mark->placed->number ?? 0, answer: $mark->entry->answer));
            }
        }
        foreach ($marking->misfits as $misfit) {
            self::say($output, $this->sentences->of($misfit->message()));
        }
        if ($marking->unmarked > 0) {
            self::say($output, $this->sentence('unmarked', count: $marking->unmarked));
        }

        return [] === $marking->misfits && 0 === $marking->unmarked ? self::CLEAN : self::FAULTS;
    }
}
