<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Message\Message;

/** What one step did, or would have done where it was refused. */
final readonly class StepReport
{
    /**
     * @param list<LineChange> $changes those that were made
     * @param list<LineChange> $refused those that were not, because the person said no
     */
    public function __construct(public string $name, public array $changes, public array $refused)
    {
    }

    /** What the step does, as people say it. */
    public function label(): Message
    {
        return new Message('step/'.$this->name);
    }
}
