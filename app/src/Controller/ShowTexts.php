<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\QuestionTexts;
use App\Request\TextsRequest;
use App\View\QuestionTextsView;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** The texts of one question, to be changed in their places. */
#[Route('/api/sheets/{id}/texts', methods: ['POST'])]
final readonly class ShowTexts
{
    public function __invoke(Sheet $sheet, #[MapRequestPayload] TextsRequest $request): QuestionTextsView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $placed = $read->has($request->question) ? $read->numbered($request->question) : null;
        $question = $placed?->reading->question;

        return null === $placed || null === $question
            ? throw new Refusal(422, null === $placed ? Message::of('amend/no-such-question', number: $request->question) : new Message('amend/broken'))
            : QuestionTexts::of($read, $placed, $question);
    }
}
