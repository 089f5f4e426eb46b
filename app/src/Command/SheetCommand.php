<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Source\SourceText;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What the commands over sheets share: which files, which notation, which form of output, and the exit codes. */
abstract class SheetCommand extends Command
{
    protected const CLEAN = 0;
    protected const FAULTS = 1;
    protected const UNUSABLE = 2;

    protected function takesFiles(int $mode, string $description): static
    {
        return $this
            ->addArgument('file', $mode, $description)
            ->addOption('notation', null, InputOption::VALUE_REQUIRED, 'auto, '.implode(', ', self::notationIds()), 'auto')
            ->addOption('encoding', null, InputOption::VALUE_REQUIRED, 'the encoding of the file, where it is not found rightly');
    }

    protected function takesFormat(): static
    {
        return $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    final protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return $this->carryOut($input, $output);
        } catch (UnreadableFile $exception) {
            self::say($output, $exception->getMessage());

            return self::UNUSABLE;
        }
    }

    /** @throws UnreadableFile */
    abstract protected function carryOut(InputInterface $input, OutputInterface $output): int;

    /** @return non-empty-list<NamedSource> */
    protected function sources(InputInterface $input): array
    {
        $names = array_values(array_filter((array) $input->getArgument('file'), is_string(...)));
        $sources = SheetFiles::read($names, self::text($input, 'encoding'));

        return [] === $sources ? throw new UnreadableFile('Name a file, a folder, or - for standard input.') : $sources;
    }

    /** The one file of a command that prints a text. */
    protected function source(InputInterface $input): NamedSource
    {
        $sources = $this->sources($input);
        if (\count($sources) > 1) {
            throw new UnreadableFile(\sprintf('One file at a time: there are %d here, %s.', \count($sources), implode(', ', array_map(static fn (NamedSource $one) => '“'.basename($one->name).'”', $sources))));
        }

        return $sources[0];
    }

    protected function notation(InputInterface $input, SourceText $source): Notation
    {
        $id = self::text($input, 'notation') ?? 'auto';

        return 'auto' === $id ? Notations::detect($source->text) : $this->named($id);
    }

    protected function named(string $id): Notation
    {
        return Notations::find($id) ?? throw new UnreadableFile(\sprintf('“%s” is not a notation that is known here. There are: %s.', $id, implode(', ', self::notationIds())));
    }

    protected function wantsJson(InputInterface $input): bool
    {
        return match ($input->getOption('format')) {
            'text' => false,
            'json' => true,
            default => throw new UnreadableFile('The format is either text or json.'),
        };
    }

    /** An option that was given as a text. */
    protected static function text(InputInterface $input, string $option): ?string
    {
        $value = $input->getOption($option);

        return \is_string($value) ? $value : null;
    }

    protected static function json(OutputInterface $output, mixed $value): void
    {
        $output->writeln(json_encode($value, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);
    }

    /** Says something beside the result: on standard error. */
    protected static function say(OutputInterface $output, string $sentence): void
    {
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($sentence, OutputInterface::OUTPUT_RAW);
    }

    /** @return list<string> */
    private static function notationIds(): array
    {
        return array_map(static fn (Notation $notation) => $notation->id(), Notations::all());
    }
}
