<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Notation\ReadSheet;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Naming;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('name')]
final class NameCommand extends RewritingCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('pattern', default: Naming::STANDARD)->takesOption('all', InputOption::VALUE_NONE);
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $named = $this->source($input);
        $sheet = ReadSheet::of($named->source, $this->notation($input, $named->source));
        $name = '-' === $named->name ? 'Sheet' : pathinfo($named->name, \PATHINFO_FILENAME);
        try {
            $titles = (new Naming(self::text($input, 'pattern') ?? '', $name))->titles($sheet, true === $input->getOption('all'));
        } catch (CannotAmend $refusal) {
            return $this->refused($refusal, $output);
        }

        return $this->rewritten(Naming::named($sheet, $titles), $sheet, $input, $output);
    }
}
