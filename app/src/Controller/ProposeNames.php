<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\Proposals;
use App\Request\NamingRequest;
use App\View\ProposalView;
use Notagram\Notation\ReadSheet;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Naming;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says how a pattern would name the questions, and by which edits. */
#[Route('/api/sheets/{id}/naming', methods: ['POST'])]
final readonly class ProposeNames
{
    public function __construct(private Proposals $proposals)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] NamingRequest $request): ProposalView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        try {
            $titles = (new Naming($request->pattern, $sheet->title()))->titles($read, $request->all, $request->questions);
        } catch (CannotAmend $refusal) {
            throw new Refusal(422, $refusal->reason, $refusal);
        }

        return $this->proposals->of($sheet, Naming::named($read, $titles), $titles, static fn ($question) => $question->title);
    }
}
