<?php

declare(strict_types=1);

namespace Notagram\Gathering;

use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;

/** What is taken from one sheet: all of it, or some of its questions. */
final readonly class Excerpt
{
    /**
     * @param string     $title   of the sheet
     * @param ?list<int> $numbers of the questions, as they are counted; null for all, with the texts between them
     */
    public function __construct(public string $title, public ReadSheet $sheet, public ?array $numbers = null)
    {
    }

    public function takes(PlacedBlock $placed): bool
    {
        return null === $this->numbers || (null !== $placed->number && \in_array($placed->number, $this->numbers, true));
    }
}
