<?php

declare(strict_types=1);

namespace App\View;

/** What is to be given a match, and how an answer names it. */
final readonly class SittingPromptView
{
    public function __construct(public string $name, public string $html)
    {
    }
}
