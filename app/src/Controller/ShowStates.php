<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\EarlierStates;
use App\View\StatesView;
use Symfony\Component\Routing\Attribute\Route;

/** When and why each earlier text of a sheet was kept. */
#[Route('/api/sheets/{id}/states', methods: ['GET'])]
final readonly class ShowStates
{
    public function __construct(private EarlierStates $states)
    {
    }

    public function __invoke(Sheet $sheet): StatesView
    {
        return $this->states->of($sheet);
    }
}
