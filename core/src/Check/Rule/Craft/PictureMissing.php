<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Markup\Pictures;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Doubts a picture that names a file which neither travels with the text nor is kept with the sheet. */
final readonly class PictureMissing implements QuestionRule
{
    public const CODE = 'craft.picture-missing';
    public const NEEDS = [Need::Markup];

    public function check(Wording $wording): array
    {
        $findings = [];
        foreach ($wording->textsWith('<!') as [$text, $span]) {
            foreach (Pictures::in($text) as $picture) {
                if (!Regex::match('~^(?:data:image/|https?://)~i', $picture->source) && null === $wording->pictures->called($picture->source)) {
                    $findings[] = Finding::doubt(self::CODE, $span, case: '' === $picture->source ? 'unnamed' : '', picture: mb_strimwidth($picture->source, 0, 60, '…', 'UTF-8'));
                }
            }
        }

        return $findings;
    }
}
