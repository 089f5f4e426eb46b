<?php

declare(strict_types=1);

namespace App\Database;

use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('notagram:back-up')]
final class BackUpCommand extends Command
{
    public function __construct(private readonly SafetyCopies $copies, private readonly Sentences $sentences, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->setDescription($this->sentences->of(new Message('database/about/back-up')))
            ->addArgument('file', InputArgument::OPTIONAL, $this->sentences->of(new Message('database/option/back-up')));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $output->writeln($this->sentences->of(Message::of('database/copied', file: $this->copies->write($this->clock->now(), \is_string($file) ? $file : null))));
        } catch (CopyFailed $failure) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($this->sentences->of($failure->reason));

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
