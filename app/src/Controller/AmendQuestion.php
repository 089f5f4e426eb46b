<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\QuestionTexts;
use App\Request\AmendRequest;
use App\View\AmendedView;
use Notagram\Editing\EditedText;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\Amender;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\ChangeJson;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which edits change one question; the browser makes them, so that they can be undone there. */
#[Route('/api/sheets/{id}/amending', methods: ['POST'])]
final readonly class AmendQuestion
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] AmendRequest $request): AmendedView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $this->refuseWhatNobodySaw($read, $request);
        try {
            $amended = Amender::amend($read, $request->question, array_map(ChangeJson::of(...), $request->changes));
        } catch (CannotAmend $refusal) {
            throw new Refusal(422, $refusal->reason, $refusal);
        }

        return new AmendedView(EditedText::between($sheet->text(), $amended->text), $amended->number, array_map($this->sentences->of(...), $amended->losses));
    }

    /** A text that became another while it was being changed is not overwritten. */
    private function refuseWhatNobodySaw(ReadSheet $read, AmendRequest $request): void
    {
        $placed = null !== $request->was && $read->has($request->question) ? $read->numbered($request->question) : null;
        $question = $placed?->reading->question;
        if (null === $placed || null === $question) {
            return;
        }
        $change = $request->changes[0] ?? [];
        $is = QuestionTexts::setBy($change['set'] ?? null, $change['at'] ?? null, QuestionTexts::of($read, $placed, $question)) ?? '';
        if ($is !== $request->was) {
            throw Refusal::because(422, 'changed-meanwhile', theirs: $is);
        }
    }
}
