<?php

declare(strict_types=1);

namespace Notagram\Source;

use Notagram\Message\Message;

/** The encodings that are recognised, and that a person may choose from; the value is the IANA name. */
enum Encoding: string
{
    case Utf8 = 'UTF-8';
    case Utf16Le = 'UTF-16LE';
    case Utf16Be = 'UTF-16BE';
    case Utf32Le = 'UTF-32LE';
    case Utf32Be = 'UTF-32BE';
    case Windows1252 = 'windows-1252';
    case Latin1 = 'ISO-8859-1';
    case Latin9 = 'ISO-8859-15';
    case Macintosh = 'macintosh';
    case Ibm850 = 'IBM850';
    case Ibm437 = 'IBM437';
    case Windows1250 = 'windows-1250';
    case Latin2 = 'ISO-8859-2';
    case Windows1251 = 'windows-1251';
    case Koi8R = 'KOI8-R';
    case Cyrillic = 'ISO-8859-5';
    case Windows1253 = 'windows-1253';
    case Greek = 'ISO-8859-7';
    case Windows1254 = 'windows-1254';
    case Latin5 = 'ISO-8859-9';
    case Windows1255 = 'windows-1255';
    case Windows1256 = 'windows-1256';
    case Windows1257 = 'windows-1257';
    case Windows1258 = 'windows-1258';
    case ShiftJis = 'Shift_JIS';
    case EucJp = 'EUC-JP';
    case Gb18030 = 'GB18030';
    case Big5 = 'Big5';
    case EucKr = 'EUC-KR';

    /**
     * By a name that a page gives it, with what browsers take some names for (WHATWG Encoding Standard, 4.2, from memory).
     *
     * Null where it is none of these.
     */
    public static function named(string $label): ?self
    {
        $label = Regex::replace(['/^x-cp(?=125\d)/', '/^x-mac-roman\z/', '/^(?:gb2312|gbk|x-gbk)\z/', '/^(?:us-)?ascii\z/'], ['cp', 'macintosh', 'gb18030', 'windows-1252'], strtolower(trim($label)));
        foreach (self::cases() as $encoding) {
            $aliases = array_filter(\UConverter::getAliases($encoding->converterName()), is_string(...));
            if (\in_array($label, array_map(strtolower(...), [$encoding->value, ...array_values($aliases)]), true)) {
                return match ($encoding) {
                    self::Latin1 => self::Windows1252,
                    self::Latin5 => self::Windows1254,
                    default => $encoding,
                };
            }
        }

        return null;
    }

    /** UTF-8 text; what cannot be decoded becomes U+FFFD. */
    public function decode(string $bytes): string
    {
        return match ($this) {
            self::Utf8 => mb_check_encoding($bytes, 'UTF-8') ? $bytes : \UConverter::transcode($bytes, 'UTF-8', 'UTF-8'),
            default => \UConverter::transcode($bytes, 'UTF-8', $this->converterName()),
        };
    }

    /** How many bytes a character takes at least. */
    public function unit(): int
    {
        return match ($this) {
            self::Utf16Le, self::Utf16Be => 2,
            self::Utf32Le, self::Utf32Be => 4,
            default => 1,
        };
    }

    /** How people call it. */
    public function label(): Message
    {
        return new Message('encoding/'.$this->value);
    }

    /** What ICU calls it, with the table named where the plain name stands for another one. */
    private function converterName(): string
    {
        return match ($this) {
            self::Windows1250 => 'ibm-5346_P100-1998',
            self::Windows1251 => 'ibm-5347_P100-1998',
            self::Windows1252 => 'ibm-5348_P100-1997',
            self::Windows1253 => 'ibm-5349_P100-1998',
            self::Windows1254 => 'ibm-5350_P100-1998',
            self::Windows1255 => 'ibm-9447_P100-2002',
            self::Windows1256 => 'ibm-9448_X100-2005',
            self::Windows1257 => 'ibm-9449_P100-2002',
            self::Windows1258 => 'ibm-5354_P100-1998',
            self::ShiftJis => 'ibm-943_P15A-2003',
            self::Big5 => 'windows-950-2000',
            self::EucKr => 'windows-949-2000',
            default => $this->value,
        };
    }
}
