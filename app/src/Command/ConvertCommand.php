<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('convert')]
final class ConvertCommand extends SheetCommand
{
    public function __construct(Sentences $sentences, private readonly Targets $targets)
    {
        parent::__construct($sentences);
    }

    protected function configure(): void
    {
        $this->takesOneFile()
            ->takesOption('to')
            ->takesOption('out')
            ->takesOption('lossy', InputOption::VALUE_NONE);
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $to = self::text($input, 'to') ?? throw UnreadableFile::because('no-target');
        $target = $this->targets->find($to) ?? throw UnreadableFile::because('target', target: $to, known: implode(', ', array_map(static fn (Target $one) => $one->id(), $this->targets->all)));
        $named = $this->source($input);
        $source = $named->source;
        $handedOver = $target->write(ReadSheet::of($source, $this->notation($input, $source)), $named->manuscript?->keptPictures() ?? new KeptPictures());
        foreach ($handedOver->blocks as $block) {
            foreach ($block->losses as $loss) {
                $sentence = $this->sentences->of($loss->message);
                self::say($output, null === $block->placed->number ? "{$loss->kind->value}: {$sentence}" : $this->sentence('loss', number: $block->placed->number, kind: $loss->kind->value, loss: $sentence));
            }
        }
        if ($handedOver->dropsOrChanges() && true !== $input->getOption('lossy')) {
            self::say($output, $this->sentence('lossy'));

            return self::FAULTS;
        }
        $out = self::text($input, 'out');
        if (null === $out) {
            $output->write($handedOver->bytes, false, OutputInterface::OUTPUT_RAW);
        } elseif (false !== realpath($out) && realpath($out) === realpath($named->name)) {
            throw UnreadableFile::because('overwriting');
        } elseif (false === @file_put_contents($out, $handedOver->bytes)) {
            throw UnreadableFile::because('unwritable', file: $out);
        }

        return self::CLEAN;
    }
}
