<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Markup\Tags;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Doubts what looks like a tag and will be taken out by any receiver: scripts, forms, and words in < > that are no HTML. */
final readonly class HtmlRemoved implements QuestionRule
{
    public const CODE = 'craft.html-removed';
    public const NEEDS = [Need::Markup];

    public function check(Wording $wording): array
    {
        $findings = [];
        foreach ($wording->textsWith('<') as [$text, $span]) {
            foreach (Tags::in($text) as $tag) {
                if ('' === $tag->name || $tag->isEnd) {
                    continue;
                }
                $shown = mb_strimwidth($tag->written, 0, 40, '…', 'UTF-8');
                if (\in_array($tag->name, Tags::REMOVED, true) || Regex::match('/\son\w+\s*+=|javascript:/i', $tag->attributes)) {
                    $findings[] = Finding::doubt(self::CODE, $span, tag: $shown);
                    break;
                }
                if (!isset(Tags::NEEDS_END[$tag->name])) {
                    $findings[] = Finding::doubt(self::CODE, $span, case: 'unknown', tag: $shown);
                    break;
                }
            }
        }

        return $findings;
    }
}
