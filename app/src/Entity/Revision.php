<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Symfony\Component\Uid\Uuid;

/** A text that a sheet once had, kept whole. */
#[ORM\Entity]
class Revision
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(length: 20, options: ['default' => ''])]
    private string $notation;

    #[ORM\Column(type: Types::BLOB)]
    private mixed $compressedText;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Sheet $sheet,
        #[ORM\Column(length: 20, enumType: RevisionReason::class)]
        public readonly RevisionReason $reason,
        #[ORM\Column]
        public readonly \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->notation = $sheet->notation()->id();
        $this->compressedText = (string) gzcompress($sheet->text());
    }

    public function notation(): Notation
    {
        return Notations::find($this->notation) ?? throw new \LogicException("There is no notation “{$this->notation}”.");
    }

    public function text(): string
    {
        return (string) gzuncompress(Blob::bytes($this->compressedText));
    }
}
