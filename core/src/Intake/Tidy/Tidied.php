<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Intake\Emphasis;
use Notagram\Message\Message;

/** A tidied text, with what each step did to it. */
final readonly class Tidied
{
    /**
     * @param string           $text  a Starred list; lines parted by LF
     * @param list<StepReport> $steps those that did something, or would have
     * @param ?string          $title that stood above the questions
     * @param list<Message>    $notes what was left where it is, and wants a look
     * @param array<int, list<string>> $became what each line of the original became, from 1; none where it is gone
     * @param list<int>        $origins for each line of the text, the line of the original that it came from, from 1
     */
    public function __construct(public string $text, public array $steps, public ?string $title, public array $notes, public array $became, private array $origins)
    {
    }

    /** How many lines its steps change, a line counted once for each. */
    public function changeCount(): int
    {
        return array_sum(array_map(static fn (StepReport $step) => \count($step->changes), $this->steps));
    }

    /**
     * What stood out in the original, where it stands now. What is gone is left out.
     *
     * @param list<Emphasis> $emphasised
     *
     * @return list<Emphasis>
     */
    public function emphasisIn(array $emphasised): array
    {
        $places = [];
        foreach ($this->origins as $index => $origin) {
            $places[$origin] ??= $index + 1;
        }
        $here = array_filter($emphasised, static fn (Emphasis $one) => isset($places[$one->line]));

        return array_values(array_map(static fn (Emphasis $one) => new Emphasis($places[$one->line], $one->text), $here));
    }
}
