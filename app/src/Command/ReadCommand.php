<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Handover\Json\SheetJson;
use Notagram\Notation\BlockKind;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Source\Regex;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('read')]
final class ReadCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesFiles()->takesFormat();
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $faults = 0;
        $json = [];
        foreach ($this->sources($input) as $named) {
            $this->sayNotes($output, $named);
            $checked = (new Checker())->check(ReadSheet::of($named->source, $this->notation($input, $named->source)));
            $faults += $checked->summary()->faults;
            if ($wantsJson) {
                $json[] = ['file' => $named->name] + SheetJson::of($checked, $this->sentences);
            } else {
                $this->report($output, $named->name, $checked);
            }
        }
        if ($wantsJson) {
            self::json($output, self::oneOrList($json, $input));
        }

        return 0 === $faults ? self::CLEAN : self::FAULTS;
    }

    /**
     * One file gives one object; several, or a folder, give a list of them.
     *
     * @param list<array<string, mixed>> $json
     *
     * @return array<int|string, mixed>
     */
    public static function oneOrList(array $json, InputInterface $input): array
    {
        $names = (array) $input->getArgument('file');
        if (1 === \count($names) && \is_string($names[0]) && !is_dir($names[0])) {
            unset($json[0]['file']);

            return $json[0];
        }

        return $json;
    }

    private function report(OutputInterface $output, string $file, CheckedSheet $checked): void
    {
        $summary = $checked->summary();
        $source = $checked->sheet->source;
        $lines = [$this->sentence(
            'read',
            file: $file,
            notation: $checked->sheet->notation->label(),
            encoding: $source->encoding->label(),
            bom: $source->hasBom ? 'yes' : 'no',
            questions: $summary->questions,
            broken: $summary->broken,
            sound: $summary->sound,
        )];
        $category = [];
        foreach ($checked->sheet->blocks as $placed) {
            if ($placed->category !== $category) {
                $category = $placed->category;
                $lines[] = '  '.implode(' / ', $category);
            }
            if (null !== $placed->number) {
                $lines[] = \sprintf('%5d  %s', $placed->number, $this->block($placed, $checked));
            }
        }
        $output->writeln($lines, OutputInterface::OUTPUT_RAW);
    }

    private function block(PlacedBlock $placed, CheckedSheet $checked): string
    {
        $question = $placed->reading->question;
        if (null === $question || BlockKind::Broken === $placed->reading->kind) {
            return $this->sentence('broken', text: mb_strimwidth(Regex::replace('/\s+/u', ' ', trim($placed->block->textIn($checked->sheet->source->text))), 0, 60, '…'));
        }
        $title = null === $question->title ? '' : "{$question->title}: ";

        return \sprintf('%s  %s%s%s', $question->type()->value, $title, $question->stem->collapsed(), $this->keys($question));
    }

    private function keys(Question $question): string
    {
        $keys = match (true) {
            $question->answers instanceof TrueFalse => [$this->sentence(match ($question->answers->answer) {
                true => 'true',
                false => 'false',
                null => 'not-marked',
            })],
            default => [
                ...array_map(static fn (Option $option) => $option->text->collapsed(), array_filter($question->options(), static fn (Option $option) => $option->isKey)),
                ...array_map(static fn (AcceptedAnswer $answer) => $answer->text, $question->accepted()),
            ],
        };

        return [] === $keys ? '' : '  ['.implode(' | ', $keys).']';
    }
}
