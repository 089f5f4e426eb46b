<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

/** A tag as it is written; its name is in small letters, and empty where the tag never ends. */
final readonly class Tag
{
    public function __construct(public string $written, public string $name, public bool $isEnd, public string $attributes)
    {
    }
}
