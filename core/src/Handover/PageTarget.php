<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** A target that is a page of HTML, to look at and to print. */
interface PageTarget extends TitledTarget
{
    /** The same as a page, where it is chosen to be a file of another kind. */
    public function asPage(): self;
}
