<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\ReadLimits;
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

    /** The elements of HTML before and after which a browser begins a line or a cell (the HTML Standard, rendering of flow content, from memory). */
    private const PARTING = ['address', 'article', 'aside', 'blockquote', 'br', 'caption', 'center', 'dd', 'details', 'div', 'dl', 'dt', 'figcaption', 'figure', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'hr', 'li', 'ol', 'p', 'pre', 'section', 'summary', 'table', 'tbody', 'td', 'tfoot', 'th', 'thead', 'tr', 'ul'];

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
        if (self::MARKDOWN !== $this->format && !Regex::match('/[<&]|'.self::UNEVEN.'/', $this->text)) {
            return trim($this->text);
        }
        $text = $this->withoutTags();
        if (self::MARKDOWN === $this->format) {
            $text = Regex::replace('/!\[[^\]]*+\]\([^)]*+\)|(?<=\])\([^)]*+\)/', '', $text);
            $text = Regex::replace('/[*`]++|(?<!\w)__?(?=\w)|(?<=\w)__?(?!\w)/', '', $text);
        }

        return (new self($text))->collapsed();
    }

    /** The text with its entities read and its tags taken out, of which some parted words; in Markdown's code, either is text. */
    public function withoutTags(): string
    {
        if (self::PLAIN === $this->format || false === strpbrk($this->text, '<&')) {
            return $this->text;
        }
        $code = self::MARKDOWN === $this->format ? '(?<!`)(`++)(?:[^`]++|(?!\1(?!`))`++)*+\1(?!`)(*SKIP)(*F)|' : '()';

        return Regex::replaceBy('~'.$code.'<(?:/?([a-z][a-z0-9]*+)[^<>]*+|!--.*?--)>|&(?:#\d++|#x[\da-f]++|\w++);~si', static fn (array $match) => match (true) {
            '&' === $match[0][0] => html_entity_decode($match[0], \ENT_QUOTES | \ENT_HTML5, 'UTF-8'),
            \in_array(strtolower($match[2] ?? ''), self::PARTING, true) => ' ',
            default => '',
        }, $this->text);
    }

    /** Whether it has so much markup that it is shown as it is written: no pupil sees such a text, and none should be waited for. */
    public function isTooMuchToRender(): bool
    {
        $length = \strlen($this->text);

        return match ($this->format) {
            self::MARKDOWN => $length > ReadLimits::MAX_MARKDOWN_BYTES || $this->hasTooManyTags() || $this->nestsTooDeeply(),
            self::HTML, self::AUTO => ($length > ReadLimits::MAX_RENDERED_BYTES && false !== strpbrk($this->text, '<&')) || $this->hasTooManyTags(),
            default => false,
        };
    }

    private function hasTooManyTags(): bool
    {
        return \strlen($this->text) > ReadLimits::MAX_TAGS_PER_TEXT && substr_count($this->text, '<') > ReadLimits::MAX_TAGS_PER_TEXT;
    }

    /** By the marks of quotations and lists at the start of one line, or how far it is set in. */
    private function nestsTooDeeply(): bool
    {
        return Regex::match('/^(?:(?:[ \t]*+(?:>|[-*+](?=[ \t])|\d{1,9}[.)](?=[ \t]))){'.(ReadLimits::MAX_MARKDOWN_NESTING + 1).'}|[ \t]{'. 5 * ReadLimits::MAX_MARKDOWN_NESTING.'})/m', $this->text);
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
