<?php

declare(strict_types=1);

namespace Notagram\Finding;

use Notagram\Message\Message;

/**
 * What would mend a finding, as a value. The notation of the text says by which edits, or that it has no way to.
 *
 * A remedy is offered to a person, who must choose it.
 *
 * @phpstan-sealed Remedy\Accept|Remedy\Drop|Remedy\Share|Remedy\Unstar
 */
interface Remedy
{
    /** What a person chooses. */
    public function label(): Message;
}
