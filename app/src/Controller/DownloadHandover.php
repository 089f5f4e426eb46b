<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\FileResponse;
use App\Http\Refusal;
use App\Reading\FileNames;
use Notagram\Handover\Targets;
use Notagram\Handover\TitledTarget;
use Notagram\Notation\ReadSheet;
use Symfony\Component\Routing\Attribute\Route;

/** The sheet as a target has it, to take away. */
#[Route('/api/sheets/{id}/file/{target}', methods: ['GET'])]
final readonly class DownloadHandover
{
    public function __construct(private Targets $targets)
    {
    }

    public function __invoke(Sheet $sheet, string $target): FileResponse
    {
        $chosen = $this->targets->find($target) ?? throw Refusal::because(404, 'target', target: $target);
        $chosen = $chosen instanceof TitledTarget ? $chosen->titled($sheet->title()) : $chosen;
        $handedOver = $chosen->write(ReadSheet::of($sheet->source(), $sheet->notation()), $sheet->keptPictures());

        return new FileResponse($handedOver->bytes(), $chosen->mediaType(), FileNames::handedOver($sheet, $chosen));
    }
}
