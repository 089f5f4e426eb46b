<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Layer;

/** Tells what was taken off the lines before they were read. */
final readonly class OverlaidSigns implements TidyStep
{
    public function __construct(private Layer $layer)
    {
    }

    public function name(): string
    {
        return $this->layer->value;
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->paper->lines as $line) {
            foreach ([...$line->taken, ...$line->kept] as [$layer, $before, $after]) {
                if ($layer === $this->layer) {
                    $draft->allows($line->number, $before, $after);
                }
            }
        }
        foreach ($draft->lines as $line) {
            if ($this->layer === $draft->paper->lines[$line->origin - 1]->whole) {
                $line->isGone = true;
            }
        }
    }
}
