<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Handover\XmlCharacters;

/** Writes elements as XML 1.0 in UTF-8. Elements stand on lines of their own, and texts as they are. */
final readonly class XmlFile
{
    private function __construct(private \XMLWriter $xml, private QtiVersion $version)
    {
    }

    public static function of(Element $root, QtiVersion $version): string
    {
        $file = self::inMemory($version);
        $file->xml->startDocument('1.0', 'UTF-8');
        $file->element($root, 0);

        return rtrim($file->xml->outputMemory())."\n";
    }

    /** @param list<Element|string> $content */
    public static function fragment(array $content, QtiVersion $version): string
    {
        $file = self::inMemory($version);
        // Outside of an element, the library writes a text without escaping it.
        $file->xml->startElement('x');
        $file->content($content, null);
        $file->xml->fullEndElement();

        return substr($file->xml->outputMemory(), \strlen('<x>'), -\strlen('</x>'));
    }

    private static function inMemory(QtiVersion $version): self
    {
        $xml = new \XMLWriter();
        $xml->openMemory();

        return new self($xml, $version);
    }

    /** @param ?int $depth null within a text, where white space counts */
    private function element(Element $element, ?int $depth): void
    {
        $this->xml->startElement($element->isMarkup ? $element->name : $this->version->element($element->name));
        foreach ($element->attributes as $name => $value) {
            $this->xml->writeAttribute($element->isMarkup ? $name : $this->version->attribute($name), XmlCharacters::cleaned($value));
        }
        $isText = [] !== array_filter($element->children, static fn (Element|string $child) => \is_string($child) || $child->isMarkup);
        $this->content($element->children, $isText || null === $depth ? null : $depth + 1);
        if (!$isText && null !== $depth && [] !== $element->children) {
            $this->xml->text("\n".str_repeat('  ', $depth));
        }
        $this->xml->endElement();
    }

    /** @param list<Element|string> $content */
    private function content(array $content, ?int $depth): void
    {
        foreach ($content as $child) {
            if (\is_string($child)) {
                $this->xml->text(XmlCharacters::cleaned($child));
                continue;
            }
            if (null !== $depth) {
                $this->xml->text("\n".str_repeat('  ', $depth));
            }
            $this->element($child, $depth);
        }
    }
}
