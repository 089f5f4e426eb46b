<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/** A text with the format its author wrote it in; lines are parted by LF. */
final readonly class FormattedText
{
    public const AUTO = 'auto';
    public const HTML = 'html';
    public const MARKDOWN = 'markdown';
    public const PLAIN = 'plain';

    /** White space that is not a single blank; those of Unicode by their bytes. */
    private const UNEVEN = '  |[\t\r\n\f\x0B]|\xC2[\x85\xA0]|\xE1\x9A\x80|\xE2\x80[\x80-\x8A\xA8\xA9\xAF]|\xE2\x81\x9F|\xE3\x80\x80';

    /**
     * @param string $format one of the constants, or the word as written where it is another
     */
    public function __construct(public string $text, public string $format = self::AUTO)
    {
    }

    public function isEmpty(): bool
    {
        return '' === $this->text;
    }

    /** What a pupil reads: without tags and entities, emphasis signs taken out of Markdown, white space collapsed. */
    public function plain(): string
    {
        $text = $this->text;
        if (self::MARKDOWN !== $this->format && !Regex::match('/[<&]|'.self::UNEVEN.'/', $text)) {
            return trim($text);
        }
        if (self::PLAIN !== $this->format && false !== strpbrk($text, '<&')) {
            $text = html_entity_decode(Regex::replace('~<(?:/?[a-zA-Z][^<>]*+|!--.*?--)>~s', ' ', $text), \ENT_QUOTES | \ENT_HTML5, 'UTF-8');
        }
        if (self::MARKDOWN === $this->format) {
            $text = Regex::replace('/!\[[^\]]*+\]\([^)]*+\)|(?<=\])\([^)]*+\)/', '', $text);
            $text = Regex::replace('/[*`]++|(?<!\w)__?(?=\w)|(?<=\w)__?(?!\w)/', '', $text);
        }

        return (new self($text))->collapsed();
    }

    /** The text with every run of white space made one blank: as a pupil reads it. */
    public function collapsed(): string
    {
        if (!Regex::match('/'.self::UNEVEN.'/', $this->text)) {
            return trim($this->text);
        }

        return trim(Regex::replace('/[\s\x{A0}]++/u', ' ', $this->text));
    }
}
