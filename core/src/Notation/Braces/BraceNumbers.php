<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Brick\Math\BigDecimal;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\FormattedText;
use Notagram\Question\Numeric;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads the answers of a number question: what follows the first #. */
final class BraceNumbers
{
    /** What may be meant as a number; what is one is stricter. */
    private const NUMBER = '[+-]?+(?:\d{1,40}(?:[.,](?!\.)\d{0,40})?+|[.,]\d{1,40})(?:[eE][+-]?\d{1,3})?+';
    private const STRICT = '/^-?+\d++(?:\.\d++)?+\z/';

    /** @var list<Finding> */
    public array $findings = [];
    /** @var list<Token> */
    public array $tokens = [];

    /**
     * @param string $content between the braces
     * @param int    $offset  where in it the numbers start
     * @param int    $start   where the content starts in the block
     */
    public function __construct(
        private readonly string $content,
        private readonly int $offset,
        private readonly int $start,
        private readonly string $format,
    ) {
    }

    /** Null where one of them is no number: a finding then says so. */
    public function read(): ?Numeric
    {
        $numbers = [];
        $entries = $this->entries();
        if ([] === $entries) {
            $this->findings[] = Finding::fault(
                'gift.number-malformed',
                new Span($this->start + $this->offset - 1, $this->start + $this->offset),
                case: 'none',
            )->settling(Matter::RightAnswer);
        } elseif (\count($entries) > 1 && '=' !== ($entries[0][0][strspn($entries[0][0], BraceText::BLANKS)] ?? '')) {
            $at = $this->start + $entries[0][1] + strspn($entries[0][0], BraceText::BLANKS);
            $this->findings[] = Finding::fault(
                'gift.number-malformed',
                new Span($at, $this->start + $entries[0][1] + \strlen(rtrim($entries[0][0], BraceText::BLANKS))),
                Fix::offered('insert-equals', [TextEdit::insert($at, '=')]),
                'before-equals',
            )->settling(Matter::RightAnswer);
        }
        foreach ($entries as [$spelled, $offset]) {
            $number = $this->number($spelled, $offset);
            if (null === $number) {
                return null;
            }
            $numbers[] = $number;
        }

        return new Numeric($numbers);
    }

    /** @return list<array{string, int}> each entry as spelled, its mark included, with its place in the content */
    private function entries(): array
    {
        Regex::matchAll('/\\\\.|=/s', $this->content, $matches, \PREG_OFFSET_CAPTURE, $this->offset);
        $starts = [];
        foreach ($matches[0] as [$found, $offset]) {
            if ('=' === $found) {
                $starts[] = $offset;
            }
        }
        if ([] === $starts || '' !== trim(substr($this->content, $this->offset, $starts[0] - $this->offset), BraceText::BLANKS)) {
            array_unshift($starts, $this->offset);
        }
        $starts[] = \strlen($this->content);
        $entries = [];
        for ($index = 1; $index < \count($starts); ++$index) {
            $spelled = substr($this->content, $starts[$index - 1], $starts[$index] - $starts[$index - 1]);
            if ('' !== trim($spelled, BraceText::BLANKS)) {
                $entries[] = [$spelled, $starts[$index - 1]];
            }
        }

        return $entries;
    }

    private function number(string $spelled, int $offset): ?AcceptedNumber
    {
        $span = new Span($this->start + $offset, $this->start + $offset + \strlen($spelled));
        $pattern = '/^\s*+=?+\s*+(?:%(-?+\d{1,20}(?:\.\d{1,20})?+)%)?+\s*+('.self::NUMBER.')\s*+(?:(\.{2,}+|:)\s*+('.self::NUMBER.'))?+\s*+(?:#(.*+))?+$/s';
        if (!Regex::match($pattern, str_replace(BraceText::MASK, ' ', $spelled), $match, \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL)) {
            $first = strspn($spelled, BraceText::BLANKS.'=');
            $shown = rtrim(substr($spelled, $first, strcspn($spelled, '#', $first)), BraceText::BLANKS);
            $this->findings[] = Finding::fault(
                'gift.number-malformed',
                new Span($span->start + $first, $span->start + $first + \strlen($shown)),
                case: 'no-number',
                written: mb_strimwidth(BraceText::meant($shown), 0, 40, '…'),
            )->settling(Matter::RightAnswer);

            return null;
        }
        $this->decimalCommas($match[2], $match[4], $offset);
        if (Regex::match('/\\\\.(*SKIP)(*F)|~/s', $spelled, $tilde, \PREG_OFFSET_CAPTURE)) {
            $at = $span->start + $tilde[0][1];
            $this->findings[] = Finding::fault('gift.unescaped-character', new Span($at, $at + 1), Fix::offered('backslashes', [TextEdit::insert($at, '\\')]), text: '~');
        }
        $this->misspelled($match[2], $match[3], $match[4], $offset);
        if ('=' === ($spelled[strspn($spelled, BraceText::BLANKS)] ?? '')) {
            $mark = $span->start + strspn($spelled, BraceText::BLANKS);
            $this->tokens[] = new Token(TokenKind::Answer, $mark, $mark + 1);
        }
        if (null !== $match[1][0]) {
            $this->tokens[] = new Token(TokenKind::Weight, $span->start + $match[1][1] - 1, $span->start + $match[1][1] + \strlen($match[1][0]) + 1);
        }
        $weight = null === $match[1][0] ? Weight::full() : Weight::of($match[1][0]);
        $first = self::plain((string) $match[2][0]);
        $feedback = null === $match[5][0] || '' === trim($match[5][0]) ? null : $this->feedback($match[5][0], $span->start + $match[5][1]);
        if (!str_starts_with($match[3][0] ?? '', '..')) {
            return AcceptedNumber::near($first, self::plain($match[4][0] ?? '0'), $weight, $feedback, $span);
        }

        return AcceptedNumber::between($first, self::plain((string) $match[4][0]), $weight, $feedback, $span);
    }

    /**
     * What is understood, but not as a receiver wants it: 34...36, .5, 5., +5, a range from high to low, a tolerance below zero.
     *
     * @param array{?string, int} $first
     * @param array{?string, int} $sign
     * @param array{?string, int} $second
     */
    private function misspelled(array $first, array $sign, array $second, int $offset): void
    {
        $numbers = array_map(static fn (?string $number) => str_replace(',', '.', $number ?? ''), [$first[0], $second[0]]);
        $proper = array_map(self::proper(...), $numbers);
        $isRange = str_starts_with($sign[0] ?? '', '..');
        $isTurned = $isRange && null !== $proper[0] && null !== $proper[1] && self::isLess($proper[1], $proper[0]);
        $isNegative = ':' === $sign[0] && str_starts_with($numbers[1], '-');
        $isWell = null !== self::strict($numbers[0]) && ('' === $numbers[1] || null !== self::strict($numbers[1]));
        if ($isWell && !$isTurned && !$isNegative && \in_array($sign[0], [null, ':', '..'], true)) {
            return;
        }
        $last = null === $second[0] ? $first : $second;
        $span = new Span($this->start + $offset + $first[1], $this->start + $offset + $last[1] + \strlen($last[0] ?? ''));
        $meant = match (true) {
            null === $proper[0] || ('' !== $numbers[1] && null === $proper[1]) => null,
            $isTurned => "{$proper[1]}..{$proper[0]}",
            $isRange => "{$proper[0]}..{$proper[1]}",
            '' === $numbers[1] => $proper[0],
            default => "{$proper[0]}:".ltrim($proper[1], '-'),
        };
        $this->findings[] = Finding::fault(
            'gift.number-malformed',
            $span,
            null === $meant ? null : Fix::offered('write', [new TextEdit($span, $meant)], text: $meant),
            match (true) {
                $isTurned => 'turned',
                $isNegative => 'negative',
                default => '',
            },
            written: $span->shiftedBy(-$this->start)->of($this->content),
        )->settling(Matter::RightAnswer);
    }

    private static function strict(string $number): ?string
    {
        return Regex::match(self::STRICT, $number) ? $number : null;
    }

    /** The number as a receiver reads it; null where a power of ten is written. */
    private static function proper(string $number): ?string
    {
        $number = Regex::replace(['/^\+/', '/^(-?)\./', '/\.\z/'], ['', '${1}0.', ''], $number);

        return self::strict($number);
    }

    /** Whether a range of plain numbers goes from high to low. */
    public static function isLess(string $second, string $first): bool
    {
        return BigDecimal::of($second)->isLessThan($first);
    }

    private function feedback(string $spelled, int $at): FormattedText
    {
        $this->tokens[] = new Token(TokenKind::Feedback, $at - 1, $at);
        $format = BraceFormat::at($spelled);

        return null === $format
            ? new FormattedText(BraceText::meant($spelled), $this->format)
            : new FormattedText(BraceText::meant(substr($spelled, $format->end)), $format->name);
    }

    /**
     * @param array{?string, int} $first
     * @param array{?string, int} $second
     */
    private function decimalCommas(array $first, array $second, int $offset): void
    {
        $edits = [];
        foreach ([$first, $second] as [$number, $at]) {
            $comma = strpos($number ?? '', ',');
            if (false !== $comma) {
                $place = $this->start + $offset + $at + $comma;
                $edits[] = new TextEdit(new Span($place, $place + 1), '.');
            }
        }
        if ([] === $edits) {
            return;
        }
        $this->findings[] = Finding::fault(
            'gift.decimal-comma',
            new Span($edits[0]->span->start, $edits[\count($edits) - 1]->span->end),
            Fix::safe('decimal-point', $edits),
        );
    }

    /** As a receiver would have it, where that can be told. */
    private static function plain(string $number): string
    {
        $number = str_replace(',', '.', $number);

        return self::proper($number) ?? $number;
    }
}
