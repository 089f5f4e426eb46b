<?php

declare(strict_types=1);

namespace App\View;

/** What is written of a block, and what of it is lost. */
final readonly class WrittenView
{
    /**
     * @param list<LossView> $losses
     */
    public function __construct(
        public string $text,
        public array $losses,
    ) {
    }
}
