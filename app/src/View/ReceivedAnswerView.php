<?php

declare(strict_types=1);

namespace App\View;

/** An answer, and what it earns in per cent, with a true minus sign. */
final readonly class ReceivedAnswerView
{
    public function __construct(public string $text, public string $earns)
    {
    }
}
