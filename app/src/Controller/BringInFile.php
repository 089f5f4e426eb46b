<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\View\CreatedView;
use App\View\ProblemView;
use Notagram\Source\ReadLimits;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** A file as it is: its bytes are kept, its name only shown and given back. */
#[Route('/api/files', methods: ['POST'])]
final readonly class BringInFile
{
    public function __construct(private Arrivals $arrivals, private SheetViews $views, private ClockInterface $clock)
    {
    }

    #[OA\Post(path: '/api/files', requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')]))), responses: [new OA\Response(response: 201, description: 'The new sheet', content: new OA\JsonContent(ref: CreatedView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Request $request): JsonResponse
    {
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile) {
            throw Refusal::because(422, 'no-file');
        }
        if (!$file->isValid() || $file->getSize() > ReadLimits::MAX_FILE_BYTES) {
            throw Refusal::because(413, 'file-too-large', file: $file->getClientOriginalName(), megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        $sheet = $this->arrivals->bring($file->getContent(), $file->getClientOriginalName(), $this->clock->now());

        return new JsonResponse($this->views->created($sheet), 201);
    }
}
