<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Repository\SheetRepository;
use App\Request\ReadDraftRequest;
use App\View\MarkedView;
use Notagram\Draft\DraftMark;
use Notagram\Editing\EditedText;
use Notagram\Finding\TextEdit;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Span;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Takes the mark of a draft off a question that somebody has read; where its text says it, the browser makes the edits, so that they can be undone there. */
#[Route('/api/sheets/{id}/drafts/read', methods: ['POST'])]
final readonly class ReadDraft
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] ReadDraftRequest $request): MarkedView
    {
        try {
            $block = ReadSheet::of($sheet->source(), $sheet->notation())->numbered($request->question)->block;
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, Message::of('key/no-such-question', number: $request->question), $exception);
        }
        $this->sheets->change($sheet, static fn () => $sheet->takeDraftsWithin(new Span($block->start, $block->end)));

        return new MarkedView(EditedText::made($sheet->text(), array_map(static fn (TextEdit $edit) => $edit->shiftedBy($block->start), DraftMark::taken($sheet->notation(), $block->textIn($sheet->text())))));
    }
}
