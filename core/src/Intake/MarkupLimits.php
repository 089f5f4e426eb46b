<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Source\Regex;

/**
 * Counts what makes markup dear before it is parsed: parsers need time and memory for each tag and character reference, and
 * the more the more attributes one element has.
 */
final class MarkupLimits
{
    /** Programs declare some forty names at the root of a document. */
    private const MAX_ATTRIBUTES = 250;
    /** An element takes some hundred bytes of memory, and a tag of a page ten microseconds. */
    private const MAX_TAGS_OF_XML = 1_500_000;
    private const MAX_TAGS_OF_PAGE = 400_000;
    private const MAX_REFERENCES_OF_PAGE = 200_000;

    private const ATTRIBUTE = '(?:[^<>"\'\s]++|"[^"]*+"|\'[^\']*+\')++';

    /** @throws UnreadableDocument */
    public static function checkXml(string $bytes): void
    {
        // Entities are declared in a document type, and no format that is read here has one. Other encodings would hide it.
        if (false !== stripos($bytes, '<!DOCTYPE') || false !== stripos($bytes, '<!ENTITY') || str_contains($bytes, "\0") || str_starts_with($bytes, "\xFF\xFE") || str_starts_with($bytes, "\xFE\xFF")) {
            throw UnreadableDocument::hasDocumentType();
        }
        self::check($bytes, self::MAX_TAGS_OF_XML);
    }

    /** @throws UnreadableDocument */
    public static function checkPage(string $html): void
    {
        self::check($html, self::MAX_TAGS_OF_PAGE);
        if (substr_count($html, '&') > self::MAX_REFERENCES_OF_PAGE) {
            throw UnreadableDocument::tooMuchMarkup();
        }
    }

    private static function check(string $markup, int $maxTags): void
    {
        if (substr_count($markup, '<') > $maxTags || Regex::match('~<[a-z](?:'.self::ATTRIBUTE.')?+(?:\s++'.self::ATTRIBUTE.'){'.self::MAX_ATTRIBUTES.'}~i', $markup)) {
            throw UnreadableDocument::tooMuchMarkup();
        }
    }
}
