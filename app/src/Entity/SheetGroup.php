<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A named group of sheets on the shelf. */
#[ORM\Entity]
class SheetGroup
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(length: 100)]
    public string $name;

    /** Groups stand in the order of these. */
    #[ORM\Column]
    public int $position;

    #[ORM\Column(options: ['default' => false])]
    public bool $isFolded = false;

    public function __construct(string $name, int $position)
    {
        $this->id = Uuid::v7()->toRfc4122();
        $this->name = $name;
        $this->position = $position;
    }
}
