<?php

declare(strict_types=1);

namespace Notagram\Intake\Terms;

/** What becomes of the terms of one block. */
enum TermKind: string
{
    /** A question for each, with all terms of the block to choose from. */
    case Choice = 'choice';
    /** A question for each, whose answer is typed. */
    case Typed = 'typed';
    /** One question for all of them. */
    case Matching = 'matching';
}
