<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\Part;

/** One thing that is to be another in a question, or about its place among the others. */
interface Change
{
    /** What the notation must have a place for; null where every notation has. */
    public function part(): ?Part;
}
