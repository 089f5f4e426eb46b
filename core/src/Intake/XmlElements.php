<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** Elements of a document by their name, in order. (The list that the DOM itself gives walks from its start for each of them.) */
final class XmlElements
{
    /** @return list<\DOMElement> the children of an element, or of a document's root; none where there is none */
    public static function children(\DOMDocument|\DOMElement|null $parent, string $namespace, string $name): array
    {
        $children = [];
        foreach (($parent instanceof \DOMDocument ? $parent->documentElement : $parent)->childNodes ?? [] as $child) {
            if ($child instanceof \DOMElement && $child->localName === $name && $child->namespaceURI === $namespace) {
                $children[] = $child;
            }
        }

        return $children;
    }
}
