<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\DraftQuestion;

/** An answer in brackets behind a stem. */
final readonly class BracketedAnswer
{
    /**
     * @param string $stem       the last line of the stem without it
     * @param bool   $isLabelled whether a word says that it is the answer
     */
    public function __construct(public DraftQuestion $question, public string $text, public string $stem, public bool $isLabelled = false)
    {
    }
}
