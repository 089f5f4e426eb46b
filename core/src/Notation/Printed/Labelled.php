<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** A line that begins with a label: which one, as it is written with its colon and blanks, and what follows it. */
final readonly class Labelled
{
    public function __construct(public Label $label, public string $written, public string $rest)
    {
    }

    /** Whether it answers with a letter alone, or with true or false. */
    public function namesOption(): bool
    {
        return Label::Answer === $this->label && Regex::match('/^[(\[]?(\p{L}++)[)\].]?\s*+\z/u', $this->rest, $match)
            && (1 === \strlen($match[1]) || null !== PaperWords::all()->truth($match[1]));
    }
}
