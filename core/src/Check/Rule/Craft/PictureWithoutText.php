<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;

/** Hints at a picture without a text for those who cannot see it. */
final readonly class PictureWithoutText implements WordingRule
{
    public const CODE = 'craft.picture-without-text';

    public function check(Wording $wording): array
    {
        $findings = [];
        foreach ($wording->textsWith('<!') as [$text, $span]) {
            foreach (Pictures::in($text) as [, $alternative]) {
                if ('' === $alternative) {
                    $findings[] = Finding::hint(self::CODE, $span);
                }
            }
        }

        return $findings;
    }
}
