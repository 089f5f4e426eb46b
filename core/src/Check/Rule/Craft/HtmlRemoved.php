<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Markup\Tag;
use Notagram\Check\Markup\Tags;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;

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
                if (!$tag->isComplete || $tag->isEnd) {
                    continue;
                }
                $shown = mb_strimwidth($tag->written, 0, 40, '…', 'UTF-8');
                if (\in_array($tag->name, Tags::REMOVED, true) || self::runs($tag)) {
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

    private static function runs(Tag $tag): bool
    {
        foreach ($tag->attributes as $name => $value) {
            if (str_starts_with($name, 'on') || str_starts_with(strtolower(ltrim($value ?? '')), 'javascript:')) {
                return true;
            }
        }

        return false;
    }
}
