<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A passage that questions of a sheet were drafted from. Its id tells the order in which they came. */
#[ORM\Entity]
class SheetPassage
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'passages')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Sheet $sheet,
        #[ORM\Column(type: Types::TEXT)]
        public readonly string $text,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }
}
