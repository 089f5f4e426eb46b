<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** A picture that came with a document. */
final readonly class Picture
{
    public function __construct(public string $name, public string $bytes)
    {
    }
}
