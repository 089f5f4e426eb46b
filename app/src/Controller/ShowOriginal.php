<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\View\OriginalView;
use Notagram\Source\LineEnding;
use Symfony\Component\Routing\Attribute\Route;

/** The text as it came, whatever was made of it since. */
#[Route('/api/sheets/{id}/original', methods: ['GET'])]
final readonly class ShowOriginal
{
    public function __invoke(Sheet $sheet): OriginalView
    {
        return new OriginalView(LineEnding::folded($sheet->originalText()));
    }
}
