<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\View\ProspectsView;
use App\View\ProspectView;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Notation\ReadSheet;
use Symfony\Component\Routing\Attribute\Route;

/** How the questions would arrive as each target, so that one can be chosen. */
#[Route('/api/sheets/{id}/prospects', methods: ['GET'])]
final readonly class ShowProspects
{
    public function __construct(private Targets $targets)
    {
    }

    public function __invoke(Sheet $sheet): ProspectsView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());

        return new ProspectsView($sheet->textHash(), array_map(
            static fn (Target $target) => ProspectView::of($target, $target->write($read, $sheet->keptPictures())->tally()),
            $this->targets->all,
        ));
    }
}
