<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetReader;
use App\View\ProblemView;
use App\View\WrittenSheetView;
use Notagram\Handover\Targets;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}/handover/{target}', methods: ['GET'])]
final readonly class ShowHandover
{
    public function __construct(private Targets $targets, private SheetReader $reader)
    {
    }

    #[OA\Get(path: '/api/sheets/{id}/handover/{target}', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'target', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'Each block as it would be written', content: new OA\JsonContent(ref: WrittenSheetView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, string $target): JsonResponse
    {
        return new JsonResponse($this->reader->writtenAs($this->targets->find($target) ?? throw Refusal::because(404, 'target', target: $target), $sheet));
    }
}
