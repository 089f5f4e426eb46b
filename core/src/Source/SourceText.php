<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * The text of a sheet, decoded: UTF-8 without its byte-order mark, line endings as they came.
 *
 * How it came (encoding, mark) is kept beside it, since that is what the person may have to mend.
 */
final readonly class SourceText
{
    /** @param int $undecodable how many stretches of the file mean nothing in its encoding; each is U+FFFD in the text */
    private function __construct(
        public string $text,
        public Encoding $encoding,
        public bool $hasBom,
        public int $undecodable = 0,
    ) {
    }

    /**
     * A text that is known to be valid UTF-8, as the application holds it.
     *
     * @throws InvalidUtf8 if it is not
     */
    public static function fromUtf8(string $text, Encoding $cameAs = Encoding::Utf8, bool $hasBom = false): self
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new InvalidUtf8('The text is not valid UTF-8.');
        }

        return new self($text, $cameAs, $hasBom);
    }

    /**
     * Decodes a file. Without a chosen encoding: by byte-order mark, else UTF-8 where it is valid, else Windows-1252,
     * the commonest encoding of old Western files (common practice, no source).
     */
    public static function fromBytes(string $bytes, ?Encoding $chosen = null): self
    {
        [$marked, $markLength] = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => [Encoding::Utf8, 3],
            str_starts_with($bytes, "\xFF\xFE") => [Encoding::Utf16Le, 2],
            str_starts_with($bytes, "\xFE\xFF") => [Encoding::Utf16Be, 2],
            default => [null, 0],
        };
        $encoding = $chosen ?? $marked ?? (mb_check_encoding($bytes, 'UTF-8') ? Encoding::Utf8 : Encoding::Windows1252);
        $hasBom = null !== $marked && $encoding === $marked;

        return new self($encoding->decode($hasBom ? substr($bytes, $markLength) : $bytes), $encoding, $hasBom);
    }

    /** The same text, once its file is agreed to be saved as plain UTF-8. */
    public function asPlainUtf8(): self
    {
        return new self($this->text, Encoding::Utf8, false);
    }

    public function isPlainUtf8(): bool
    {
        return Encoding::Utf8 === $this->encoding && !$this->hasBom;
    }

    public function lineEnding(): LineEnding
    {
        return LineEnding::of($this->text);
    }
}
