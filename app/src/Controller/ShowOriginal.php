<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\View\OriginalView;
use App\View\ProblemView;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The text as it came, whatever was made of it since. */
#[Route('/api/sheets/{id}/original', methods: ['GET'])]
final readonly class ShowOriginal
{
    #[OA\Get(path: '/api/sheets/{id}/original', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The text', content: new OA\JsonContent(ref: OriginalView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet): JsonResponse
    {
        return new JsonResponse(new OriginalView(strtr($sheet->originalText(), ["\r\n" => "\n", "\r" => "\n"])));
    }
}
