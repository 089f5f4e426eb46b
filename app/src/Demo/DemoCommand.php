<?php

declare(strict_types=1);

namespace App\Demo;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use Notagram\Intake\Documents;
use Notagram\Notation\Notations;
use Notagram\Source\SourceText;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Lays the sheets of the Alder Vale Beekeepers on an empty shelf. Everything about them is made up, but for the bees. */
#[AsCommand('notagram:demo', 'Lays the demo sheets on an empty shelf')]
final class DemoCommand extends Command
{
    /** In the order of the shelf, from its foot. */
    private const FILES = [
        'Bees in many tongues.txt',
        'Swarm week.docx',
        'Spring test with key.odt',
        'Foundation paper 2016.docx',
        'Winter losses (copy of a copy).txt',
        'Honey and hive products.txt',
        'Castes and their work.gift.txt',
        'Swarms and spring.txt',
    ];

    public function __construct(
        private readonly SheetRepository $sheets,
        private readonly ClockInterface $clock,
        #[Autowire('%kernel.project_dir%/demo')] private readonly string $folder,
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
            $this->add($name, (string) file_get_contents($this->folder.'/'.$name), $minute++);
        }

        return self::SUCCESS;
    }

    private function add(string $fileName, string $bytes, int $minute): void
    {
        $source = SourceText::fromBytes($bytes);
        $now = $this->clock->now()->modify('-'.(\count(self::FILES) - $minute).' minutes');
        $title = (string) preg_replace('/\.(?:(?:gift\.)?txt|docx|odt)$/', '', $fileName);
        $manuscript = Documents::read($bytes, $fileName);
        $sheet = null === $manuscript
            ? new Sheet($title, Notations::detect($source->text), $source, $bytes, $fileName, $now)
            : Sheet::ofDocument($title, Notations::detect($manuscript->text), $manuscript, $bytes, $fileName, $now);
        // As its author remembers it, one question is missing.
        if (str_starts_with($fileName, 'Winter')) {
            $sheet->expectQuestions(10);
        }
        $this->sheets->add($sheet, $now);
    }
}
