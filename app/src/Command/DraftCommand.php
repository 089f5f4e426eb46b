<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Draft\DraftedQuestion;
use Notagram\Draft\DraftRequest;
use Notagram\Draft\Drafts;
use Notagram\Draft\DraftType;
use Notagram\Draft\Passage;
use Notagram\Handover\Json\QuestionJson;
use Notagram\Message\Message;
use Notagram\Notation\Notation;
use Notagram\Source\LineMap;
use Notagram\Source\Regex;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('draft')]
final class DraftCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->setDescription($this->sentence('about/draft'))
            ->addArgument('file', InputArgument::REQUIRED, $this->sentence('option/passage'))
            ->addOption('encoding', null, InputOption::VALUE_REQUIRED, $this->sentence('option/encoding'))
            ->addOption('count', null, InputOption::VALUE_REQUIRED, $this->sentence('option/draft-count'), (string) Drafts::USUAL_COUNT)
            ->addOption('types', null, InputOption::VALUE_REQUIRED, $this->sentence('option/draft-types', known: self::knownTypes()))
            ->addOption('to', null, InputOption::VALUE_REQUIRED, $this->sentence('option/draft-to', known: implode(', ', self::notationIds())), 'gift')
            ->addOption('request', null, InputOption::VALUE_NONE, $this->sentence('option/draft-request'));
        $this->takesFormat();
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $count = $this->count($input);
        $notation = $this->named(self::text($input, 'to') ?? 'gift');
        $types = $this->types($input, $notation);
        $name = $input->getArgument('file');
        $named = SheetFiles::read([\is_string($name) ? $name : ''], self::text($input, 'encoding'))[0];
        $this->sayNotes($output, $named);
        if (true === $input->getOption('request')) {
            $output->write((new DraftRequest($named->source->text, $count, $types, $notation))->text($this->sentences), false, OutputInterface::OUTPUT_RAW);

            return self::CLEAN;
        }
        $drafts = Drafts::from(Passage::of($named->source->text), $count, $types);
        $written = $drafts->writtenIn($notation);
        $notes = array_map($this->sentences->of(...), $written->notes);
        if ($wantsJson) {
            $lines = new LineMap($named->source->text);
            self::json($output, [
                'notation' => $notation->id(),
                'text' => $written->text,
                'notes' => $notes,
                'questions' => array_map(static fn (int $index, DraftedQuestion $draft) => ['number' => $index + 1] + QuestionJson::of($draft->question) + ['from' => self::from($draft, $lines)], array_keys($drafts->drafts), $drafts->drafts),
            ]);
        } else {
            $output->write($written->text, false, OutputInterface::OUTPUT_RAW);
            foreach ($notes as $note) {
                self::say($output, $note);
            }
        }

        return [] === $drafts->drafts ? self::FAULTS : self::CLEAN;
    }

    private function count(InputInterface $input): int
    {
        $count = self::text($input, 'count') ?? '';

        return Regex::match('/^[1-9]\d{0,3}\z/', $count) && (int) $count <= Drafts::MOST ? (int) $count : throw UnreadableFile::because('draft-count', most: Drafts::MOST);
    }

    /** @return non-empty-list<DraftType> those that are named; all that the notation has, where none are */
    private function types(InputInterface $input, Notation $notation): array
    {
        $holds = DraftType::allIn($notation);
        $wanted = self::text($input, 'types');
        if (null === $wanted) {
            return $holds;
        }
        $types = [];
        foreach (explode(',', $wanted) as $name) {
            $type = DraftType::tryFrom(trim($name)) ?? throw UnreadableFile::because('draft-types', type: trim($name), known: self::knownTypes());
            if (!\in_array($type, $holds, true)) {
                throw new UnreadableFile(Message::of('refusal/draft-holds', notation: $notation->label(), type: new Message('type/'.$type->value)));
            }
            $types[$type->value] = $type;
        }

        return array_values($types);
    }

    private static function knownTypes(): string
    {
        return implode(', ', array_column(DraftType::cases(), 'value'));
    }

    /** @return array{startLine: int, startColumn: int, endLine: int, endColumn: int} */
    private static function from(DraftedQuestion $draft, LineMap $lines): array
    {
        $start = $lines->positionAt($draft->sentence->span->start);
        $end = $lines->positionAt($draft->sentence->span->end);

        return ['startLine' => $start->line, 'startColumn' => $start->column, 'endLine' => $end->line, 'endColumn' => $end->column];
    }
}
