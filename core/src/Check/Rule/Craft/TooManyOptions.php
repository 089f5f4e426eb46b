<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;
use Notagram\Source\Span;

/** Hints at more options than anybody reads. */
final readonly class TooManyOptions implements WordingRule
{
    public const CODE = 'craft.too-many-options';

    /** Common practice, no source: tests seldom go beyond five. */
    private const MOST = 6;

    public function check(Wording $wording): array
    {
        $count = \count($wording->options);
        if ($count > self::MOST) {
            return [Finding::hint(self::CODE, new Span($wording->options[0]->span->start, $wording->options[$count - 1]->span->end), count: $count)->about(Matter::OptionCount)];
        }

        return [];
    }
}
