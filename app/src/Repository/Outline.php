<?php

declare(strict_types=1);

namespace App\Repository;

/** The state of a sheet's questions, as far as the shelf shows it. */
final readonly class Outline
{
    /**
     * @param string $key      names the text that it is of
     * @param string $states   a letter for each question
     * @param int    $unmarked how many questions have no right answer
     */
    public function __construct(public string $key, public string $states, public int $unmarked)
    {
    }
}
