<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

/** A picture that a text shows. */
final readonly class ShownPicture
{
    /** @param string $description the words for those who cannot see it */
    public function __construct(public string $source, public string $description)
    {
    }
}
