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

    /**
     * The same for a text whose lines came from those of the original.
     *
     * @param list<int> $origins for each line, the line of the original that it came from, from 1
     */
    public function movedTo(array $origins): self
    {
        $places = [];
        foreach ($this->places as $step => $lines) {
            $isRefused = array_fill_keys($lines, true);
            foreach ($origins as $index => $origin) {
                if (isset($isRefused[$origin])) {
                    $places[$step][] = $index + 1;
                }
            }
        }

        return new self($this->steps, $places);
    }
}
