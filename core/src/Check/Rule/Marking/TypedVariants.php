<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Finding\Remedy\Accept;
use Notagram\Question\AcceptedAnswer;
use Notagram\Source\Regex;

/** Hints at a typed answer that is a small number and lists only one of its forms: “4” without “four”. */
final readonly class TypedVariants implements QuestionRule
{
    public const CODE = 'marking.typed-variants';
    public const NEEDS = [Need::Language];

    public function check(Wording $wording): array
    {
        $findings = [];
        $accepted = $wording->question->accepted();
        if ([] === $accepted || null === $wording->words) {
            return $findings;
        }
        $listed = array_map(static fn (AcceptedAnswer $answer) => mb_strtolower(trim($answer->text), 'UTF-8'), $accepted);
        foreach ($accepted as $index => $answer) {
            $other = self::otherForm($listed[$index], $wording->words->numbers);
            if (null === $other || \in_array($other, $listed, true) || !$answer->weight->isAboveZero()) {
                continue;
            }
            $findings[] = Finding::hint(
                self::CODE,
                $answer->span,
                accepted: $answer->text,
                other: $other,
            )->withRemedy(null === $answer->feedback && '100' === $answer->weight->toString() ? new Accept($other, $index) : null);
        }

        return $findings;
    }

    /** @param list<string> $numbers */
    private static function otherForm(string $text, array $numbers): ?string
    {
        if (Regex::match('/^\d{1,2}\z/', $text)) {
            return $numbers[(int) $text] ?? null;
        }
        $number = array_search($text, $numbers, true);

        return false === $number ? null : (string) $number;
    }
}
