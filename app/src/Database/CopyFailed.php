<?php

declare(strict_types=1);

namespace App\Database;

use Notagram\Message\Message;

/** A copy that was not written or put back, and why. */
final class CopyFailed extends \RuntimeException
{
    public function __construct(public readonly Message $reason, ?\Throwable $previous = null)
    {
        parent::__construct($reason->id, 0, $previous);
    }
}
