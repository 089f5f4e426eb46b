<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

/** Where the right answers stand. */
enum PaperKey: string
{
    /** Nowhere: no byte of the paper depends on them. */
    case None = '';
    case Marked = 'key-marked';
    case LastPage = 'key-last-page';
}
