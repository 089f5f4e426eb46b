<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\EditedText;
use App\Request\MarkRequest;
use App\View\MarkedView;
use App\View\ProblemView;
use Notagram\Finding\TextEdit;
use Notagram\Message\Message;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\ReadSheet;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which edits mark the right answer of one question; the browser makes them, so that they can be undone there. */
#[Route('/api/sheets/{id}/marking', methods: ['POST'])]
final readonly class MarkQuestion
{
    #[OA\Post(path: '/api/sheets/{id}/marking', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: MarkRequest::class)), responses: [new OA\Response(response: 200, description: 'What it does', content: new OA\JsonContent(ref: MarkedView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapRequestPayload] MarkRequest $request): JsonResponse
    {
        if ($request->base !== $sheet->textHash()) {
            throw Refusal::because(409, 'text-changed');
        }
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        try {
            $placed = $read->numbered($request->question);
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, Message::of('key/no-such-question', number: $request->question), $exception);
        }
        $block = $placed->block;
        $options = \count($placed->reading->question?->options() ?? []);
        foreach ($request->keys ?? [] as $key) {
            if ($options > 0 && ($key < 0 || $key >= $options)) {
                throw new Refusal(422, Message::of('key/no-such-answer', number: $request->question, answer: $key >= 0 && $key < 26 ? \chr(65 + $key) : (string) ($key + 1)));
            }
        }
        $marker = $sheet->notation()->marker();
        $text = $block->textIn($sheet->text());
        $edits = match (true) {
            null !== $request->keys => $marker->options($block, $text, $request->keys),
            null !== $request->forms => $marker->typed($block, $text, KeyAnswer::forms($request->forms)),
            default => $marker->truth($block, $text, $request->unmark ? null : $request->truth),
        };
        if (null === $edits) {
            throw Refusal::because(422, 'marking', notation: $sheet->notation()->label());
        }

        return new JsonResponse(new MarkedView(EditedText::made($sheet->text(), array_map(static fn (TextEdit $edit) => new TextEdit($edit->span->shiftedBy($block->start), $edit->text), $edits))));
    }
}
