<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\TextRule;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Faults curly quotes inside an HTML tag, where they are no quotes; hints at others, once a block; an apostrophe is none. */
final readonly class SmartQuotes implements TextRule
{
    public const CODE = 'text.smart-quotes';
    public const SIGNS = '\xE2\x80[\x98-\x9F]';

    private const STRAIGHT = ['“' => '"', '”' => '"', '„' => '"', '‟' => '"', '‘' => "'", '’' => "'", '‚' => "'", '‛' => "'"];

    public function check(string $text): array
    {
        $findings = [];
        $edits = [];
        Regex::matchAll('/<[a-zA-Z][^<>]*+>/', $text, $tags, \PREG_OFFSET_CAPTURE);
        foreach ($tags[0] as [$tag, $offset]) {
            Regex::matchAll('/(?<==|[^\s=])[“”„‟‘’‚‛]/u', $tag, $quotes, \PREG_OFFSET_CAPTURE);
            foreach ($quotes[0] as [$quote, $at]) {
                $edits[] = new TextEdit(new Span($offset + $at, $offset + $at + \strlen($quote)), self::STRAIGHT[$quote]);
            }
        }
        if ([] !== $edits) {
            $findings[] = Finding::fault(
                self::CODE,
                new Span($edits[0]->span->start, $edits[\count($edits) - 1]->span->end),
                Fix::safe('straight-quotes', $edits),
                'in-tag',
            );
            $text = Regex::replaceBy('/<[a-zA-Z][^<>]*+>/', static fn (array $tag) => str_repeat(' ', \strlen($tag[0])), $text);
        }
        // Without an opening one, ’ is an apostrophe.
        $pattern = Regex::match('/[‘‚‛]/u', $text) ? '/[“”„‟‘‚‛]|’(?!\p{L})/u' : '/[“”„‟]/u';
        if (Regex::matchAll($pattern, $text, $quotes, \PREG_OFFSET_CAPTURE) > 0) {
            [$quote, $offset] = $quotes[0][0];
            $findings[] = Finding::hint(
                self::CODE,
                new Span($offset, $offset + \strlen($quote)),
                Fix::offered('straight-quotes', array_map(static fn (array $found) => new TextEdit(new Span($found[1], $found[1] + \strlen($found[0])), self::STRAIGHT[$found[0]]), $quotes[0])),
            );
        }

        return $findings;
    }
}
