<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Intake\OpenText\OpenTextDocument;
use Notagram\Intake\Word\WordDocument;
use Notagram\Source\FileKind;
use Notagram\Source\SourceText;

/** Tells a document from a plain text, and reads it. */
final class Documents
{
    /** The endings of the documents that are read, besides those of plain texts. */
    public const ENDINGS = ['docx', 'odt', 'html', 'htm'];

    /**
     * @param string $name of the file, if it has one: it tells a page from a text that holds tags
     *
     * @return ?Manuscript null where the bytes are a plain text
     *
     * @throws UnreadableDocument
     */
    public static function read(string $bytes, string $name = ''): ?Manuscript
    {
        return match (FileKind::of($bytes)) {
            FileKind::WordDocument => WordDocument::read($bytes),
            FileKind::OpenDocumentText => OpenTextDocument::read($bytes),
            default => self::isPage($bytes, $name) ? HtmlPage::read(SourceText::fromBytes($bytes)->text) : null,
        };
    }

    private static function isPage(string $bytes, string $name): bool
    {
        return 1 === preg_match('/\.html?\z/i', $name) || 1 === preg_match('/^(?:\xEF\xBB\xBF)?\s*+<(?:!doctype html|html[\s>])/i', substr($bytes, 0, 200));
    }
}
