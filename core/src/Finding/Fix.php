<?php

declare(strict_types=1);

namespace Notagram\Finding;

use Notagram\Message\Message;

/**
 * A named set of text edits that removes a finding, in the coordinates of the text that was checked.
 *
 * A safe fix changes no score, no wording and nothing a receiver would have read rightly, so it may be applied unasked;
 * any other must be chosen by a person. A fix without edits concerns the bytes (encoding, byte-order mark).
 */
final readonly class Fix
{
    /**
     * @param list<TextEdit> $edits in order, none overlapping another
     */
    public function __construct(public Message $label, public array $edits, public bool $isSafe)
    {
        $end = -1;
        foreach ($edits as $edit) {
            if ($edit->span->start < $end) {
                throw new \LogicException("The edits of “{$label->id}” overlap or are out of order.");
            }
            $end = $edit->span->end;
        }
    }

    /** @param list<TextEdit> $edits */
    public static function safe(string $label, array $edits, string|int|float|Message ...$arguments): self
    {
        return new self(new Message('fix/'.$label, Message::named($arguments)), $edits, true);
    }

    /** @param list<TextEdit> $edits */
    public static function offered(string $label, array $edits, string|int|float|Message ...$arguments): self
    {
        return new self(new Message('fix/'.$label, Message::named($arguments)), $edits, false);
    }

    public function shiftedBy(int $bytes): self
    {
        return new self($this->label, array_map(static fn (TextEdit $edit) => $edit->shiftedBy($bytes), $this->edits), $this->isSafe);
    }

    public function appliedTo(string $text): string
    {
        return TextEdit::allIn($text, $this->edits);
    }
}
