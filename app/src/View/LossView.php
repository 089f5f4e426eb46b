<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\LossKind;

/** What a target cannot hold, and what happens to it. */
final readonly class LossView
{
    public function __construct(
        public LossKind $kind,
        public string $message,
    ) {
    }
}
