<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

/** What kind of file a paper is. */
enum PaperFile: string
{
    case Page = '';
    case WordDocument = 'as-docx';
    case OpenDocument = 'as-odt';

    public static function named(string $fileName): ?self
    {
        return match (strtolower(pathinfo($fileName, \PATHINFO_EXTENSION))) {
            'html', 'htm' => self::Page,
            'docx' => self::WordDocument,
            'odt' => self::OpenDocument,
            default => null,
        };
    }

    public function ending(): string
    {
        return match ($this) {
            self::Page => 'html',
            self::WordDocument => 'docx',
            self::OpenDocument => 'odt',
        };
    }

    public function mediaType(): string
    {
        return match ($this) {
            self::Page => 'text/html; charset=UTF-8',
            self::WordDocument => 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
            self::OpenDocument => 'application/vnd.oasis.opendocument.text',
        };
    }
}
