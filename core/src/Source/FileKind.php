<?php

declare(strict_types=1);

namespace Notagram\Source;

use Notagram\Message\Message;

/** What a file is by its first bytes, so far as it decides whether it can be read as a text. */
enum FileKind
{
    case Text;
    /** Office Open XML. */
    case WordDocument;
    case OpenDocumentText;
    case RichText;
    case OldWordProcessor;
    case Encrypted;
    /** Office Open XML. */
    case Workbook;
    case OpenDocumentSpreadsheet;
    case OldSpreadsheet;
    case Pdf;
    /** Of what, only what is in it can tell. */
    case Archive;
    case Picture;
    case Binary;

    public static function of(string $bytes): self
    {
        if (str_starts_with($bytes, "PK\x03\x04")) {
            return match (true) {
                Regex::match('~word/document\d*\.xml~', $bytes) => self::WordDocument,
                str_contains(substr($bytes, 0, 200), 'opendocument.text') => self::OpenDocumentText,
                Regex::match('~xl/workbook\d*\.(?:xml|bin)~', $bytes) => self::Workbook,
                str_contains(substr($bytes, 0, 200), 'opendocument.spreadsheet') => self::OpenDocumentSpreadsheet,
                default => self::Archive,
            };
        }

        return match (true) {
            // Word processors put a document that a password protects into the container of the old formats.
            str_starts_with($bytes, "\xD0\xCF\x11\xE0") && str_contains($bytes, "E\0n\0c\0r\0y\0p\0t\0e\0d\0P\0a\0c\0k\0a\0g\0e\0") => self::Encrypted,
            str_starts_with($bytes, "\xD0\xCF\x11\xE0") && str_contains($bytes, "W\0o\0r\0k\0b\0o\0o\0k\0") => self::OldSpreadsheet,
            str_starts_with($bytes, "\xD0\xCF\x11\xE0") => self::OldWordProcessor,
            str_starts_with($bytes, '{\rtf') => self::RichText,
            str_starts_with($bytes, '%PDF-') => self::Pdf,
            str_starts_with($bytes, "\x89PNG"), str_starts_with($bytes, "\xFF\xD8\xFF"), str_starts_with($bytes, 'GIF8') => self::Picture,
            self::looksBinary($bytes) => self::Binary,
            default => self::Text,
        };
    }

    /** Why it is not read, and what to do instead; null for what is. */
    public function refusal(): ?Message
    {
        return match ($this) {
            self::Text, self::WordDocument, self::OpenDocumentText, self::RichText, self::Workbook, self::OpenDocumentSpreadsheet, self::Archive => null,
            self::OldWordProcessor => new Message('refusal/old-word-processor'),
            self::Encrypted => new Message('refusal/encrypted'),
            self::OldSpreadsheet => new Message('refusal/old-spreadsheet'),
            self::Pdf => new Message('refusal/pdf'),
            self::Picture => new Message('refusal/picture'),
            self::Binary => new Message('refusal/binary'),
        };
    }

    private static function looksBinary(string $bytes): bool
    {
        $sample = substr($bytes, 0, 8_192);
        $controls = Regex::matchAll('/[\x00-\x08\x0E-\x1A\x1C-\x1F]/', $sample);

        // Wide encodings are full of NUL bytes.
        return $controls > 4 && $controls > \strlen($sample) / 20 && EncodingGuess::of($bytes)->encoding->unit() < 2;
    }
}
