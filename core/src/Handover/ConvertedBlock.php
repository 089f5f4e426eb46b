<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\PlacedBlock;
use Notagram\Notation\WrittenBlock;

final readonly class ConvertedBlock
{
    public function __construct(public PlacedBlock $placed, public WrittenBlock $written)
    {
    }
}
