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

#[AsCommand('notagram:restore')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly SafetyCopies $copies, private readonly Sentences $sentences, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->setDescription($this->sentences->of(new Message('database/about/restore')))
            ->addArgument('file', InputArgument::OPTIONAL, $this->sentences->of(new Message('database/option/restore')));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        if (!\is_string($file)) {
            $copies = $this->copies->all();
            $output->writeln($this->sentences->of(Message::of('database/copies', count: \count($copies), folder: $this->copies->folder())));
            $output->writeln($copies);

            return self::SUCCESS;
        }
        try {
            $kept = $this->copies->putBack($file, $this->clock->now());
        } catch (CopyFailed $failure) {
            $errors->writeln($this->sentences->of($failure->reason));

            return self::FAILURE;
        }
        $output->writeln($this->sentences->of(Message::of('' === $kept ? 'database/put-back' : 'database/put-back-kept', file: $file, kept: $kept)));

        return self::SUCCESS;
    }
}
