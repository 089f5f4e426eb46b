<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Matter;

/** Hints at more options than anybody reads. */
final readonly class TooManyOptions implements QuestionRule
{
    public const CODE = 'craft.too-many-options';
    public const NEEDS = [Need::Options];

    /** Common practice, no source: tests seldom go beyond five. */
    private const MOST = 6;

    public function check(Wording $wording): array
    {
        $count = \count($wording->options);
        if ($count > self::MOST) {
            return [Finding::hint(self::CODE, $wording->spanOfOptions(), count: $count)->about(Matter::OptionCount)];
        }

        return [];
    }
}
