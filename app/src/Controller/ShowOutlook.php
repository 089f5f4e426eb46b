<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\Outlook;
use App\View\OutlookView;
use App\View\ProblemView;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}/outlook', methods: ['GET'])]
final readonly class ShowOutlook
{
    public function __construct(private Outlook $outlook)
    {
    }

    #[OA\Get(path: '/api/sheets/{id}/outlook', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'What all questions together show', content: new OA\JsonContent(ref: OutlookView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet): JsonResponse
    {
        return new JsonResponse($this->outlook->of($sheet));
    }
}
