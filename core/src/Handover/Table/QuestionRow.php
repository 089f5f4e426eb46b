<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

use Notagram\Notation\Loss;

/** A question as one row, each cell by the heading of its column. */
final readonly class QuestionRow
{
    /**
     * @param array<string, string> $cells those that are not empty
     * @param list<Loss>            $losses
     */
    public function __construct(public array $cells, public array $losses)
    {
    }
}
