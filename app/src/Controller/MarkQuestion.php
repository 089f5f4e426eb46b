<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Request\MarkRequest;
use App\View\MarkedView;
use Notagram\Editing\EditedText;
use Notagram\Finding\TextEdit;
use Notagram\Message\Message;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\ReadSheet;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which edits mark the right answer of one question; the browser makes them, so that they can be undone there. */
#[Route('/api/sheets/{id}/marking', methods: ['POST'])]
final readonly class MarkQuestion
{
    public function __invoke(Sheet $sheet, #[MapRequestPayload] MarkRequest $request): MarkedView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        try {
            $placed = $read->numbered($request->question);
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, Message::of('key/no-such-question', number: $request->question), $exception);
        }
        $block = $placed->block;
        $options = \count($placed->reading->question?->options() ?? []);
        foreach ($request->keys ?? [] as $key) {
            if ($options > 0 && ($key < 0 || $key >= $options)) {
                throw new Refusal(422, Message::of('key/no-such-answer', number: $request->question, answer: $key >= 0 && $key < 26 ? \chr(65 + $key) : (string) ($key + 1)));
            }
        }
        $marker = $sheet->notation()->marker();
        $text = $block->textIn($sheet->text());
        $edits = match (true) {
            null !== $request->keys => $marker->options($block, $text, $request->keys),
            null !== $request->forms => $marker->typed($block, $text, KeyAnswer::forms($request->forms)),
            default => $marker->truth($block, $text, $request->unmark ? null : $request->truth),
        };
        if (null === $edits) {
            throw Refusal::because(422, 'marking', notation: $sheet->notation()->label());
        }

        return new MarkedView(EditedText::made($sheet->text(), array_map(static fn (TextEdit $edit) => new TextEdit($edit->span->shiftedBy($block->start), $edit->text), $edits)));
    }
}
