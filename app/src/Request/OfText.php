<?php

declare(strict_types=1);

namespace App\Request;

/** A request about the text of a sheet as the browser knows it. It is refused where the sheet has another text by now. */
interface OfText
{
    /** The hash of that text. */
    public function base(): string;
}
