<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Source\Span;

/** An option as it stands in a block. */
final readonly class StarredOption
{
    /**
     * @param string     $letter as written
     * @param Span       $letterSpan the letter alone
     * @param Span       $span   from its star or letter to its end, lines that go on with it included
     * @param string     $text   with stars of emphasis, without the star of a key; lines parted by LF
     * @param list<Span> $stars  the stars that mark it, with the blank that comes with each
     */
    public function __construct(public string $letter, public Span $letterSpan, public Span $span, public string $text, public array $stars)
    {
    }
}
