<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** Bytes in a row of their own, read only when they are asked for. */
#[ORM\MappedSuperclass]
abstract class KeptBytes
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    /** Doctrine gives a stream where it reads, and takes a string where it writes. */
    #[ORM\Column(type: Types::BLOB)]
    private mixed $bytes;

    public function __construct(string $bytes)
    {
        $this->id = Uuid::v7()->toRfc4122();
        $this->bytes = $bytes;
    }

    public function bytes(): string
    {
        return Blob::bytes($this->bytes);
    }
}
