<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Finding\Finding;
use Notagram\Question\Gap;
use Notagram\Source\Regex;

/** Hints at an article at the end of the stem that only some options fit. */
final readonly class ArticleCue implements QuestionRule
{
    public const CODE = 'craft.article-cue';
    public const NEEDS = [Need::Options, Need::Language];

    public function check(Wording $wording): array
    {
        if (null === $wording->words || 0 === ($wording->stemKinds & Words::ARTICLE)) {
            return [];
        }
        $answers = $wording->question->answers;
        $before = rtrim($answers instanceof Gap ? $answers->before : $wording->stem, ' :_');
        $article = strtolower(ltrim((string) strrchr(' '.$before, ' ')));
        if (!$wording->words->is($article, Words::ARTICLE) || (self::isEnglish($wording->words) && self::allFit($article, $wording->optionTexts()))) {
            return [];
        }

        return [Finding::hint(self::CODE, $wording->question->stemSpan, article: $article)];
    }

    private static function isEnglish(Words $words): bool
    {
        return $words->is('an', Words::ARTICLE);
    }

    /** @param list<string> $options */
    private static function allFit(string $article, array $options): bool
    {
        foreach ($options as $option) {
            // Spelling stands in for sound, so the words that are spelled one way and spoken another are passed over.
            if (Regex::match('/^(?:[^a-z]|hour|honest|honou?r|heir|u[nst][ieo]|eu|one)/i', $option)) {
                continue;
            }
            if (('an' === $article) !== Regex::match('/^[aeiou]/i', $option)) {
                return false;
            }
        }

        return true;
    }
}
