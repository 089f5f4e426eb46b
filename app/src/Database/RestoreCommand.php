<?php

declare(strict_types=1);

namespace App\Database;

use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('notagram:restore', 'Puts a copy in the place of the database; without a file, lists the copies there are.')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly SafetyCopies $copies, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::OPTIONAL, 'The copy');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        if (!\is_string($file)) {
            $copies = $this->copies->all();
            $output->writeln([] === $copies ? "There is no copy in {$this->copies->folder()} yet. bin/backup writes one." : 'Name one of these, the newest first:');
            $output->writeln($copies);

            return self::SUCCESS;
        }
        try {
            $kept = $this->copies->putBack($file, $this->clock->now());
        } catch (CopyFailed $failure) {
            $errors->writeln($failure->getMessage());

            return self::FAILURE;
        }
        $output->writeln("{$file} is put back.".('' === $kept ? '' : " What was there before is kept as {$kept}"));

        return self::SUCCESS;
    }
}
