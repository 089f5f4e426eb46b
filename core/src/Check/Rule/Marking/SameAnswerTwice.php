<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Remedy\Drop;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Option;
use Notagram\Source\Regex;

/**
 * Faults a question in which two options, or two accepted answers, read the same to the pupil.
 *
 * White space is collapsed before comparing; those that differ only in case are a doubt, since “Polish” and “polish”
 * differ. The fix is offered only where taking one out changes no mark.
 */
final readonly class SameAnswerTwice implements QuestionRule
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
        foreach ([] === $wording->options ? $wording->question->accepted() : $wording->options as $index => $answer) {
            $text = $answer instanceof Option ? $answer->text->collapsed() : $answer->collapsed();
            if ('' === $text) {
                continue;
            }
            [$first, $firstText] = $seen[self::folded($text)] ??= [$answer, $text];
            if ($first !== $answer) {
                $findings[] = $this->repeated($first, $answer, $index, $text, $firstText === $text);
            }
        }

        return $findings;
    }

    private static function folded(string $text): string
    {
        return Regex::match('/[\x80-\xFF]/', $text) ? mb_strtolower($text, 'UTF-8') : strtolower($text);
    }

    /** @param int<0, max> $index which one the second is */
    private function repeated(Option|AcceptedAnswer $first, Option|AcceptedAnswer $second, int $index, string $text, bool $isSame): Finding
    {
        $isContradiction = $first instanceof Option && $second instanceof Option && $first->isKey !== $second->isKey;
        $shown = mb_strimwidth($text, 0, 60, '…', 'UTF-8');
        $case = match (true) {
            $isContradiction => 'both-ways',
            $isSame => '',
            default => 'capitals',
        };

        return $isSame
            ? Finding::fault(self::CODE, $second->span, case: $case, answer: $shown)->withRemedy($this->removal($first, $second, $index))
            : Finding::doubt(self::CODE, $second->span, case: $case, answer: $shown);
    }

    /** @param int<0, max> $index */
    private function removal(Option|AcceptedAnswer $first, Option|AcceptedAnswer $second, int $index): ?Drop
    {
        // An option that earns or costs something would leave a hole in the sum.
        $changesMarks = !$first->weight->equals($second->weight) || ($second instanceof Option && !$second->weight->isZero());

        return null !== $second->feedback || $changesMarks ? null : new Drop($index);
    }
}
