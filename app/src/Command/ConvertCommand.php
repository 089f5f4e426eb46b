<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Handover\Conversion;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('convert', 'Prints the sheet in another notation, and names what is lost')]
final class ConvertCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesFiles(InputArgument::REQUIRED, 'a file, or - for standard input')
            ->addOption('to', null, InputOption::VALUE_REQUIRED, 'the notation to write; a Starred list in another style such as starred:A),stars-after,no-points,blank-after-stem')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'the file to write, instead of standard output')
            ->addOption('lossy', null, InputOption::VALUE_NONE, 'write it even if questions are dropped or changed');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $to = self::text($input, 'to') ?? throw new UnreadableFile('Say which notation to write, such as --to=aiken.');
        $target = Notations::target($to) ?? $this->named($to);
        $named = $this->source($input);
        $source = $named->source;
        $conversion = Conversion::of(ReadSheet::of($source, $this->notation($input, $source)), $target, KeptPictures::unseen(\count($named->manuscript->pictures ?? [])));
        foreach ($conversion->blocks as $block) {
            foreach ($block->written->losses as $loss) {
                $where = null === $block->placed->number ? '' : "question {$block->placed->number}: ";
                self::say($output, "{$where}{$loss->kind->value}: {$loss->message}");
            }
        }
        if ($conversion->dropsOrChanges() && true !== $input->getOption('lossy')) {
            self::say($output, 'Nothing was written, since questions would be dropped or changed. Say --lossy to write it all the same.');

            return self::FAULTS;
        }
        $out = self::text($input, 'out');
        if (null === $out) {
            $output->write($conversion->text(), false, OutputInterface::OUTPUT_RAW);
        } elseif (false !== realpath($out) && realpath($out) === realpath($named->name)) {
            throw new UnreadableFile('The original is never overwritten: choose another name for --out.');
        } elseif (false === @file_put_contents($out, $conversion->text())) {
            throw new UnreadableFile("“{$out}” cannot be written.");
        }

        return self::CLEAN;
    }
}
