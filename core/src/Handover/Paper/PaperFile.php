<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

/** What kind of file a paper is. */
enum PaperFile: string
{
    case Page = '';
    case Pdf = 'as-pdf';
    case WordDocument = 'as-docx';
    case OpenDocument = 'as-odt';

    public static function named(string $fileName): ?self
    {
        return match (strtolower(pathinfo($fileName, \PATHINFO_EXTENSION))) {
            'html', 'htm' => self::Page,
            'pdf' => self::Pdf,
            'docx' => self::WordDocument,
            'odt' => self::OpenDocument,
            default => null,
        };
    }

    public function ending(): string
    {
        return match ($this) {
            self::Page => 'html',
            self::Pdf => 'pdf',
            self::WordDocument => 'docx',
            self::OpenDocument => 'odt',
        };
    }

    public function mediaType(): string
    {
        return match ($this) {
            self::Page => 'text/html; charset=UTF-8',
            self::Pdf => 'application/pdf',
            self::WordDocument => 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
            self::OpenDocument => 'application/vnd.oasis.opendocument.text',
        };
    }
}
