<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** An item with its place in a package. */
final readonly class PackagedItem
{
    /**
     * @param list<string>          $category  the path
     * @param Element               $inSection what stands in its section: itself in 1.2, and a reference to its file in others
     * @param ?string               $file      what its own file holds; null where it has none
     * @param array<string, string> $pictures  their bytes, by their places in the package
     */
    public function __construct(public string $identifier, public array $category, public Element $inSection, public ?string $file, public array $pictures)
    {
    }

    /** Where its own file lies. */
    public static function place(string $identifier): string
    {
        return "items/{$identifier}.xml";
    }
}
