<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Message\Message;
use Notagram\Source\Span;

/** Something that may be written at the cursor. */
final readonly class Suggestion
{
    /**
     * @param string|Message $label  what is to be chosen: a text as it would be written, or in words
     * @param ?string        $detail what else tells it from others: the text of an option
     * @param Span           $span   what it stands in the place of
     * @param list<Span>     $fields places in its text that are to be filled in
     */
    public function __construct(public string|Message $label, public ?string $detail, public Span $span, public string $text, public array $fields = [])
    {
    }
}
