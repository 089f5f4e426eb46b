<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Question\Weight;

/** The weighted mark that the notations with braces and their line-by-line kin share: ~%50% before an option. */
final class PercentMark
{
    public const DECIMALS = 5;

    public static function spell(Weight $weight): string
    {
        return '~%'.$weight->rounded(self::DECIMALS).'%';
    }

    public static function holdsExactly(Weight $weight): bool
    {
        return $weight->percent()->isEqualTo($weight->rounded(self::DECIMALS));
    }
}
