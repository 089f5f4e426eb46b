<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Demo\Samples;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\View\CreatedView;
use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;

/** One of the documents that ship with the program, brought in as any other. */
#[Route('/api/samples/{name}', methods: ['POST'])]
final readonly class BringInSample
{
    public function __construct(private Samples $samples, private Arrivals $arrivals, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(string $name): CreatedView
    {
        $fileName = Samples::FILES[$name] ?? throw Refusal::because(404, 'sample', name: $name);

        return $this->views->created($this->arrivals->bring($this->samples->bytes($fileName), $fileName, $this->clock->now()));
    }
}
