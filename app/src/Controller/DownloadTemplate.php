<?php

declare(strict_types=1);

namespace App\Controller;

use App\Http\FileResponse;
use Notagram\Handover\Table\CsvFile;
use Notagram\Handover\Table\TableTemplate;
use Notagram\Handover\Table\XlsxFile;
use Symfony\Component\Routing\Attribute\Route;

/** A table to fill in with questions. */
#[Route('/api/table-template.{ending}', requirements: ['ending' => 'xlsx|csv'], methods: ['GET'])]
final readonly class DownloadTemplate
{
    public function __invoke(string $ending): FileResponse
    {
        $file = 'csv' === $ending ? new CsvFile(true) : new XlsxFile();

        return new FileResponse(TableTemplate::bytes($file), $file->mediaType(), "Questions.{$ending}");
    }
}
