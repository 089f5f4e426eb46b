<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Request\NamedNotation;
use App\Request\TidyRequest;
use App\View\TidiedView;
use App\View\TidyRowView;
use App\View\TidyStepView;
use Notagram\Editing\EditedText;
use Notagram\Editing\WordChanges;
use Notagram\Handover\GoingOn;
use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\StepReport;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineEnding;
use Notagram\Source\SourceText;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says what tidying makes of the text; the browser makes the edits, so that they can be undone there. */
#[Route('/api/sheets/{id}/tidying', methods: ['POST'])]
final readonly class TidySheet
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] TidyRequest $request): TidiedView
    {
        $names = array_map(static fn (TidyStep $step) => $step->name(), Tidy::steps());
        $tidied = Tidy::of($sheet->text(), new Refusals($request->refusedSteps, array_fill_keys($names, $request->refusedLines)));
        $stepsAt = [];
        foreach ($tidied->steps as $step) {
            foreach ([...$step->changes, ...$step->refused] as $change) {
                $stepsAt[$change->line][$step->name] = true;
            }
        }
        $rows = [];
        foreach (explode("\n", LineEnding::folded(rtrim($sheet->text()))) as $index => $before) {
            $line = $index + 1;
            $after = $tidied->became[$line] ?? null;
            $rows[] = new TidyRowView($line, WordChanges::between($before, implode("\n", $after ?? [])), null === $after, array_keys($stepsAt[$line] ?? []));
        }

        return new TidiedView(
            EditedText::between($sheet->text(), $tidied->text),
            array_map(fn (StepReport $step) => new TidyStepView($step->name, $this->sentences->of($step->label()), \count($step->changes), \count($step->refused)), $tidied->steps),
            $rows,
            array_map($this->sentences->of(...), $tidied->notes),
            null === $request->goesOnIn ? [] : array_map($this->sentences->of(...), $this->goingOn($sheet, $tidied->text, $request->goesOnIn)->losses),
        );
    }

    private function goingOn(Sheet $sheet, string $text, string $notation): GoingOn
    {
        return GoingOn::of(
            ReadSheet::of(SourceText::fromUtf8($text), $sheet->notation()),
            NamedNotation::of($notation),
        );
    }
}
