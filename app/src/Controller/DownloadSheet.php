<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\FileNames;
use Notagram\Check\Mender;
use Notagram\Handover\Conversion;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Regex;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The file to take away: UTF-8 without a byte-order mark. */
final readonly class DownloadSheet
{
    public function __construct(private Mender $mender)
    {
    }

    #[Route('/api/sheets/{id}/file/{target}', methods: ['GET'])]
    #[OA\Get(path: '/api/sheets/{id}/file/{target}', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'target', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The text', content: new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string')))])]
    public function converted(Sheet $sheet, string $target): Response
    {
        $notation = Notations::target($target) ?? throw Refusal::because(404, 'target', target: $target);
        $text = Conversion::of(ReadSheet::of($sheet->source(), $sheet->notation()), $notation)->text();

        return $this->file($text, FileNames::converted($sheet, $notation));
    }

    #[Route('/api/sheets/{id}/mended-file', methods: ['GET'])]
    #[OA\Get(path: '/api/sheets/{id}/mended-file', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The text', content: new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string')))])]
    public function mended(Sheet $sheet): Response
    {
        return $this->file($this->mender->mend($sheet->source(), $sheet->notation(), wishes: $sheet->wishes())->source->text, FileNames::mended($sheet));
    }

    private function file(string $text, string $name): Response
    {
        $plainName = trim(Regex::replace('/[^\x20-\x7E]|[%\/\\\\]/', '_', $name));

        return new Response($text, 200, [
            'Content-Type' => 'text/plain; charset=UTF-8',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name, $plainName),
        ]);
    }
}
