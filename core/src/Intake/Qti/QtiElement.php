<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Intake\XmlElements;
use Notagram\Source\Regex;

/** An element of any version, by the names that version 2.1 gives it: namespaces and the hyphens of 3.0 do not matter. */
final readonly class QtiElement
{
    public string $name;

    public function __construct(public \DOMElement $node)
    {
        $this->name = self::nameOf($node);
    }

    public static function nameOf(\DOMElement $node): string
    {
        $name = (string) $node->localName;

        return str_starts_with($name, 'qti-') ? Regex::replaceBy('/-([a-z])/', static fn (array $match) => ucfirst($match[1]), substr($name, 4)) : $name;
    }

    /** Empty where it has none. */
    public function attribute(string $name): string
    {
        return trim($this->node->getAttribute($this->node->hasAttribute($name) ? $name : strtolower(Regex::replace('/(?<=[a-z])(?=[A-Z])/', '-', $name))));
    }

    /** @return list<self> */
    public function children(string ...$names): array
    {
        $children = [];
        foreach ($this->node->childNodes as $child) {
            if ($child instanceof \DOMElement && ([] === $names || \in_array(self::nameOf($child), $names, true))) {
                $children[] = new self($child);
            }
        }

        return $children;
    }

    public function child(string ...$names): ?self
    {
        return $this->children(...$names)[0] ?? null;
    }

    /**
     * Those within it at any depth, in the order in which they stand.
     *
     * @return list<self>
     */
    public function all(string ...$names): array
    {
        $all = [];
        foreach (XmlElements::within($this->node) as $node) {
            if (\in_array(self::nameOf($node), $names, true)) {
                $all[] = new self($node);
            }
        }

        return $all;
    }

    public function first(string ...$names): ?self
    {
        foreach (XmlElements::within($this->node) as $node) {
            if (\in_array(self::nameOf($node), $names, true)) {
                return new self($node);
            }
        }

        return null;
    }

    /** Its words as they are. */
    public function text(): string
    {
        return $this->node->textContent;
    }

    /** Its words with white space made one blank. */
    public function words(): string
    {
        return trim(Regex::replace('/\s++/u', ' ', mb_scrub($this->node->textContent)));
    }

    /** @return list<\DOMNode> */
    public function nodes(): array
    {
        return array_values(iterator_to_array($this->node->childNodes));
    }
}
