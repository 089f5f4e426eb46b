<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\ChangedPlaces;
use App\Reading\EditedText;
use App\Request\MendRequest;
use App\View\MendedCodeView;
use App\View\MendedView;
use App\View\ProblemView;
use Notagram\Check\Mender;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which edits would mend; the browser makes them, so that they can be undone there. */
#[Route('/api/sheets/{id}/mending', methods: ['POST'])]
final readonly class MendSheet
{
    public function __construct(private Mender $mender)
    {
    }

    #[OA\Post(path: '/api/sheets/{id}/mending', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: MendRequest::class)), responses: [new OA\Response(response: 200, description: 'The edits', content: new OA\JsonContent(ref: MendedView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapRequestPayload] MendRequest $mend): JsonResponse
    {
        if ($mend->base !== $sheet->textHash()) {
            throw Refusal::because(409, 'text-changed');
        }
        $mended = null === $mend->code
            ? $this->mender->mend($sheet->source(), $sheet->notation(), wishes: $sheet->wishes())
            : $this->mender->mendAllOf($mend->code, $sheet->source(), $sheet->notation(), $sheet->wishes());
        $edits = EditedText::between($sheet->text(), $mended->source->text);

        return new JsonResponse(new MendedView(
            $edits,
            array_map(static fn (string $code, int $times) => new MendedCodeView($code, $times), array_keys($mended->changes), array_values($mended->changes)),
            ChangedPlaces::of($sheet->text(), $edits),
            $sheet->source()->isPlainUtf8() !== $mended->source->isPlainUtf8(),
        ));
    }
}
