<?php

declare(strict_types=1);

namespace Notagram\Question;

use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;

/** What Markdown is here: CommonMark with HTML in it, so far as nobody has to wait for it. */
final class CommonMark
{
    public static function environment(): Environment
    {
        $environment = new Environment(['html_input' => 'allow', 'allow_unsafe_links' => false, 'max_nesting_level' => 50, 'max_delimiters_per_line' => 500]);
        $environment->addExtension(new CommonMarkCoreExtension());

        return $environment;
    }
}
