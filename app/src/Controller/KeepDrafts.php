<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use App\Request\KeepDraftsRequest;
use Notagram\Draft\WrittenDrafts;
use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps with a sheet what its drafts were made from and, where their text cannot say it, that nobody has read them. */
#[Route('/api/sheets/{id}/drafts', methods: ['POST'])]
final readonly class KeepDrafts
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] KeepDraftsRequest $request): void
    {
        $this->sheets->change($sheet, static function () use ($sheet, $request): void {
            if ('' !== trim($request->passage)) {
                $sheet->keepPassage(LineEnding::folded($request->passage));
            }
            if (!WrittenDrafts::canMark($sheet->notation())) {
                $offsets = new EditorOffsets($sheet->text());
                $end = EditorOffsets::lengthOf($sheet->text());
                $sheet->addDrafts(array_map(static fn (int $at) => $offsets->toByte(min($at, $end)), $request->starts));
            }
        });
    }
}
