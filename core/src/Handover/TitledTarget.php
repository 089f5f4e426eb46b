<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** A target that shows the name of the sheet. */
interface TitledTarget extends Target
{
    public function titled(string $title): self;
}
