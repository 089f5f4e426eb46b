<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;

/** Drops the lines to write on; one line of points says that an essay is meant. */
final readonly class WritingLines implements TidyStep
{
    public function name(): string
    {
        return 'writing-lines';
    }

    public const ESSAY = '...';

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            $lines = array_values(array_filter($question->writingLines, static fn (DraftLine $line) => !$line->isGone));
            $isEssay = [] !== $lines && $question->isBare() && ('typed' !== $question->kind() || \count($lines) > 1) && !$question->hasBlank();
            foreach ($lines as $place => $line) {
                if ($isEssay && 0 === $place) {
                    if ($draft->edit($line, self::ESSAY, '', '')) {
                        $line->role = Role::EssayMark;
                        $question->essayMarks[] = $line;
                    }
                } else {
                    $draft->drop($line);
                }
            }
        }
        foreach ($draft->lines as $line) {
            if (Role::WritingLine === $line->role) {
                $draft->drop($line);
            }
        }
    }
}
