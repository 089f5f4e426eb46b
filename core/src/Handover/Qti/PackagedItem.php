<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** An item with its place in a package. */
final readonly class PackagedItem
{
    /**
     * @param list<string>          $category the path
     * @param array<string, string> $pictures their bytes, by their places in the package
     */
    public function __construct(public string $identifier, public array $category, public Element $element, public array $pictures)
    {
    }
}
