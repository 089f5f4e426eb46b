<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Source\Regex;

/** The parts of a document that is a zip archive. Nothing is ever written to disk under a name from within it. */
final class Archive
{
    private const MAX_UNPACKED_MB = 100;
    /** A text of this size holds many thousands of questions; its tree takes ten times as much memory. */
    public const MAX_XML_MB = 24;

    private int $unpacked = 0;
    /** @var array<string, ?Picture> unpacked once each, however often they are shown */
    private array $pictures = [];

    private function __construct(private readonly \ZipArchive $zip)
    {
    }

    /** @throws UnreadableDocument */
    public static function of(string $bytes): self
    {
        // The extension opens files only.
        $file = tempnam(sys_get_temp_dir(), 'notagram');
        if (false === $file) {
            throw new \RuntimeException('There is no room for a temporary file.');
        }
        try {
            file_put_contents($file, $bytes);
            $zip = new \ZipArchive();
            if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
                throw UnreadableDocument::damaged();
            }
        } finally {
            // What is open stays readable.
            unlink($file);
        }

        return new self($zip);
    }

    /** @return list<string> of all parts */
    public function names(): array
    {
        $names = [];
        for ($index = 0; $index < $this->zip->numFiles; ++$index) {
            $names[] = (string) $this->zip->getNameIndex($index);
        }

        return $names;
    }

    /**
     * A part by its name; null where there is none.
     *
     * @throws UnreadableDocument
     */
    public function part(string $name, int $maxMegabytes = self::MAX_UNPACKED_MB): ?string
    {
        $stat = $this->zip->statName($name);
        if (false === $stat) {
            return null;
        }
        if (0 !== $stat['encryption_method']) {
            throw UnreadableDocument::encrypted();
        }
        $stream = $this->zip->getStream($name);
        if (false === $stream) {
            throw UnreadableDocument::damaged();
        }
        // What the archive says of its sizes need not be true.
        $left = min($maxMegabytes * 1_000_000, self::MAX_UNPACKED_MB * 1_000_000 - $this->unpacked);
        $bytes = (string) stream_get_contents($stream, $left + 1);
        fclose($stream);
        $this->unpacked += \strlen($bytes);
        if (\strlen($bytes) > $left) {
            throw UnreadableDocument::tooLarge($maxMegabytes);
        }
        if (\strlen($bytes) !== $stat['size']) {
            throw UnreadableDocument::damaged();
        }

        return $bytes;
    }

    /**
     * Unpacks every part once, and keeps none, for a library that would unpack them without a limit.
     *
     * @param int $maxXmlMegabytes of the parts that are markup together
     *
     * @throws UnreadableDocument
     */
    public function checkAll(int $maxXmlMegabytes = self::MAX_XML_MB): void
    {
        $xml = 0;
        foreach ($this->names() as $name) {
            $bytes = str_ends_with($name, '/') ? '' : (string) $this->part($name);
            if (Regex::match('/\.(?:xml|rels|vml)\z/i', $name)) {
                $xml += \strlen($bytes);
                if ($xml > $maxXmlMegabytes * 1_000_000) {
                    throw UnreadableDocument::tooLarge($maxXmlMegabytes);
                }
                MarkupLimits::checkXml($bytes);
            }
        }
    }

    /**
     * A part that is a picture; null where there is none, or the name leads out of the document.
     *
     * @throws UnreadableDocument
     */
    public function picture(string $name): ?Picture
    {
        if (!\array_key_exists($name, $this->pictures)) {
            $bytes = '' === $name || str_contains($name, '..') || str_contains($name, ':') ? null : $this->part($name);
            $this->pictures[$name] = null === $bytes ? null : new Picture(basename($name), $bytes);
        }

        return $this->pictures[$name];
    }

    /**
     * A part that is XML; null where there is none.
     *
     * @param array<string, string> $namespaces those that have two names, each with the name that the reader knows
     *
     * @throws UnreadableDocument
     */
    public function xml(string $name, array $namespaces = []): ?\DOMDocument
    {
        $bytes = $this->part($name, self::MAX_XML_MB);
        if (null === $bytes) {
            return null;
        }
        $bytes = [] === $namespaces ? $bytes : strtr($bytes, $namespaces);
        MarkupLimits::checkXml($bytes);
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        try {
            if ('' === $bytes || !$document->loadXML($bytes, \LIBXML_NONET | \LIBXML_COMPACT)) {
                throw UnreadableDocument::damaged();
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }

        return $document;
    }
}
