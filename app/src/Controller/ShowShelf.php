<?php

declare(strict_types=1);

namespace App\Controller;

use App\Reading\Shelf;
use App\View\ProblemView;
use App\View\ShelfView;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/shelf', methods: ['GET'])]
final readonly class ShowShelf
{
    public function __construct(private Shelf $shelf)
    {
    }

    #[OA\Get(path: '/api/shelf', responses: [new OA\Response(response: 200, description: 'The shelf', content: new OA\JsonContent(ref: ShelfView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse($this->shelf->view());
    }
}
