<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\Proposals;
use App\Request\ScoringRequest;
use App\View\ProposalView;
use Brick\Math\BigDecimal;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\PointsSharing;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says what the questions would be worth, and by which edits. */
#[Route('/api/sheets/{id}/scoring', methods: ['POST'])]
final readonly class ProposePoints
{
    public function __construct(private Proposals $proposals)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] ScoringRequest $request): ProposalView
    {
        try {
            $scoring = new PointsSharing(ReadSheet::of($sheet->source(), $sheet->notation()));
            $points = null === $request->total
                ? $scoring->each($request->each ?? '1', $request->questions)
                : $scoring->sharing(BigDecimal::of($request->total), $request->step, $request->all);
        } catch (CannotAmend $refusal) {
            throw new Refusal(422, $refusal->reason, $refusal);
        }
        $notes = [
            ...($scoring->headings > 0 ? [Message::of('amend/headings', count: $scoring->headings)] : []),
            ...([] === $points ? [] : $scoring->losses()),
        ];

        return $this->proposals->of($sheet, $scoring->scored($points), $points, static fn ($question) => $question->points, ...$notes);
    }
}
