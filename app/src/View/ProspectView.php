<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Handover\Tally;
use Notagram\Handover\Target;

/** How many questions would arrive how, each counted once by the worst that happens to it. */
final readonly class ProspectView
{
    public function __construct(public string $target, public int $whole, public int $changed, public int $notReady, public int $dropped)
    {
    }

    public static function of(Target $target, Tally $tally): self
    {
        return new self($target->id(), $tally->whole, $tally->changed, $tally->notReady, $tally->dropped);
    }
}
