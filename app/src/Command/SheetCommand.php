<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Intake\Manuscript;
use Notagram\Intake\Table\Column;
use Notagram\Intake\Table\Tabular;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Source\SourceText;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
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

    public function __construct(protected readonly Sentences $sentences)
    {
        parent::__construct();
    }

    protected function takesOneFile(): static
    {
        return $this->takes(InputArgument::REQUIRED, 'file');
    }

    protected function takesFiles(): static
    {
        return $this->takes(InputArgument::IS_ARRAY | InputArgument::REQUIRED, 'files');
    }

    private function takes(int $mode, string $what): static
    {
        return $this->setDescription($this->sentence('about/'.$this->getName()))
            ->addArgument('file', $mode, $this->sentence('option/'.$what))
            ->addOption('notation', null, InputOption::VALUE_REQUIRED, $this->sentence('option/notation', known: implode(', ', self::notationIds())), 'auto')
            ->addOption('encoding', null, InputOption::VALUE_REQUIRED, $this->sentence('option/'.$this->aboutEncoding()))
            ->addOption('columns', null, InputOption::VALUE_REQUIRED, $this->sentence('option/columns'));
    }

    /** What --encoding is about, as the catalogue names it. */
    protected function aboutEncoding(): string
    {
        return 'encoding';
    }

    protected function takesFormat(): static
    {
        return $this->takesOption('format', default: 'text');
    }

    protected function takesOption(string $name, int $mode = InputOption::VALUE_REQUIRED, ?string $default = null, string ...$arguments): static
    {
        return $this->addOption($name, null, $mode, $this->sentence('option/'.$name, ...$arguments), $default);
    }

    /** @param string $id as the catalogue names it among the sentences of the command line */
    protected function sentence(string $id, string|int|Message ...$arguments): string
    {
        return $this->sentences->of(Message::of('command/'.$id, ...$arguments));
    }

    final protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return $this->carryOut($input, $output);
        } catch (UnreadableFile $exception) {
            self::say($output, $this->sentences->of($exception->reason));

            return self::UNUSABLE;
        }
    }

    /** @throws UnreadableFile */
    abstract protected function carryOut(InputInterface $input, OutputInterface $output): int;

    /** @return non-empty-list<NamedSource> */
    protected function sources(InputInterface $input): array
    {
        $names = array_values(array_filter((array) $input->getArgument('file'), is_string(...)));
        $sources = SheetFiles::read($names, $this->encodingOfFiles($input), 'auto' === (self::text($input, 'notation') ?? 'auto') ? fn (Tabular $tabular) => $this->ofRows($tabular, $input) : null, $input->hasParameterOption('--terms'));

        return [] === $sources ? throw UnreadableFile::because('nothing-named') : $sources;
    }

    /** The encoding that a person names; null to find it out. */
    protected function encodingOfFiles(InputInterface $input): ?string
    {
        return self::text($input, 'encoding');
    }

    /** The questions of a table or a list of terms, which are written as GIFT. */
    protected function ofRows(Tabular $tabular, InputInterface $input): ?Manuscript
    {
        $names = self::text($input, 'columns');
        $columns = null === $names ? null : array_map(static fn (string $name) => Column::named($name) ?? throw UnreadableFile::because('column', column: trim($name)), explode(',', $names));

        return null === $columns ? $this->rowsAsFound($tabular) : $tabular->asTable($this->named('gift'), $columns);
    }

    protected function rowsAsFound(Tabular $tabular): ?Manuscript
    {
        return $tabular->areTerms ? $tabular->asTerms($this->named('gift')) : $tabular->asTable($this->named('gift'));
    }

    /** Says beside the result what was left out of a document or a table, and what wants a look. */
    protected function sayNotes(OutputInterface $output, NamedSource $named): void
    {
        foreach ($named->manuscript->notes ?? [] as $note) {
            self::say($output, $this->sentences->of($note));
        }
    }

    /** The one file of a command that prints a text. */
    protected function source(InputInterface $input): NamedSource
    {
        $sources = $this->sources($input);
        if (\count($sources) > 1) {
            throw UnreadableFile::because('several-files', count: \count($sources), files: implode(', ', array_map(static fn (NamedSource $one) => '“'.basename($one->name).'”', $sources)));
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
        return Notations::find($id) ?? throw UnreadableFile::because('notation', notation: $id, known: implode(', ', self::notationIds()));
    }

    protected function wantsJson(InputInterface $input): bool
    {
        return match ($input->getOption('format')) {
            'text' => false,
            'json' => true,
            default => throw UnreadableFile::because('format'),
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
    protected static function notationIds(): array
    {
        return array_map(static fn (Notation $notation) => $notation->id(), Notations::all());
    }
}
