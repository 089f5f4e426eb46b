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

    /** @return list<\DOMElement> all within one, at any depth */
    public static function within(\DOMNode $node): array
    {
        $within = [];
        for ($at = $node->firstChild; null !== $at; $at = self::after($at, $node)) {
            if ($at instanceof \DOMElement) {
                $within[] = $at;
            }
        }

        return $within;
    }

    /** What comes next in the order of the text: its first child, or what follows it or what it is in. */
    private static function after(\DOMNode $at, \DOMNode $whole): ?\DOMNode
    {
        if (null !== $at->firstChild) {
            return $at->firstChild;
        }
        while (null === $at->nextSibling) {
            $at = $at->parentNode;
            if (null === $at || $at === $whole) {
                return null;
            }
        }

        return $at->nextSibling;
    }
}
