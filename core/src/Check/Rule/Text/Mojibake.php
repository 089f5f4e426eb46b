<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\TextRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Source\MisreadText;
use Notagram\Source\Span;

/** Faults text that was UTF-8 and was read, once or twice, as something else: Ã© for é. One finding a block. */
final readonly class Mojibake implements TextRule
{
    public const CODE = 'text.mojibake';

    /** Whatever is not ASCII but a lone dash or degree sign, which nearly all such blocks have. */
    public const SIGNS = '(?!(?:\xC2\xB0|\xE2\x80[\x93\x94])(?![\x80-\xFF]))[\xC2-\xF4]';

    public function check(string $text): array
    {
        $findings = [];
        $repairs = MisreadText::repairs($text);
        if ([] === $repairs) {
            return $findings;
        }
        $edits = [];
        foreach ($repairs as $offset => [$wrong, $right]) {
            $edits[] = new TextEdit(new Span($offset, $offset + \strlen($wrong)), $right);
        }
        [$wrong, $right] = $repairs[array_key_first($repairs)];
        $fix = Fix::offered('read-as', $edits, text: mb_strimwidth($right, 0, 20, '…', 'UTF-8'));
        $findings[] = Finding::fault(
            self::CODE,
            $edits[0]->span,
            // Read wrongly in several ways, it takes a person.
            [] === MisreadText::repairs($fix->appliedTo($text)) ? $fix : null,
            wrong: mb_strimwidth($wrong, 0, 40, '…', 'UTF-8'),
            right: mb_strimwidth($right, 0, 40, '…', 'UTF-8'),
            count: \count($edits),
        );

        return $findings;
    }
}
