<?php

declare(strict_types=1);

namespace Notagram\Source;

/** The encodings a person may choose from; the value is the IANA name. */
enum Encoding: string
{
    case Utf8 = 'UTF-8';
    case Utf16Le = 'UTF-16LE';
    case Utf16Be = 'UTF-16BE';
    case Windows1250 = 'windows-1250';
    case Windows1251 = 'windows-1251';
    case Windows1252 = 'windows-1252';
    case Windows1253 = 'windows-1253';
    case Windows1254 = 'windows-1254';
    case Latin1 = 'ISO-8859-1';
    case Latin2 = 'ISO-8859-2';
    case Latin9 = 'ISO-8859-15';
    case Macintosh = 'macintosh';
    case Ibm437 = 'IBM437';
    case Ibm850 = 'IBM850';

    /** What ICU calls it. Its own "windows-1252" alias warns, so the table is named. */
    private function converterName(): string
    {
        return match ($this) {
            self::Windows1250 => 'ibm-5346_P100-1998',
            self::Windows1251 => 'ibm-5347_P100-1998',
            self::Windows1252 => 'ibm-5348_P100-1997',
            self::Windows1253 => 'ibm-5349_P100-1998',
            self::Windows1254 => 'ibm-5350_P100-1998',
            default => $this->value,
        };
    }

    /** UTF-8 text; what cannot be decoded becomes U+FFFD. */
    public function decode(string $bytes): string
    {
        return match ($this) {
            self::Utf8 => mb_check_encoding($bytes, 'UTF-8') ? $bytes : \UConverter::transcode($bytes, 'UTF-8', 'UTF-8'),
            default => \UConverter::transcode($bytes, 'UTF-8', $this->converterName()),
        };
    }

    /** How people call it. */
    public function label(): string
    {
        return match ($this) {
            self::Utf8 => 'UTF-8',
            self::Utf16Le => 'UTF-16 (little-endian)',
            self::Utf16Be => 'UTF-16 (big-endian)',
            self::Windows1250 => 'Windows-1250 (Central Europe)',
            self::Windows1251 => 'Windows-1251 (Cyrillic)',
            self::Windows1252 => 'Windows-1252 (Western Europe)',
            self::Windows1253 => 'Windows-1253 (Greek)',
            self::Windows1254 => 'Windows-1254 (Turkish)',
            self::Latin1 => 'ISO 8859-1 (Western Europe)',
            self::Latin2 => 'ISO 8859-2 (Central Europe)',
            self::Latin9 => 'ISO 8859-15 (Western Europe with €)',
            self::Macintosh => 'Mac Roman',
            self::Ibm437 => 'DOS 437',
            self::Ibm850 => 'DOS 850 (Western Europe)',
        };
    }
}
