<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\Loss;
use Notagram\Notation\PlacedBlock;

/** What became of one block. */
final readonly class HandedOverBlock
{
    /**
     * @param string     $text   as it is written, with its number; empty where nothing is, or where it is no text
     * @param list<Loss> $losses
     */
    public function __construct(public PlacedBlock $placed, public string $text, public array $losses)
    {
    }
}
