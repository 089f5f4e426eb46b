<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\EarlierStates;
use App\Repository\SheetRepository;
use App\View\StateTextView;
use Symfony\Component\Routing\Attribute\Route;

/** An earlier text of a sheet, and how it differs from the one of today. */
#[Route('/api/sheets/{id}/states/{state}', methods: ['GET'])]
final readonly class ShowState
{
    public function __construct(private EarlierStates $states, private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet, string $state): StateTextView
    {
        return $this->states->one($sheet, $this->sheets->state($sheet, $state) ?? throw Refusal::because(404, 'no-state'));
    }
}
