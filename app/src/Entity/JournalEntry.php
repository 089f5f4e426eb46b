<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What was typed between one text of a sheet and the next. Its id is the browser's, so that a repeated request is known. */
#[ORM\Entity]
class JournalEntry
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Sheet $sheet,
        #[ORM\Column(length: 16)]
        public readonly string $baseHash,
        #[ORM\Column(length: 16)]
        public readonly string $newHash,
        #[ORM\Column(type: Types::TEXT)]
        public readonly string $edits,
        #[ORM\Column]
        public readonly \DateTimeImmutable $at,
    ) {
    }

    public function isOf(Sheet $sheet, string $baseHash, string $edits): bool
    {
        return $this->sheet->id === $sheet->id && $this->baseHash === $baseHash && $this->edits === $edits;
    }
}
