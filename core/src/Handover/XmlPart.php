<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** A part of a document, written in memory. */
final class XmlPart extends \XMLWriter
{
    /**
     * An element with nothing in it.
     *
     * @param array<string, string> $attributes
     */
    public function lone(string $name, array $attributes = []): void
    {
        $this->opened($name, $attributes);
        $this->endElement();
    }

    /**
     * Opens an element.
     *
     * @param array<string, string> $attributes
     */
    public function opened(string $name, array $attributes): void
    {
        $this->startElement($name);
        foreach ($attributes as $attribute => $value) {
            $this->writeAttribute($attribute, $value);
        }
    }
}
