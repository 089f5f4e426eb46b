<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Source\Span;

/** A line of a text, without its end and the blanks there. Only spaces and tabs are blanks. */
final readonly class TextLine
{
    /** @param int $number from 1 */
    private function __construct(public int $number, public int $start, public string $text)
    {
    }

    /** @return \Generator<self> LF, CRLF and CR each end one */
    public static function of(string $text): \Generator
    {
        $start = 0;
        $length = \strlen($text);
        for ($number = 1; $start < $length; ++$number) {
            $size = strcspn($text, "\r\n", $start);
            yield new self($number, $start, rtrim(substr($text, $start, $size), " \t"));
            $start += $size + ("\r\n" === substr($text, $start + $size, 2) ? 2 : 1);
        }
    }

    public function isBlank(): bool
    {
        return '' === $this->text;
    }

    public function startsWith(string $mark): bool
    {
        return 0 === substr_compare($this->text, $mark, strspn($this->text, " \t"), \strlen($mark));
    }

    public function end(): int
    {
        return $this->start + \strlen($this->text);
    }

    /** @param non-empty-list<self> $lines */
    public static function spanOf(array $lines): Span
    {
        return new Span($lines[0]->start, $lines[array_key_last($lines)]->end());
    }
}
