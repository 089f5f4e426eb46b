<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;

/** Hints at a small “not” or “except” in a question with options: pupils who know the answer overlook it. */
final readonly class NegativeUnmarked implements WordingRule
{
    public const CODE = 'craft.negative-unmarked';

    public function check(Wording $wording): iterable
    {
        if ([] === $wording->options || null === $wording->words) {
            return;
        }
        foreach ($wording->stemWords as $word) {
            if (isset($wording->words->negative[$word]) && self::isPlain($word, $wording->question->stem->text)) {
                yield Finding::hint(self::CODE, $wording->question->stemSpan, \sprintf('“%s” is easily overlooked.', $word), 'Ask the other way round, or write it in capitals or bold.');

                return;
            }
        }
    }

    /** In small letters, and not within marks or tags of emphasis. */
    private static function isPlain(string $word, string $stem): bool
    {
        $word = preg_quote(str_replace("'", '’', $word), '/');

        return 1 === preg_match('/(?<![*_>\p{L}])'.str_replace('’', "['’]", $word).'(?![*_<\p{L}])/u', $stem);
    }
}
