<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\SheetViews;
use App\View\SheetView;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}', methods: ['GET'])]
final readonly class ShowSheet
{
    public function __construct(private SheetViews $views)
    {
    }

    public function __invoke(Sheet $sheet): SheetView
    {
        return $this->views->of($sheet);
    }
}
