<?php

declare(strict_types=1);

namespace App\View;

/** What a fix changes. */
enum FixTarget: string
{
    case Text = 'text';
    case Encoding = 'encoding';
    /** The browser's editor knows one line break only, so the server makes these alike. */
    case LineEndings = 'line-endings';
}
