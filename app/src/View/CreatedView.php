<?php

declare(strict_types=1);

namespace App\View;

use App\Http\Status;

/** The sheet that was made. */
#[Status(201)]
final readonly class CreatedView
{
    public function __construct(
        public string $id,
        public string $title,
        /** Whether it is no list of questions yet: tidying would change it, or its rows wait to become questions. It opens there. */
        public bool $untidy,
    ) {
    }
}
