<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Notagram\Source\Regex;

/** Numbers as items write them. */
final class Decimal
{
    private const NUMBER = '/\A[+-]?(?:\d{1,40}(?:\.\d{0,40})?|\.\d{1,40})(?:[eE][+-]?\d{1,2})?\z/';

    /** Null where it is no number, or one of a size that nobody means. */
    public static function of(string $written): ?BigDecimal
    {
        return Regex::match(self::NUMBER, trim($written)) ? BigDecimal::of(trim($written)) : null;
    }

    public static function spelled(BigDecimal $number): string
    {
        return (string) $number->strippedOfTrailingZeros();
    }
}
