<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\Outlook;
use App\View\OutlookView;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}/outlook', methods: ['GET'])]
final readonly class ShowOutlook
{
    public function __construct(private Outlook $outlook)
    {
    }

    public function __invoke(Sheet $sheet): OutlookView
    {
        return $this->outlook->of($sheet);
    }
}
