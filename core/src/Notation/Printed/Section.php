<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** A part of a test, with what its heading says of the questions in it. */
final class Section
{
    /** @var list<Piece> */
    public array $heading = [];
    public ?string $part = null;
    /** The kind of question that the heading announces; empty where it announces none. */
    public string $kind = '';
    /** The points of each of its questions; empty where it gives none. */
    public string $points = '';
    /** The points of the whole section, where the heading gives none to each question. */
    public ?string $total = null;
}
