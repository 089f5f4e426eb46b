<?php

declare(strict_types=1);

namespace App\Demo;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The old tests of the Alder Vale Beekeepers, as their programs left them, with a table, a list of terms and a package: something to try on an empty shelf. */
final readonly class Samples
{
    /** By the names that the interface knows them under. */
    public const FILES = [
        'foundation' => 'Foundation paper 2016.docx',
        'spring' => 'Spring test with key.odt',
        'swarm' => 'Swarm week.docx',
        'honey' => 'Honey questions.xlsx',
        'words' => 'Words of the hive.txt',
        'package' => 'Hive safety.zip',
    ];

    public function __construct(#[Autowire('%kernel.project_dir%/demo')] private string $folder)
    {
    }

    public function bytes(string $fileName): string
    {
        return (string) file_get_contents("{$this->folder}/{$fileName}");
    }
}
