<?php

declare(strict_types=1);

namespace Notagram\Gathering;

use Notagram\Message\Message;

/** The texts cannot stand in one sheet as they are. */
final class CannotGather extends \RuntimeException
{
    public function __construct(public readonly Message $reason)
    {
        parent::__construct($reason->id);
    }
}
