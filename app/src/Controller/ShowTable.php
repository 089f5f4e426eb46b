<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\TableViews;
use App\Request\TableRequest;
use App\View\TableView;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\UnreadableDocument;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which questions the rows of the text become; the browser makes the edits, so that they can be undone there. */
#[Route('/api/sheets/{id}/table', methods: ['POST'])]
final readonly class ShowTable
{
    public function __construct(private TableViews $views)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] TableRequest $request): TableView
    {
        try {
            $tabular = Tabular::in($sheet->text(), $sheet->fileName()) ?? throw Refusal::because(422, 'no-table');
        } catch (UnreadableDocument $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }

        return $this->views->of($sheet, $tabular, $request);
    }
}
