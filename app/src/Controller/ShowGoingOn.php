<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Request\NamedNotation;
use App\View\GoingOnView;
use Notagram\Handover\GoingOn;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Symfony\Component\Routing\Attribute\Route;

/** Says what a sheet would lose before it goes on in another notation. */
#[Route('/api/sheets/{id}/going-on/{notation}', methods: ['GET'])]
final readonly class ShowGoingOn
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(Sheet $sheet, string $notation): GoingOnView
    {
        $goingOn = GoingOn::of(
            ReadSheet::of($sheet->source(), $sheet->notation()),
            NamedNotation::of($notation),
        );

        return new GoingOnView(array_map($this->sentences->of(...), $goingOn->losses));
    }
}
