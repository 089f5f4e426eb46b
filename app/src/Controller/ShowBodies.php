<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\SheetReader;
use App\View\BodiesView;
use Notagram\Handover\BlockTarget;
use Notagram\Handover\Targets;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** What a large sheet says beyond what its opening shows. */
#[Route('/api/sheets/{id}/bodies', methods: ['GET'])]
final readonly class ShowBodies
{
    public function __construct(private SheetReader $reader, private Targets $targets)
    {
    }

    public function __invoke(Sheet $sheet, #[MapQueryParameter(options: ['min_range' => 0])] int $from, #[MapQueryParameter] ?string $target = null): BodiesView
    {
        $wanted = null === $target ? null : $this->targets->find($target);

        return $this->reader->bodies($sheet, $from, $wanted instanceof BlockTarget ? $wanted : null);
    }
}
