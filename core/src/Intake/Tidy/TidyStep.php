<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** One clean-up of a printed test, as a person sees it: a projection of the one reading of the whole. */
interface TidyStep
{
    /** As it goes over the wire and on the command line. */
    public function name(): string;

    public function apply(Draft $draft): void;
}
