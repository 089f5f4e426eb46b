<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetReader;
use App\View\WrittenSheetView;
use Notagram\Handover\Targets;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}/handover/{target}', methods: ['GET'])]
final readonly class ShowHandover
{
    public function __construct(private Targets $targets, private SheetReader $reader)
    {
    }

    public function __invoke(Sheet $sheet, string $target): WrittenSheetView
    {
        return $this->reader->writtenAs($this->targets->find($target) ?? throw Refusal::because(404, 'target', target: $target), $sheet);
    }
}
