<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Demo\Samples;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\View\CreatedView;
use App\View\ProblemView;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** One of the documents that ship with the program, brought in as any other. */
#[Route('/api/samples/{name}', methods: ['POST'])]
final readonly class BringInSample
{
    public function __construct(private Samples $samples, private Arrivals $arrivals, private SheetViews $views, private ClockInterface $clock)
    {
    }

    #[OA\Post(path: '/api/samples/{name}', parameters: [new OA\Parameter(name: 'name', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 201, description: 'The new sheet', content: new OA\JsonContent(ref: CreatedView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(string $name): JsonResponse
    {
        $fileName = Samples::FILES[$name] ?? throw Refusal::because(404, 'sample', name: $name);

        return new JsonResponse($this->views->created($this->arrivals->bring($this->samples->bytes($fileName), $fileName, $this->clock->now())), 201);
    }
}
