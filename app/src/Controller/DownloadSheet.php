<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\FileNames;
use Notagram\Check\Mender;
use Notagram\Handover\Targets;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Regex;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The file to take away. */
final readonly class DownloadSheet
{
    public function __construct(private Mender $mender, private Targets $targets)
    {
    }

    #[Route('/api/sheets/{id}/file/{target}', methods: ['GET'])]
    #[OA\Get(path: '/api/sheets/{id}/file/{target}', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'target', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The text', content: new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string')))])]
    public function converted(Sheet $sheet, string $target): Response
    {
        $found = $this->targets->find($target) ?? throw Refusal::because(404, 'target', target: $target);
        $handedOver = $found->write(ReadSheet::of($sheet->source(), $sheet->notation()), $sheet->keptPictures());

        return $this->file($handedOver->bytes, $found->mediaType(), FileNames::handedOver($sheet, $found));
    }

    #[Route('/api/sheets/{id}/mended-file', methods: ['GET'])]
    #[OA\Get(path: '/api/sheets/{id}/mended-file', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The text', content: new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string')))])]
    public function mended(Sheet $sheet): Response
    {
        return $this->file($this->mender->mend($sheet->source(), $sheet->notation(), wishes: $sheet->wishes())->source->text, 'text/plain; charset=UTF-8', FileNames::mended($sheet));
    }

    private function file(string $bytes, string $mediaType, string $name): Response
    {
        $plainName = trim(Regex::replace('/[^\x20-\x7E]|[%\/\\\\]/', '_', $name));

        return new Response($bytes, 200, [
            'Content-Type' => $mediaType,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name, $plainName),
        ]);
    }
}
