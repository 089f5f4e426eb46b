<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Intake\Json\QuestionsJson;
use Notagram\Intake\OpenText\OpenTextDocument;
use Notagram\Intake\Qti\QtiPackage;
use Notagram\Intake\RichText\RichTextDocument;
use Notagram\Intake\Table\TableFiles;
use Notagram\Intake\Word\WordDocument;
use Notagram\Source\Encoding;
use Notagram\Source\FileKind;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** Tells a document from a plain text, and reads it. */
final class Documents
{
    /** The endings of the files that are read, besides those of plain texts and of tables. */
    public const ENDINGS = ['docx', 'odt', 'rtf', 'html', 'htm', 'json', 'zip', 'xml'];

    /**
     * @param string $name of the file, if it has one: it tells a page from a text that holds tags
     *
     * @return ?Manuscript null where the bytes are a plain text
     *
     * @throws UnreadableDocument where they are of a kind that is not read, or are not as that kind should be
     */
    public static function read(string $bytes, string $name = ''): ?Manuscript
    {
        $kind = FileKind::of($bytes);
        $refusal = $kind->refusal();
        if (null !== $refusal) {
            throw UnreadableDocument::of($refusal);
        }

        return match ($kind) {
            FileKind::WordDocument => WordDocument::read($bytes),
            FileKind::OpenDocumentText => OpenTextDocument::read($bytes),
            FileKind::RichText => RichTextDocument::read($bytes),
            FileKind::Workbook, FileKind::OpenDocumentSpreadsheet => TableFiles::document($bytes),
            FileKind::Archive => TextArchive::read($bytes) ?? QtiPackage::read($bytes)?->manuscript(),
            default => QuestionsJson::read($bytes, $name)?->manuscript()
                ?? QtiPackage::read($bytes)?->manuscript()
                ?? (self::isPage($bytes, $name) ? HtmlPage::read(SourceText::fromBytes($bytes, self::declaredIn($bytes))->text) : null),
        };
    }

    /**
     * What a page says of its own encoding, within the 1,024 bytes in which browsers look for it (WHATWG HTML, 13.2.3.2).
     *
     * Null where it says nothing that is known, or is UTF-8 in truth: many were saved anew and kept what they said.
     */
    private static function declaredIn(string $bytes): ?Encoding
    {
        if (mb_check_encoding($bytes, 'UTF-8') || !Regex::match('/<(?:meta\b[^>]*?\bcharset|\?xml\b[^>]*?\bencoding)\s*+=\s*+["\']?\s*+([\w.:-]++)/i', substr($bytes, 0, 1_024), $match)) {
            return null;
        }
        $encoding = Encoding::named($match[1]);

        // It was found by single bytes, and is no UTF-8.
        return null === $encoding || $encoding->unit() > 1 || Encoding::Utf8 === $encoding ? null : $encoding;
    }

    private static function isPage(string $bytes, string $name): bool
    {
        return Regex::match('/\.html?\z/i', $name) || Regex::match('/^(?:\xEF\xBB\xBF)?\s*+<(?:!doctype html|html[\s>])/i', substr($bytes, 0, 200));
    }
}
