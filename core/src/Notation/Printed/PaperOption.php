<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** An option of a printed question: the piece that begins it, and those that go on with it. */
final class PaperOption
{
    /** @var list<Piece> */
    public array $more = [];

    public function __construct(public readonly Piece $piece, public readonly OptionMark $mark)
    {
    }
}
