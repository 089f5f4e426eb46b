<?php

declare(strict_types=1);

namespace App\Demo;

use App\Arrival\Arrivals;
use App\Repository\SheetRepository;
use App\Request\NamedNotation;
use Notagram\Draft\Drafts;
use Notagram\Draft\Passage;
use Notagram\Intake\Picture;
use Notagram\Source\Regex;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Lays the sheets of the Alder Vale Beekeepers on an empty shelf. Everything about them is made up, but for the bees. */
#[AsCommand('notagram:demo', 'Lays the demo sheets on an empty shelf')]
final class DemoCommand extends Command
{
    /** A text that questions are drafted from. */
    private const PASSAGE = 'How a colony lives.txt';
    private const DRAFTS = 12;

    /** In the order of the shelf, from its foot. */
    private const FILES = [
        'Bees in many tongues.txt',
        'Swarm week.docx',
        'Spring test with key.odt',
        'Foundation paper 2016.docx',
        'Winter losses (copy of a copy).txt',
        self::PASSAGE,
        'Honey and hive products.txt',
        'Winter course.gift.txt',
        'A year with bees.gram',
        'Castes and their work.gift.txt',
        'Swarms and spring.txt',
    ];

    public function __construct(
        private readonly SheetRepository $sheets,
        private readonly Arrivals $arrivals,
        private readonly Samples $samples,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->sheets->isEmpty()) {
            return self::SUCCESS;
        }
        $minute = 0;
        $this->add('Question store.txt', (new QuestionStore())->text(), $minute++);
        foreach (self::FILES as $name) {
            self::PASSAGE === $name ? $this->addDrafts($minute++) : $this->add($name, $this->samples->bytes($name), $minute++);
        }

        return self::SUCCESS;
    }

    private function add(string $fileName, string $bytes, int $minute): void
    {
        $sheet = $this->arrivals->bring($bytes, $fileName, $this->moment($minute), Regex::replace('/\.(?:(?:gift\.)?txt|gram|docx|odt)$/', '', $fileName));
        // As its author remembers it, one question is missing.
        if (str_starts_with($fileName, 'Winter losses')) {
            $this->sheets->change($sheet, static fn () => $sheet->expectQuestions(10));
        }
        // Its points do not come to what they should yet; and a question is about a picture.
        if (str_starts_with($fileName, 'A year')) {
            $picture = new Picture('hive-parts.png', $this->samples->bytes('hive-parts.png'));
            $this->sheets->change($sheet, static function () use ($sheet, $picture): void {
                $sheet->expectPoints('25');
                $sheet->keepPicture($picture);
            });
        }
    }

    private function addDrafts(int $minute): void
    {
        $passage = Passage::of($this->samples->bytes(self::PASSAGE));
        $drafts = Drafts::from($passage, self::DRAFTS)->writtenIn(NamedNotation::of('gift'));
        $sheet = $this->arrivals->paste($passage->title(), $drafts->text, null, $drafts->notation, $this->moment($minute));
        $this->sheets->change($sheet, static fn () => $sheet->keepDrafts($passage->text, $drafts->starts()));
    }

    private function moment(int $minute): \DateTimeImmutable
    {
        return $this->clock->now()->modify('-'.(\count(self::FILES) - $minute).' minutes');
    }
}
