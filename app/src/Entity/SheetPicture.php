<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Notagram\Intake\Picture;
use Symfony\Component\Uid\Uuid;

/** A picture that came with a document, kept beside the sheet's text, which names it by its number. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['sheet_id', 'number'])]
class SheetPicture
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(length: 255)]
    public readonly string $name;

    /** Doctrine gives a stream where it reads, and takes a string where it writes. */
    #[ORM\Column(type: Types::BLOB)]
    private mixed $bytes;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'pictures')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Sheet $sheet,
        #[ORM\Column]
        public readonly int $number,
        Picture $picture,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->name = mb_substr(mb_scrub($picture->name), -200);
        $this->bytes = $picture->bytes;
    }

    public function picture(): Picture
    {
        return new Picture($this->name, Blob::bytes($this->bytes));
    }
}
