<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Layer;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Takes from a stem what only names the kind of its question: “(Multiple choice)” before or behind it. */
final readonly class KindNotes implements TidyStep
{
    public function name(): string
    {
        return Layer::Kind->value;
    }

    public function apply(Draft $draft): void
    {
        (new OverlaidSigns(Layer::Kind))->apply($draft);
        foreach ($draft->questions as $question) {
            $this->before($draft, $question, $question->first());
        }
    }

    private function before(Draft $draft, DraftQuestion $question, DraftLine $line): void
    {
        if (!str_contains('([*_', $line->body[0] ?? '.')) {
            return;
        }
        $words = PaperWords::all();
        // “True or false: …” without brackets is what the stem asks.
        $isNote = Regex::match("~^[*_]{0,3}[(\\[]\\s*+(?:{$words->kindName})\\s*+[)\\]][*_]{0,3}[:.]?\\s*+(?=\\S)~iu", $line->body, $match);
        if (!$isNote || !$draft->edit($line, substr($line->body, \strlen($match[0])))) {
            return;
        }
        if ('true-false' === $words->kindIn($match[0]) && $question->isBare() && !$question->hasBlank()) {
            $question->truths = Answering::with($question->truths, $draft->putIn($question->last(), Answering::both($draft, $match[0]), Role::Truth));
        }
    }
}
