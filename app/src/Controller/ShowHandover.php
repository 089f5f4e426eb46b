<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\Blocks;
use App\Reading\SheetReader;
use App\View\ProblemView;
use App\View\WrittenBlockView;
use App\View\WrittenSheetView;
use Notagram\Notation\Notations;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}/handover/{target}', methods: ['GET'])]
final readonly class ShowHandover
{
    public function __construct(private SheetReader $reader)
    {
    }

    #[OA\Get(path: '/api/sheets/{id}/handover/{target}', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'target', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'Each block as it would be written', content: new OA\JsonContent(ref: WrittenSheetView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, string $target): JsonResponse
    {
        $notation = Notations::target($target) ?? throw Refusal::because(404, 'target', target: $target);
        $blocks = Blocks::of($sheet->text(), $sheet->notation(), $sheet->switchedOff());
        $written = [];
        foreach ($blocks->blocks as $index => $block) {
            $id = $blocks->ids[$index];
            $written[$id] ??= new WrittenBlockView($id, $this->reader->written($sheet->notation()->reader()->read($block, $block->textIn($blocks->text)), $notation, $sheet));
        }

        return new JsonResponse(new WrittenSheetView(array_values($written)));
    }
}
