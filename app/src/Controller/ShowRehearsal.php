<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\View\RehearsalView;
use Notagram\Handover\Targets;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\OnFault;
use Notagram\Rehearsal\Rehearsal;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** What arrives where a stand-in for the receiver gets the sheet: as its file is, or as a target has it. */
#[Route('/api/sheets/{id}/rehearsal', methods: ['GET'])]
final readonly class ShowRehearsal
{
    public function __construct(private Targets $targets, private Sentences $sentences)
    {
    }

    /** @param ?string $to the id of a target; null for what is usual for the sheet */
    public function __invoke(Sheet $sheet, #[MapQueryParameter] ?string $to = null, #[MapQueryParameter] ?OnFault $onFault = null, #[MapQueryParameter] bool $anyEncoding = false): RehearsalView
    {
        $to ??= Rehearsal::usualFor($sheet->notation());
        $target = \in_array($to, Rehearsal::targets(), true) ? $this->targets->find($to) : null;
        if (null === $target) {
            throw Refusal::because(404, 'target', target: $to);
        }
        $rehearsal = new Rehearsal($onFault ?? OnFault::StopAndKeep, $anyEncoding);
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $trial = $to === $sheet->notation()->id() ? $rehearsal->ofFile($read, $sheet->fileBytes()) : $rehearsal->ofWritten($read, $target, $sheet->keptPictures());

        return RehearsalView::of($sheet->textHash(), $to, $trial, $this->sentences);
    }
}
