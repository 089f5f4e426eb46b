<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

/** What a key list says of one question. */
final readonly class KeyEntry
{
    /**
     * @param ?string $part   of a test whose numbers start again, as named there; null where none is named
     * @param ?int    $number the printed one; null in a list of letters alone, which goes by order
     * @param string  $answer as written: letters, a word for true or false, accepted forms parted by “ / ”
     * @param ?string $remark what the list says of it besides
     */
    public function __construct(public ?string $part, public ?int $number, public string $answer, public ?string $remark = null)
    {
    }
}
