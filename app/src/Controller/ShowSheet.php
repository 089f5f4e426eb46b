<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\SheetViews;
use App\View\ProblemView;
use App\View\SheetView;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}', methods: ['GET'])]
final readonly class ShowSheet
{
    public function __construct(private SheetViews $views)
    {
    }

    #[OA\Get(path: '/api/sheets/{id}', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The sheet', content: new OA\JsonContent(ref: SheetView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet): JsonResponse
    {
        return new JsonResponse($this->views->of($sheet));
    }
}
