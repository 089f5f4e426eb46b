<?php

declare(strict_types=1);

namespace App\View;

/** An option, with the letter that it has in the sheet. */
final readonly class SittingOptionView
{
    public function __construct(public string $letter, public string $html)
    {
    }
}
