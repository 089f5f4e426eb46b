<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The text of a sheet as it stands, apart from what the shelf shows of it: a text may be large. */
#[ORM\Entity]
class SheetText
{
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne(inversedBy: 'text')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Sheet $sheet,
        #[ORM\Column(type: Types::TEXT)]
        public string $text,
    ) {
    }
}
