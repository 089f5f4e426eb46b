<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Handover\HandedOver;
use Notagram\Handover\Paper\PaperFile;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Handover\TitledTarget;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Table\Tabular;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;
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
            ->takesOption('lossy', InputOption::VALUE_NONE)
            ->takesOption('versions')
            ->takesOption('shuffle')
            ->takesOption('seed')
            ->takesOption('title')
            ->takesOption('points', InputOption::VALUE_NONE)
            ->addOption('key', null, InputOption::VALUE_REQUIRED, $this->sentence('option/paper-key'));
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $to = self::text($input, 'to') ?? throw UnreadableFile::because('no-target');
        $target = 'paper' === $to ? $this->targets->find($this->paper($input)) ?? throw UnreadableFile::because('paper') : $this->targets->find($to) ?? throw UnreadableFile::because('target', target: $to, known: implode(', ', array_map(static fn (Target $one) => $one->id(), $this->targets->all)));
        $title = self::text($input, 'title');
        $named = $this->source($input);
        $target = $target instanceof TitledTarget ? $target->titled($title ?? pathinfo($named->name, \PATHINFO_FILENAME)) : $target;
        $source = $named->source;
        $this->sayNotes($output, $named);
        $handedOver = $target->write(ReadSheet::of($source, $this->notation($input, $source)), $named->manuscript?->keptPictures() ?? new KeptPictures());
        foreach ($this->losses($handedOver) as $sentence) {
            self::say($output, $sentence);
        }
        if ($handedOver->dropsOrChanges() && true !== $input->getOption('lossy')) {
            self::say($output, $this->sentence('lossy'));

            return self::FAULTS;
        }
        $out = self::text($input, 'out');
        if (null === $out) {
            $output->write($handedOver->bytes(), false, OutputInterface::OUTPUT_RAW);
        } elseif (false !== realpath($out) && realpath($out) === realpath($named->name)) {
            throw UnreadableFile::because('overwriting');
        } elseif (false === @file_put_contents($out, $handedOver->bytes())) {
            throw UnreadableFile::because('unwritable', file: $out);
        }

        return self::CLEAN;
    }

    /** @return list<string> each loss once, with the questions that it is about */
    private function losses(HandedOver $handedOver): array
    {
        $numbers = [];
        foreach ($handedOver->blocks as $block) {
            foreach ($block->losses as $loss) {
                $sentence = "{$loss->kind->value}: {$this->sentences->of($loss->message)}";
                $numbers[$sentence] = [...$numbers[$sentence] ?? [], ...(null === $block->placed->number ? [] : [$block->placed->number])];
            }
        }

        return array_map(fn (string $sentence, array $of) => [] === $of ? $sentence : $this->sentence('loss', count: \count($of), numbers: self::runs($of), loss: $sentence), array_keys($numbers), array_values($numbers));
    }

    /**
     * As people write them: 2, 5–7.
     *
     * @param non-empty-list<int> $numbers rising
     */
    private static function runs(array $numbers): string
    {
        $runs = [];
        foreach ($numbers as $number) {
            $last = \count($runs) - 1;
            if ($last >= 0 && $runs[$last][1] >= $number - 1) {
                $runs[$last][1] = $number;
            } else {
                $runs[] = [$number, $number];
            }
        }

        return implode(', ', array_map(static fn (array $run) => match ($run[1] - $run[0]) {
            0 => (string) $run[0],
            1 => "{$run[0]}, {$run[1]}",
            default => "{$run[0]}–{$run[1]}",
        }, $runs));
    }

    /** The name of the paper that is asked for by options. */
    private function paper(InputInterface $input): string
    {
        $out = self::text($input, 'out') ?? '';
        $file = '' === $out ? PaperFile::Page : PaperFile::named($out) ?? throw UnreadableFile::because('paper-ending');
        $key = self::text($input, 'key') ?? 'none';
        $seed = self::text($input, 'seed');
        $shuffle = array_map(trim(...), explode(',', self::text($input, 'shuffle') ?? ''));
        $words = [
            ...(PaperFile::Page === $file ? [] : [$file->value]),
            ...('none' === $key ? [] : ["key-{$key}"]),
            ...(null === self::text($input, 'versions') ? [] : ['versions-'.self::text($input, 'versions')]),
            ...(null === self::text($input, 'columns') ? [] : ['columns-'.self::text($input, 'columns')]),
            ...array_map(static fn (string $what) => "shuffle-{$what}", array_filter($shuffle, static fn (string $what) => '' !== $what)),
            ...(true === $input->getOption('points') ? ['points-shown'] : []),
            ...(null === $seed ? [] : ['seed='.str_replace(',', ' ', $seed)]),
        ];

        return 'paper:'.implode(',', $words);
    }

    protected function ofRows(Tabular $tabular, InputInterface $input): ?Manuscript
    {
        // “--columns=2” says how the paper is set.
        return 'paper' === self::text($input, 'to') && Regex::match('/^\d\z/', self::text($input, 'columns') ?? '') ? $this->rowsAsFound($tabular) : parent::ofRows($tabular, $input);
    }
}
