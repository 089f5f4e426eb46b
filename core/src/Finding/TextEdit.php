<?php

declare(strict_types=1);

namespace Notagram\Finding;

use Notagram\Source\Span;

/** Puts $text in the place of a span. */
final readonly class TextEdit
{
    public function __construct(public Span $span, public string $text)
    {
    }

    public static function insert(int $offset, string $text): self
    {
        return new self(Span::at($offset), $text);
    }

    public static function remove(Span $span): self
    {
        return new self($span, '');
    }

    /** @param list<self> $edits in order, none overlapping another */
    public static function allIn(string $text, array $edits): string
    {
        $result = '';
        $offset = 0;
        foreach ($edits as $edit) {
            $result .= substr($text, $offset, $edit->span->start - $offset).$edit->text;
            $offset = $edit->span->end;
        }

        return $result.substr($text, $offset);
    }

    public function shiftedBy(int $bytes): self
    {
        return new self($this->span->shiftedBy($bytes), $this->text);
    }
}
