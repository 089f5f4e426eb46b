<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Entity\Sheet;
use App\Reading\SheetViews;
use App\View\CreatedView;
use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;

/** A sheet with the same text, set the same way. */
#[Route('/api/sheets/{id}/copies', methods: ['POST'])]
final readonly class CopySheet
{
    public function __construct(private Arrivals $arrivals, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(Sheet $sheet): CreatedView
    {
        return $this->views->created($this->arrivals->copy($sheet, $this->clock->now()));
    }
}
