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

#[AsCommand('notagram:back-up', 'Writes a copy of all sheets to a file, also while Notagram runs.')]
final class BackUpCommand extends Command
{
    public function __construct(private readonly SafetyCopies $copies, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::OPTIONAL, 'Where to; by default the folder “copies” beside the database');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $output->writeln('All sheets are copied to '.$this->copies->write($this->clock->now(), \is_string($file) ? $file : null));
        } catch (CopyFailed $failure) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($failure->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
