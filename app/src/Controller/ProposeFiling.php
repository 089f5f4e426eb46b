<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Request\FilingRequest;
use App\Request\FilingWay;
use App\View\ProposalView;
use Notagram\Editing\EditedText;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Filing;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says by which edits questions come into categories, and categories into order. */
#[Route('/api/sheets/{id}/filing', methods: ['POST'])]
final readonly class ProposeFiling
{
    public function __invoke(Sheet $sheet, #[MapRequestPayload] FilingRequest $request): ProposalView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        foreach ($request->questions as $number) {
            if (!$read->has($number)) {
                throw new Refusal(422, Message::of('amend/no-such-question', number: $number));
            }
        }
        try {
            $text = match ($request->way) {
                FilingWay::Into => Filing::into($read, $request->questions, $request->path),
                FilingWay::InPlace => Filing::inPlace($read, $request->questions, $request->path),
                FilingWay::Rename => Filing::renamed($read, $request->path, $request->to),
                FilingWay::Gather, FilingWay::Order => Filing::gathered($read, $request->order),
            };
        } catch (CannotAmend $refusal) {
            throw new Refusal(422, $refusal->reason, $refusal);
        }

        return new ProposalView(EditedText::between($sheet->text(), $text), [], []);
    }
}
