<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Intake\Terms\TermKind;

/** Some terms that are asked together. */
final readonly class TermBlockView
{
    /** @param list<TermView> $terms */
    public function __construct(
        public TermKind $kind,
        public array $terms,
    ) {
    }
}
