<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** A file that cannot be read as the document it seems to be. Its message is for the person who brought it. */
final class UnreadableDocument extends \RuntimeException
{
    public static function damaged(): self
    {
        return new self('This word-processor file is damaged or cut off. Open it in its program, save it anew, and bring it in again.');
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self("Unpacked, this file holds more than {$megabytes} MB, which is the most that is read. Split it, or take its pictures out.");
    }

    public static function tooSlow(int $seconds): self
    {
        return new self("This file takes longer than {$seconds} seconds to read. Split it.");
    }

    public static function tooMuchMarkup(): self
    {
        return new self('This file is nested too deeply or has too many parts to read. Copy its text into an empty file, and bring that in.');
    }

    public static function encrypted(): self
    {
        return new self('This file is protected by a password. Open it in its program, save it without one, and bring it in again.');
    }

    public static function hasDocumentType(): self
    {
        return new self('This file declares things that no word processor declares, and that are unsafe to read. It is left alone.');
    }
}
