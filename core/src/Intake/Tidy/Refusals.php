<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** The steps that a person does not want: as a whole, or at one line of the original. */
final readonly class Refusals
{
    /**
     * @param list<string>             $steps  refused as a whole
     * @param array<string, list<int>> $places by step, the lines at which it is refused
     */
    public function __construct(public array $steps = [], public array $places = [])
    {
    }

    public function includes(string $step, int $line): bool
    {
        return \in_array($step, $this->steps, true) || \in_array($line, $this->places[$step] ?? [], true);
    }
}
