<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Printed\Layer;
use Notagram\Notation\Printed\Paper;
use Notagram\Source\LineEnding;

/** Makes a Starred list of a printed test: the test is read once as a whole, and each step shows one side of what it was read as. */
final class Tidy
{
    private const MOST_ROUNDS = 5;

    /** @return list<TidyStep> in the order in which they are told */
    public static function steps(): array
    {
        return [
            new Step\OverlaidSigns(Layer::Hidden),
            new Step\OverlaidSigns(Layer::Quotation),
            new Step\OverlaidSigns(Layer::Markdown),
            new Step\PageMarks(),
            new Step\NameLines(),
            new Step\Titles(),
            new Step\RunOnQuestions(),
            new Step\OptionColumns(),
            new Step\WrappedLines(),
            new Step\BracketedPoints(),
            new Step\TrueFalseColumns(),
            new Step\MatchingLists(),
            new Step\OptionLabels('other-signs'),
            new Step\OptionLabels('roman-letters'),
            new Step\OptionLabels('option-letters'),
            new Step\MarksBehind(),
            new Step\AnswerRules(),
            new Step\AnswersInBrackets(),
            new Step\PrintedBlanks(),
            new Step\AnswerLines(),
            new Step\Explanations(),
            new Step\Bookkeeping(),
            new Step\WritingLines(),
            new Step\AnswerKey(),
            new Step\SubNumbers(),
            new Step\Sections(),
            new Step\KindNotes(),
            new Step\Numbers(),
            new Step\Blanks(),
            new Step\BlankLines(),
        ];
    }

    public static function of(string $text, Refusals $refusals = new Refusals()): Tidied
    {
        // Many small objects, of which none holds itself: looking for such ones among them takes up to a quarter of the time.
        $collects = gc_enabled();
        gc_disable();
        try {
            return self::inRounds($text, $refusals);
        } finally {
            if ($collects) {
                gc_enable();
            }
        }
    }

    private static function inRounds(string $text, Refusals $refusals): Tidied
    {
        $steps = self::steps();
        $changes = $refused = [];
        $title = $notes = null;
        $origins = range(1, substr_count(LineEnding::folded($text), "\n") + 1);
        $before = null;
        $lines = $settled = [];
        // A text that came in pieces may be read as another one once it is tidied; hardly ever more than once.
        for ($round = 0; $before !== $text && $round < self::MOST_ROUNDS; ++$round) {
            // What was refused once stays as it is.
            $kept = $settled + array_fill_keys(array_map(static fn (LineChange $change) => $change->line, array_merge(...array_values($refused))), true);
            $draft = self::tidied($text, $refusals->movedTo($origins), array_keys(array_filter($origins, static fn (int $origin) => isset($kept[$origin]))), $steps);
            foreach ($steps as $step) {
                $name = $step->name();
                // At first each line is its own origin.
                $moved = static fn (LineChange $change): LineChange => 0 === $round ? $change : new LineChange($origins[$change->line - 1] ?? 1, $change->before, $change->after);
                $changes[$name] = [...$changes[$name] ?? [], ...array_map($moved, $draft->changesOf($name))];
                $refused[$name] = [...$refused[$name] ?? [], ...array_map($moved, $draft->refusedOf($name))];
            }
            $title ??= $draft->title;
            $notes ??= [...$draft->notes, ...Strays::notesOn($draft)];
            $before = $text;
            $lines = $its = [];
            $latest = 1;
            foreach ($draft->there() as $line) {
                // What moved up from a column is shown where it stands now.
                $latest = max($latest, $origins[$line->origin - 1] ?? 1);
                if ($line->isLeftOver) {
                    $settled[$latest] = true;
                }
                foreach (explode("\n", $line->text()) as $part) {
                    $lines[] = $part;
                    $its[] = $latest;
                }
            }
            while ([] !== $lines && '' === $lines[\count($lines) - 1]) {
                array_pop($lines);
                array_pop($its);
            }
            [$origins, $text] = [$its, [] === $lines ? '' : implode("\n", $lines)."\n"];
            if (RegularList::is($text)) {
                break;
            }
        }
        $reports = [];
        foreach ($steps as $step) {
            $name = $step->name();
            if ([] !== $changes[$name] || [] !== $refused[$name]) {
                $reports[] = new StepReport($name, $changes[$name], $refused[$name]);
            }
        }
        $became = [];
        foreach ($lines as $index => $line) {
            $became[$origins[$index]][] = $line;
        }

        return new Tidied($text, $reports, $title, $notes ?? [], $became, $origins);
    }

    /**
     * @param list<int>      $kept  places of lines that nothing is done to
     * @param list<TidyStep> $steps
     */
    private static function tidied(string $text, Refusals $refusals, array $kept, array $steps): Draft
    {
        $paper = Paper::of($text, static fn (Layer $layer, int $line): bool => $refusals->includes($layer->value, $line));
        $draft = new Draft($paper, $refusals);
        $isKept = array_fill_keys($kept, true);
        foreach ([] === $kept ? [] : $draft->lines as $line) {
            $line->isWhole = isset($isKept[$line->origin - 1]);
        }
        foreach ($steps as $step) {
            $draft->begin($step->name());
            $step->apply($draft);
        }

        return $draft;
    }
}
