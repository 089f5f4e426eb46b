<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use Symfony\Component\Routing\Attribute\Route;

/** Puts a sheet back on the shelf that was removed. */
#[Route('/api/sheets/{id}/return', methods: ['POST'], defaults: ['takesDeleted' => true])]
final readonly class PutSheetBack
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet): void
    {
        $this->sheets->change($sheet, static fn () => $sheet->restore());
    }
}
