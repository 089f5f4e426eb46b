<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\ChangedPlaces;
use App\View\DecodingView;
use App\View\EncodingView;
use App\View\ProblemView;
use Notagram\Message\Sentences;
use Notagram\Source\Encoding;
use Notagram\Source\SourceText;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** What the bytes of a sheet would read like in another encoding, before anything is changed. */
#[Route('/api/sheets/{id}/decoding', methods: ['GET'])]
final readonly class ShowDecoding
{
    public function __construct(private Sentences $sentences)
    {
    }

    #[OA\Get(path: '/api/sheets/{id}/decoding', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'encoding', in: 'query', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The lines that differ', content: new OA\JsonContent(ref: DecodingView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapQueryParameter] string $encoding): JsonResponse
    {
        if ($sheet->isDocument()) {
            throw Refusal::because(422, 'encoding-of-document');
        }
        $chosen = Encoding::tryFrom($encoding) ?? throw Refusal::because(422, 'encoding', encoding: $encoding);
        $bytes = $sheet->originalBytes();
        $now = SourceText::fromBytes($bytes, $sheet->source()->encoding);
        $then = SourceText::fromBytes($bytes, $chosen);
        [$places, $differing] = ChangedPlaces::between($now->text, $then->text);

        return new JsonResponse(new DecodingView(new EncodingView($chosen->value, $this->sentences->of($chosen->label())), $then->undecodable, $places, $differing));
    }
}
