<?php

declare(strict_types=1);

namespace App\Database;

/** A copy that was not written or put back; its message says why. */
final class CopyFailed extends \RuntimeException
{
}
