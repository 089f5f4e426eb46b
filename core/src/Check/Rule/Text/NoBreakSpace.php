<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\TextRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Faults a no-break space where a receiver looks for a mark or a blank line; hints at one between two words.
 *
 * Where good typesetting wants it (around French punctuation, inside numbers, before units) nothing is said.
 */
final readonly class NoBreakSpace implements TextRule
{
    public const CODE = 'text.no-break-space';
    public const SIGNS = '\xC2\xA0';

    private const BETWEEN_WORDS = '/(?<=[\p{L},.;]|[\p{L},.;] )\x{A0}++(?=\p{L}| )|(?<=\p{L})\x{A0}(?=\p{L})/u';

    public function check(string $text): array
    {
        $findings = [];
        $faulty = [];
        Regex::matchAll(NoBreakSpaces::IN_A_MARKS_PLACE, $text, $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$run, $offset]) {
            $faulty[] = new TextEdit(new Span($offset, $offset + \strlen($run)), '');
        }
        if ([] !== $faulty) {
            $findings[] = Finding::fault(
                self::CODE,
                $faulty[0]->span,
                Fix::safe('remove-no-break-space', $faulty),
            );
        }
        if (Regex::match(self::BETWEEN_WORDS, $text, $match, \PREG_OFFSET_CAPTURE)) {
            [$run, $offset] = $match[0];
            Regex::matchAll(self::BETWEEN_WORDS, $text, $matches, \PREG_OFFSET_CAPTURE);
            $findings[] = Finding::hint(
                self::CODE,
                new Span($offset, $offset + \strlen($run)),
                Fix::offered('ordinary-spaces', array_map(static fn (array $found) => new TextEdit(new Span($found[1], $found[1] + \strlen($found[0])), ' '), $matches[0])),
                'between-words',
            );
        }

        return $findings;
    }
}
