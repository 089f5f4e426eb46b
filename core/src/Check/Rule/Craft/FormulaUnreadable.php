<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\FormattedText;
use Notagram\Source\Regex;

/** Doubts a TeX formula that cannot be set: what is open in it is not closed, or a command lacks what it works on. */
final readonly class FormulaUnreadable implements QuestionRule
{
    public const CODE = 'craft.formula-unreadable';
    public const NEEDS = [Need::Markup];

    /** A formula between its marks; or a mark alone. */
    private const FORMULA = '/\$\$(.*?)\$\$|\$(?![\s\d$])([^$]*?)(?<!\s)\$(?!\d)|\\\\\((.*?)\\\\\)|\\\\\[(.*?)\\\\\]|\$\$|\\\\[(\[)\]]/s';

    public function check(Wording $wording): array
    {
        $findings = [];
        foreach ($wording->textsWith('$\\') as [$text, $span]) {
            if (FormattedText::PLAIN === $text->format) {
                continue;
            }
            // One after the other, since the first that is amiss is enough: each mark without its half is searched for to the end.
            for ($offset = 0; Regex::match(self::FORMULA, $text->text, $found, \PREG_OFFSET_CAPTURE, $offset); $offset = $found[0][1] + \strlen($found[0][0])) {
                $match = array_column($found, 0);
                $isAlone = 1 === \count($match);
                $case = $isAlone ? 'mark' : self::fault($match[\count($match) - 1]);
                if (null !== $case) {
                    $findings[] = Finding::doubt(self::CODE, $span, case: $case, formula: mb_strimwidth($match[0], 0, 40, '…', 'UTF-8'));
                    break;
                }
            }
        }

        return $findings;
    }

    private static function fault(string $tex): ?string
    {
        $tex = Regex::replace('/\\\\[\\\\{}$%&#_ ]/', ' ', $tex);
        $depth = 0;
        foreach (str_split(Regex::replace('/[^{}]++/', '', $tex)) as $brace) {
            $depth += '{' === $brace ? 1 : ('}' === $brace ? -1 : 0);
            if ($depth < 0) {
                break;
            }
        }
        $bare = Regex::replace('/\s++/', '', $tex);

        return match (true) {
            0 !== $depth => 'braces',
            Regex::matchAll('/\\\\left(?![a-zA-Z])/', $tex) !== Regex::matchAll('/\\\\right(?![a-zA-Z])/', $tex) => 'left-right',
            !self::environmentsNest($tex) => 'environments',
            Regex::match('/[\^_](?:[\^_}&]|\z)/', $bare) => 'script',
            Regex::match('/\\\\(?:frac|dfrac|tfrac|binom|sqrt|text|mathrm|overline|vec|hat)(?:\}|\z)/', $bare) => 'command',
            Regex::match('/\\\\(?:d|t)?(?:frac|binom)(?:\{(?:[^{}]|\{[^{}]*+\})*+\}|[^{}\\\\])(?:\}|[\^_]|\z)/', $bare) => 'fraction',
            Regex::match('/\\\\\z/', $bare) => 'backslash',
            default => null,
        };
    }

    private static function environmentsNest(string $tex): bool
    {
        Regex::matchAll('/\\\\(begin|end)\s*+\{([a-zA-Z*]++)\}/', $tex, $matches, \PREG_SET_ORDER);
        $open = [];
        foreach ($matches as [, $which, $name]) {
            if ('begin' === $which) {
                $open[] = $name;
            } elseif (array_pop($open) !== $name) {
                return false;
            }
        }

        return [] === $open;
    }
}
