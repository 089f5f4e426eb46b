<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\Places;
use App\Request\PlaceRequest;
use App\View\PlaceView;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What stands at the cursor, and what may be written there. */
#[Route('/api/sheets/{id}/place', methods: ['POST'])]
final readonly class ShowPlace
{
    public function __construct(private Places $places)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] PlaceRequest $request): PlaceView
    {
        return $this->places->of($sheet, $request);
    }
}
