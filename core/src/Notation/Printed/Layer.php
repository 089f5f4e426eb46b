<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** What lies over the lines of a text and hides what they say. */
enum Layer: string
{
    case Hidden = 'hidden-characters';
    case Quotation = 'quotation';
    case Markdown = 'markdown-signs';
    case Kind = 'kind-notes';
}
