<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\EditedText;
use App\Request\TidyRequest;
use App\View\ProblemView;
use App\View\TidiedView;
use App\View\TidyRowView;
use App\View\TidyStepView;
use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\StepReport;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Message\Sentences;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says what tidying makes of the text; the browser makes the edits, so that they can be undone there. */
#[Route('/api/sheets/{id}/tidying', methods: ['POST'])]
final readonly class TidySheet
{
    public function __construct(private Sentences $sentences)
    {
    }

    #[OA\Post(path: '/api/sheets/{id}/tidying', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: TidyRequest::class)), responses: [new OA\Response(response: 200, description: 'What it does', content: new OA\JsonContent(ref: TidiedView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapRequestPayload] TidyRequest $request): JsonResponse
    {
        if ($request->base !== $sheet->textHash()) {
            throw Refusal::because(409, 'text-changed');
        }
        $names = array_map(static fn (TidyStep $step) => $step->name(), Tidy::steps());
        $tidied = Tidy::of($sheet->text(), new Refusals($request->refusedSteps, array_fill_keys($names, $request->refusedLines)));
        $stepsAt = [];
        foreach ($tidied->steps as $step) {
            $label = $this->sentences->of($step->label());
            foreach ([...$step->changes, ...$step->refused] as $change) {
                $stepsAt[$change->line][$label] = true;
            }
        }
        $rows = [];
        foreach (explode("\n", strtr(rtrim($sheet->text()), ["\r\n" => "\n", "\r" => "\n"])) as $index => $before) {
            $line = $index + 1;
            $rows[] = new TidyRowView($line, $before, $tidied->became[$line] ?? [], array_keys($stepsAt[$line] ?? []));
        }

        return new JsonResponse(new TidiedView(
            EditedText::between($sheet->text(), $tidied->text),
            array_map(fn (StepReport $step) => new TidyStepView($step->name, $this->sentences->of($step->label()), \count($step->changes), \count($step->refused)), $tidied->steps),
            $rows,
            $tidied->title,
            array_map($this->sentences->of(...), $tidied->notes),
        ));
    }
}
