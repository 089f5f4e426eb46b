<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\FileResponse;
use App\Reading\FileNames;
use Symfony\Component\Routing\Attribute\Route;

/** The file as it came, byte for byte. */
#[Route('/api/sheets/{id}/original-file', methods: ['GET'])]
final readonly class DownloadOriginal
{
    public function __invoke(Sheet $sheet): FileResponse
    {
        return new FileResponse($sheet->originalBytes(), 'application/octet-stream', FileNames::original($sheet));
    }
}
