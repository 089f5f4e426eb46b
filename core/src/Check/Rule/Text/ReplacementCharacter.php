<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\TextRule;
use Notagram\Finding\Finding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Faults U+FFFD: what stood there was lost before the text came here. One finding a run. */
final readonly class ReplacementCharacter implements TextRule
{
    public const CODE = 'text.replacement-char';
    public const SIGNS = '\xEF\xBF\xBD';

    public function check(string $text): array
    {
        $findings = [];
        Regex::matchAll('/\x{FFFD}++/u', $text, $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$run, $offset]) {
            $findings[] = Finding::fault(self::CODE, new Span($offset, $offset + \strlen($run)));
        }

        return $findings;
    }
}
