<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Markup\Tags;
use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\FormattedText;

/** Doubts HTML whose tags do not come in pairs: the rest of the page may turn bold. */
final readonly class HtmlUnbalanced implements QuestionRule
{
    public const CODE = 'craft.html-unbalanced';
    public const NEEDS = [Need::Markup];

    public function check(Wording $wording): array
    {
        $findings = [];
        foreach ($wording->textsWith('<') as [$text, $span]) {
            $lone = self::loneTag($text);
            if (null !== $lone) {
                $findings[] = Finding::doubt(self::CODE, $span, case: str_starts_with($lone, '</') ? 'unopened' : '', tag: mb_strimwidth($lone, 0, 40, '…', 'UTF-8'));
            }
        }

        return $findings;
    }

    private static function loneTag(FormattedText $text): ?string
    {
        $open = [];
        foreach (Tags::in($text) as $tag) {
            if (!$tag->isComplete) {
                return rtrim(mb_strimwidth($tag->written, 0, 12, '', 'UTF-8')).'…';
            }
            if (!(Tags::NEEDS_END[$tag->name] ?? false) || $tag->closesItself) {
                continue;
            }
            if (!$tag->isEnd) {
                $open[] = $tag;
            } elseif (($last = array_pop($open)) === null || $last->name !== $tag->name) {
                return ($last ?? $tag)->written;
            }
        }

        return $open[0]->written ?? null;
    }
}
