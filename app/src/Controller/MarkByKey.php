<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\EditedText;
use App\Request\KeyRequest;
use App\View\KeyMarkingView;
use App\View\KeyMarkView;
use App\View\ProblemView;
use Notagram\Message\Sentences;
use Notagram\Notation\Key\KeyMark;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\ReadSheet;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says what a key list would mark and what does not fit; the browser makes the edits, so that they can be undone there. */
#[Route('/api/sheets/{id}/key', methods: ['POST'])]
final readonly class MarkByKey
{
    public function __construct(private Sentences $sentences)
    {
    }

    #[OA\Post(path: '/api/sheets/{id}/key', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: KeyRequest::class)), responses: [new OA\Response(response: 200, description: 'What it does', content: new OA\JsonContent(ref: KeyMarkingView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapRequestPayload] KeyRequest $request): JsonResponse
    {
        if ($request->base !== $sheet->textHash()) {
            throw Refusal::because(409, 'text-changed');
        }
        $marking = KeyMarking::of(ReadSheet::of($sheet->source(), $sheet->notation()), $request->key);

        return new JsonResponse(new KeyMarkingView(
            EditedText::made($sheet->text(), $marking->edits()),
            array_map(static fn (KeyMark $mark) => new KeyMarkView($mark->placed->number ?? 0, $mark->entry->answer, $mark->replaces, [] !== $mark->edits), $marking->marks),
            array_map($this->sentences->of(...), $marking->misfits),
            $marking->unmarked,
        ));
    }
}
