<?php

declare(strict_types=1);

namespace App\Guide;

/** A page of the guide, ready to show. */
final readonly class GuidePage
{
    public function __construct(public string $name, public string $title, public string $html)
    {
    }
}
