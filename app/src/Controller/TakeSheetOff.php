<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;

/** Removes a sheet from the shelf; it can be put back. */
#[Route('/api/sheets/{id}', methods: ['DELETE'])]
final readonly class TakeSheetOff
{
    public function __construct(private SheetRepository $sheets, private ClockInterface $clock)
    {
    }

    public function __invoke(Sheet $sheet): void
    {
        $this->sheets->change($sheet, fn () => $sheet->delete($this->clock->now()));
    }
}
