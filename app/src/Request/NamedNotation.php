<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\Refusal;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;

/** A notation that a request names by its id. */
final class NamedNotation
{
    /** @throws Refusal where there is none of that name */
    public static function of(string $id): Notation
    {
        return Notations::find($id) ?? throw Refusal::because(422, 'notation', notation: $id);
    }
}
