<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Request\KeyRequest;
use App\View\KeyMarkingView;
use App\View\KeyMarkView;
use Notagram\Editing\EditedText;
use Notagram\Message\Sentences;
use Notagram\Notation\Key\KeyMark;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\Key\KeyMisfit;
use Notagram\Notation\ReadSheet;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says what a key list would mark and what does not fit; the browser makes the edits, so that they can be undone there. */
#[Route('/api/sheets/{id}/key', methods: ['POST'])]
final readonly class MarkByKey
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] KeyRequest $request): KeyMarkingView
    {
        $marking = KeyMarking::of(ReadSheet::of($sheet->source(), $sheet->notation()), $request->key);

        return new KeyMarkingView(
            EditedText::made($sheet->text(), $marking->edits()),
            array_map(static fn (KeyMark $mark) => new KeyMarkView($mark->placed->number ?? 0, $mark->entry->answer, $mark->replaces, [] !== $mark->edits), $marking->marks),
            array_map(fn (KeyMisfit $misfit) => $this->sentences->of($misfit->message()), $marking->misfits),
            $marking->unmarked,
        );
    }
}
