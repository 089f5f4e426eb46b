<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Finding\Finding;

/** Hints at a telling word of the stem that stands in the right option and in no other. */
final readonly class WordSharedWithKey implements QuestionRule
{
    public const CODE = 'craft.word-shared-with-key';
    public const NEEDS = [Need::Options];

    /** Shorter words are seldom rare. */
    private const TELLING = 5;

    public function check(Wording $wording): array
    {
        $findings = [];
        $key = $wording->onlyKey();
        if (null === $key || \count($wording->options) < 3) {
            return $findings;
        }
        $lines = $wording->optionLines();
        $ofKey = null;
        foreach ($wording->stemWords as $word) {
            if (\strlen($word) < self::TELLING || !str_contains($lines, $word) || true === $wording->words?->is($word, Words::FUNCTION) || mb_strlen($word, 'UTF-8') < self::TELLING) {
                continue;
            }
            $ofKey ??= array_flip(Wording::wordsOf($wording->optionTexts()[$key]));
            if (!isset($ofKey[$word])) {
                continue;
            }
            foreach ($wording->optionTexts() as $index => $text) {
                if ($index !== $key && \in_array($word, Wording::wordsOf($text), true)) {
                    continue 2;
                }
            }
            $findings[] = Finding::hint(self::CODE, $wording->options[$key]->span, word: $word);

            return $findings;
        }

        return $findings;
    }
}
