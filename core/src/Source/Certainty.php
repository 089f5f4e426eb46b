<?php

declare(strict_types=1);

namespace Notagram\Source;

/** How sure it is which encoding a file is in. */
enum Certainty: string
{
    /** The bytes themselves say so: a mark, valid UTF-8, or a person's choice. */
    case Certain = 'certain';
    /** The letters make words of a language, and would not in another encoding. */
    case Likely = 'likely';
    /** Other encodings would do nearly as well. */
    case Guess = 'guess';
}
