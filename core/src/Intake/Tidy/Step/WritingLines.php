<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\TidyStep;

/** Takes out the rules on which pupils write; under a stem without anything else they say that an essay is meant. */
final readonly class WritingLines implements TidyStep
{
    public const ESSAY = '...';

    public function name(): string
    {
        return 'writing-lines';
    }

    public function label(): string
    {
        return 'Lines to write on';
    }

    public function apply(Draft $draft): void
    {
        $scan = $draft->scan();
        $essays = [];
        foreach ($scan->questions as $question) {
            if ([] !== $question->writingLines && $question->isBare() && ('typed' !== $question->kind || \count($question->writingLines) > 1)) {
                $essays[$question->writingLines[0]] = true;
            }
        }
        for ($index = \count($scan->roles) - 1; $index >= 0; --$index) {
            if (LineRole::WritingLine === $scan->roles[$index]) {
                isset($essays[$index]) ? $draft->edit($index, self::ESSAY) : $draft->drop($index);
            }
        }
    }
}
