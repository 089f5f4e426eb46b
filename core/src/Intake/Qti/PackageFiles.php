<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Intake\Archive;
use Notagram\Intake\MarkupLimits;
use Notagram\Intake\Picture;
use Notagram\Intake\UnreadableDocument;
use Notagram\Source\Encoding;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** The files of a package: of an archive, or a single one. */
final readonly class PackageFiles
{
    /** A document type that only names where it is defined, which is fetched from nowhere. */
    private const DOCUMENT_TYPE = '/<!DOCTYPE\s[^\[<>]*+>/i';

    private function __construct(private ?Archive $archive, private string $bytes)
    {
    }

    /** @throws UnreadableDocument */
    public static function ofArchive(string $bytes): self
    {
        return new self(Archive::of($bytes), '');
    }

    public static function ofOne(string $bytes): self
    {
        return new self(null, $bytes);
    }

    /** @return list<string> the places of those that are XML, in natural order; the empty one is a single file */
    public function names(): array
    {
        if (null === $this->archive) {
            return [''];
        }
        $names = array_values(array_filter($this->archive->names(), static fn (string $name) => Regex::match('/\.xml\z/i', $name) && !str_starts_with($name, '__MACOSX/')));
        natsort($names);

        return array_values($names);
    }

    /**
     * The root of a file; null where there is none of that name, or it is not well-formed.
     *
     * @throws UnreadableDocument where it could do harm
     */
    public function root(string $name): ?QtiElement
    {
        $bytes = null === $this->archive ? $this->bytes : $this->archive->part($name, Archive::MAX_XML_MB);
        if (null === $bytes || '' === trim($bytes)) {
            return null;
        }
        if (!Regex::match('/\A<\?xml[^>]+encoding/i', $bytes) || str_contains(substr($bytes, 0, 100), "\0")) {
            $source = SourceText::fromBytes($bytes);
            $bytes = Encoding::Utf8 === $source->encoding && !$source->hasBom ? $bytes : Regex::replace('/\A\s*+<\?xml[^>]*+>/', '', $source->text);
        }
        $bytes = Regex::replace(self::DOCUMENT_TYPE, '', ltrim($bytes));
        MarkupLimits::checkXml($bytes);
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        try {
            $root = $document->loadXML($bytes, \LIBXML_NONET | \LIBXML_COMPACT | \LIBXML_NOCDATA) ? $document->documentElement : null;
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }

        return null === $root ? null : new QtiElement($root);
    }

    /** @throws UnreadableDocument */
    public function picture(string $name): ?Picture
    {
        return $this->archive?->picture($name);
    }
}
