<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Craft;

use Notagram\Check\Wording;
use Notagram\Check\WordingRule;
use Notagram\Finding\Finding;
use Notagram\Question\FormattedText;
use Notagram\Source\Regex;

/** Doubts a TeX formula that cannot be set: what is open in it is not closed, or a command lacks what it works on. */
final readonly class FormulaUnreadable implements WordingRule
{
    public const CODE = 'craft.formula-unreadable';

    /** A formula between its marks; or a mark alone. */
    private const FORMULA = '/\$\$(.*?)\$\$|\\\\\((.*?)\\\\\)|\\\\\[(.*?)\\\\\]|\$\$|\\\\[(\[)\]]/s';

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
                $reason = $isAlone ? \sprintf('“%s” has no other half.', $match[0]) : self::fault($match[\count($match) - 1]);
                if (null !== $reason) {
                    $findings[] = Finding::doubt(
                        self::CODE,
                        $span,
                        \sprintf('The formula “%s” cannot be set: %s', mb_strimwidth($match[0], 0, 40, '…', 'UTF-8'), $reason),
                        'Put it right, or take it out of its marks if it is text.',
                    );
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
            0 !== $depth => 'its braces do not come in pairs.',
            Regex::matchAll('/\\\\left(?![a-zA-Z])/', $tex) !== Regex::matchAll('/\\\\right(?![a-zA-Z])/', $tex) => '\left and \right do not come in pairs.',
            !self::environmentsNest($tex) => '\begin and \end do not come in pairs.',
            Regex::match('/[\^_](?:[\^_}&]|\z)/', $bare) => '^ or _ lacks what it raises or lowers.',
            Regex::match('/\\\\(?:frac|dfrac|tfrac|binom|sqrt|text|mathrm|overline|vec|hat)(?:\}|\z)/', $bare) => 'a command lacks what it works on.',
            Regex::match('/\\\\(?:d|t)?(?:frac|binom)(?:\{(?:[^{}]|\{[^{}]*+\})*+\}|[^{}\\\\])(?:\}|[\^_]|\z)/', $bare) => 'a fraction lacks its lower half.',
            Regex::match('/\\\\\z/', $bare) => 'it ends in a backslash.',
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
