<?php

declare(strict_types=1);

namespace Notagram\Check;

/**
 * Says one kind of thing about a text, a question or a sheet. Pure: it sees no notation, database or clock.
 *
 * Each names its code in a constant CODE. What it finds says itself what it is about, and what need not be said besides
 * ({@see \Notagram\Finding\Matter}).
 */
interface Rule
{
}
