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
        public Certainty $certainty = Certainty::Certain,
    ) {
    }

    /**
     * A text that is known to be valid UTF-8, as the application holds it.
     *
     * @throws InvalidUtf8 if it is not
     */
    public static function fromUtf8(string $text, Encoding $cameAs = Encoding::Utf8, bool $hasBom = false, int $undecodable = 0, Certainty $certainty = Certainty::Certain): self
    {
        // PCRE remembers with the string that it is valid, which every pattern on it gains from; here a failure is the answer.
        if (1 !== preg_match('//u', $text)) {
            throw new InvalidUtf8('The text is not valid UTF-8.');
        }

        return new self($text, $cameAs, $hasBom, $undecodable, $certainty);
    }

    /** Decodes a file, in the encoding that a person chose or else in the one that its bytes speak for. */
    public static function fromBytes(string $bytes, ?Encoding $chosen = null): self
    {
        $guess = EncodingGuess::of($bytes);
        $encoding = $chosen ?? $guess->encoding;
        $hasBom = $guess->markLength > 0 && $encoding === $guess->encoding;
        $bytes = $hasBom ? substr($bytes, $guess->markLength) : $bytes;
        $text = $encoding->decode($bytes);
        // Those that were in a UTF-8 file already were lost before.
        $lost = substr_count($text, "\u{FFFD}") - (Encoding::Utf8 === $encoding ? substr_count($bytes, "\u{FFFD}") : 0);

        return new self($text, $encoding, $hasBom, max(0, $lost), null === $chosen ? $guess->certainty : Certainty::Certain);
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
