<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Option;
use Notagram\Source\Regex;

/**
 * Faults a question in which two options, or two accepted answers, read the same to the pupil.
 *
 * White space is collapsed before comparing; those that differ only in case are a doubt, since “Polish” and “polish”
 * differ. The fix is offered only where taking one out changes no mark.
 */
final readonly class SameAnswerTwice implements WordingRule
{
    public const CODE = 'marking.same-answer-twice';

    public function check(Wording $wording): array
    {
        $findings = [];
        // Options that differ without their markup differ with it; nearly all do.
        if ([] !== $wording->options && \count(array_flip(explode("\n", $wording->optionLines()))) === \count($wording->options)) {
            return $findings;
        }
        $seen = [];
        foreach ([] === $wording->options ? $wording->question->accepted() : $wording->options as $answer) {
            $text = $answer instanceof Option ? $answer->text->collapsed() : $answer->collapsed();
            if ('' === $text) {
                continue;
            }
            [$first, $firstText] = $seen[self::folded($text)] ??= [$answer, $text];
            if ($first !== $answer) {
                $findings[] = $this->repeated($first, $answer, $text, $firstText === $text);
            }
        }

        return $findings;
    }

    private static function folded(string $text): string
    {
        return Regex::match('/[\x80-\xFF]/', $text) ? mb_strtolower($text, 'UTF-8') : strtolower($text);
    }

    private function repeated(Option|AcceptedAnswer $first, Option|AcceptedAnswer $second, string $text, bool $isSame): Finding
    {
        $isContradiction = $first instanceof Option && $second instanceof Option && $first->isKey !== $second->isKey;
        $shown = mb_strimwidth($text, 0, 60, '…', 'UTF-8');
        $message = match (true) {
            $isContradiction => \sprintf('“%s” stands here both as right and as wrong.', $shown),
            $isSame => \sprintf('“%s” stands here twice.', $shown),
            default => \sprintf('“%s” differs from another answer only in capitals.', $shown),
        };
        $advice = $isContradiction ? 'Decide which is meant, and take the other out.' : 'Take one out, or write what was meant.';

        return $isSame
            ? Finding::fault(self::CODE, $second->span, $message, $advice, $this->removal($first, $second))
            : Finding::doubt(self::CODE, $second->span, $message, $advice);
    }

    private function removal(Option|AcceptedAnswer $first, Option|AcceptedAnswer $second): ?Fix
    {
        // What a key list at the end says stands outside the question.
        if ($second->span->start === $second->span->end || null !== $second->feedback || !$first->weight->equals($second->weight)) {
            return null;
        }
        // An option that earns or costs something leaves a hole in the sum; one of a list without marks of its own leaves one in the letters.
        if ($second instanceof Option && ($second->markLength < 1 || !$second->weight->isZero())) {
            return null;
        }

        return Fix::offered('Take the second one out', TextEdit::remove($second->span));
    }
}
