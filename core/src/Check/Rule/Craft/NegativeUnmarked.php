<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;

/** Hints at a small “not” or “except” in a question with options: pupils who know the answer overlook it. */
final readonly class NegativeUnmarked implements QuestionRule
{
    public const CODE = 'craft.negative-unmarked';
    public const NEEDS = [Need::Options, Need::Language];

    public function check(Wording $wording): array
    {
        $findings = [];
        if (null === $wording->words || 0 === ($wording->stemKinds & Words::NEGATIVE)) {
            return $findings;
        }
        foreach ($wording->stemWords as $word) {
            if ($wording->words->is($word, Words::NEGATIVE) && self::isPlain($word, $wording->question->stem->text)) {
                $findings[] = Finding::hint(self::CODE, $wording->question->stemSpan, word: $word);

                return $findings;
            }
        }

        return $findings;
    }

    /** In small letters, and not within marks or tags of emphasis. */
    private static function isPlain(string $word, string $stem): bool
    {
        $word = preg_quote(str_replace("'", '’', $word), '/');

        return Regex::match('/(?<![*_>\p{L}])'.str_replace('’', "['’]", $word).'(?![*_<\p{L}])/u', $stem);
    }
}
