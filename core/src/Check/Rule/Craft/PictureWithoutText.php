<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Markup\Pictures;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;

/** Hints at a picture without a text for those who cannot see it. */
final readonly class PictureWithoutText implements QuestionRule
{
    public const CODE = 'craft.picture-without-text';
    public const NEEDS = [Need::Markup];

    public function check(Wording $wording): array
    {
        $findings = [];
        foreach ($wording->textsWith('<!') as [$text, $span]) {
            foreach (Pictures::in($text) as $picture) {
                if ('' === $picture->description) {
                    $findings[] = Finding::hint(self::CODE, $span);
                }
            }
        }

        return $findings;
    }
}
