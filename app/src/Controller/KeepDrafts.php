<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use App\Request\KeepDraftsRequest;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps with a sheet what its drafts were made from and, where their text cannot say it, that nobody has read them. */
#[Route('/api/sheets/{id}/drafts', methods: ['POST'])]
final readonly class KeepDrafts
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] KeepDraftsRequest $request): void
    {
        $this->sheets->change($sheet, static fn () => $sheet->keepDrafts($request->passage, $request->drafts));
    }
}
