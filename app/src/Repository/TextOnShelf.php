<?php

declare(strict_types=1);

namespace App\Repository;

/** The text of a sheet that is on the shelf. */
final readonly class TextOnShelf
{
    public function __construct(public string $id, public string $title, public string $notation, public string $text)
    {
    }
}
