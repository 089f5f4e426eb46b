<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Notagram\Source\Regex;

/**
 * Processes the responses to an assessment item (versions 2 and 3 of the standard, section “Response Processing”, from memory).
 *
 * A value is a list of words (of one, where it is single), true or false, or null. An expression that is not known is null.
 */
final class Evaluation
{
    private const SCORE = 'SCORE';

    private readonly ?QtiElement $rules;
    private readonly string $template;
    /** @var array<string, list<string>> */
    private array $answers = [];
    /** @var array<string, list<string>|bool|null> */
    private array $outcomes = [];

    /**
     * @param array<string, QtiElement>   $responses their declarations, by their identifiers
     * @param array<string, list<string>> $defaults  what outcomes are before anything is processed
     */
    public function __construct(QtiElement $item, private readonly array $responses, private readonly array $defaults)
    {
        $this->rules = $item->child('responseProcessing');
        $this->template = $this->rules?->attribute('template') ?? '';
    }

    /**
     * What the outcomes are once answers have been processed.
     *
     * @param array<string, list<string>> $answers
     *
     * @return array<string, list<string>|bool|null>
     */
    public function outcomes(array $answers): array
    {
        $this->process($answers);

        return $this->outcomes;
    }

    /** @param array<string, list<string>> $answers */
    private function process(array $answers): void
    {
        $this->answers = array_filter($answers, static fn (array $values) => [] !== $values);
        $this->outcomes = $this->defaults;
        $template = basename($this->template, '.xml');
        if ('' !== $template) {
            $response = $this->answers['RESPONSE'] ?? null;
            $this->outcomes[self::SCORE] = match ($template) {
                'match_correct' => [true === self::areSame($response, $this->correct('RESPONSE')) ? '1' : '0'],
                'map_response' => $this->mapped('RESPONSE'),
                default => null,
            };

            return;
        }
        // Where nothing is said of how, the mapping or what is correct says it.
        if (null === $this->rules) {
            $this->outcomes[self::SCORE] = $this->usual();

            return;
        }
        $this->follow($this->rules);
    }

    /** @return list<string> */
    private function usual(): array
    {
        $sum = BigDecimal::zero();
        foreach ($this->responses as $identifier => $declaration) {
            $earned = null !== $declaration->child('mapping') ? self::number($this->mapped($identifier)) : (true === self::areSame($this->answers[$identifier] ?? null, $this->correct($identifier)) ? BigDecimal::one() : null);
            $sum = $sum->plus($earned ?? 0);
        }

        return [Decimal::spelled($sum)];
    }

    private function follow(QtiElement $rules): void
    {
        foreach ($rules->children() as $rule) {
            match ($rule->name) {
                'responseCondition' => $this->condition($rule),
                'setOutcomeValue' => $this->outcomes[$rule->attribute('identifier')] = isset($rule->children()[0]) ? $this->value($rule->children()[0]) : null,
                'responseProcessingFragment' => $this->follow($rule),
                default => null,
            };
        }
    }

    private function condition(QtiElement $condition): void
    {
        foreach ($condition->children('responseIf', 'responseElseIf', 'responseElse') as $branch) {
            $test = 'responseElse' === $branch->name ? null : $branch->children()[0] ?? null;
            if (null === $test || true === $this->value($test)) {
                $this->follow($branch);

                return;
            }
        }
    }

    /** @return list<string>|bool|null */
    private function value(QtiElement $expression): array|bool|null
    {
        $parts = $expression->children();
        $value = fn (int $at): array|bool|null => isset($parts[$at]) ? $this->value($parts[$at]) : null;
        $identifier = $expression->attribute('identifier');

        return match ($expression->name) {
            'baseValue' => 'boolean' === $expression->attribute('baseType') ? 'true' === trim($expression->text()) : [trim($expression->text())],
            'variable' => $this->answers[$identifier] ?? $this->outcomes[$identifier] ?? null,
            'correct' => $this->correct($identifier),
            'mapResponse' => $this->mapped($identifier),
            'match' => self::areSame($value(0), $value(1)),
            'equal', 'equalRounded' => $this->isWithin($expression, $value(0), $value(1)),
            'stringMatch' => self::isSpelledAs($value(0), $value(1), 'false' !== $expression->attribute('caseSensitive')),
            'gte', 'gt', 'lte', 'lt' => self::isOrdered($expression->name, self::number($value(0)), self::number($value(1))),
            'and' => [] === array_filter($parts, fn (QtiElement $part) => true !== $this->value($part)),
            'or' => [] !== array_filter($parts, fn (QtiElement $part) => true === $this->value($part)),
            'not' => \is_bool($value(0)) ? !$value(0) : null,
            'isNull' => null === $value(0) || [] === $value(0) || [''] === $value(0),
            'member' => \is_array($value(0)) && \is_array($value(1)) && \in_array($value(0)[0] ?? null, $value(1), true),
            'contains' => \is_array($value(0)) && \is_array($value(1)) && [] === array_diff($value(1), $value(0)),
            'multiple', 'ordered' => $this->together($parts),
            'sum', 'product', 'subtract', 'divide', 'min', 'max' => $this->calculated($expression->name, $parts),
            default => null,
        };
    }

    /**
     * @param list<QtiElement> $parts
     *
     * @return ?list<string>
     */
    private function together(array $parts): ?array
    {
        $together = array_merge(...array_map(function (QtiElement $part): array {
            $value = $this->value($part);

            return \is_array($value) ? $value : [];
        }, $parts));

        return [] === $together ? null : $together;
    }

    /**
     * @param list<QtiElement> $parts
     *
     * @return ?list<string>
     */
    private function calculated(string $how, array $parts): ?array
    {
        $numbers = array_map(fn (QtiElement $part) => self::number($this->value($part)), $parts);
        $first = array_shift($numbers);
        foreach ($numbers as $number) {
            if (null === $first || null === $number) {
                return null;
            }
            $first = match ($how) {
                'sum' => $first->plus($number),
                'product' => $first->multipliedBy($number),
                'subtract' => $first->minus($number),
                'min' => BigDecimal::min($first, $number),
                'max' => BigDecimal::max($first, $number),
                default => $number->isZero() ? null : $first->dividedBy($number, 12, RoundingMode::HalfUp),
            };
        }

        return null === $first ? null : [Decimal::spelled($first)];
    }

    /** @return ?list<string> null where nothing is mapped; what is not answered comes to nothing, so that it spoils no sum */
    private function mapped(string $response): ?array
    {
        $mapping = ($this->responses[$response] ?? null)?->child('mapping');
        if (null === $mapping) {
            return null;
        }
        $sum = BigDecimal::zero();
        foreach (array_unique($this->answers[$response] ?? []) as $answer) {
            $sum = $sum->plus($this->mappedValue($mapping, $answer));
        }

        return [Decimal::spelled($sum)];
    }

    private function mappedValue(QtiElement $mapping, string $answer): BigDecimal
    {
        $folded = mb_convert_case($answer, \MB_CASE_FOLD, 'UTF-8');
        foreach ($mapping->children('mapEntry') as $entry) {
            $key = self::spaced($entry->attribute('mapKey'));
            if ($key === $answer || ('false' === $entry->attribute('caseSensitive') && mb_convert_case($key, \MB_CASE_FOLD, 'UTF-8') === $folded)) {
                return Decimal::of($entry->attribute('mappedValue')) ?? BigDecimal::zero();
            }
        }

        return Decimal::of($mapping->attribute('defaultValue')) ?? BigDecimal::zero();
    }

    /**
     * @param list<string>|bool|null $one
     * @param list<string>|bool|null $other
     */
    private function isWithin(QtiElement $equal, array|bool|null $one, array|bool|null $other): ?bool
    {
        $number = self::number($one);
        if (null === $number) {
            return null;
        }
        foreach (array_keys($this->responses) as $response) {
            $range = $this->tolerated($equal, $response);
            if (null !== $range) {
                return $number->isGreaterThanOrEqualTo($range[0]) && $number->isLessThanOrEqualTo($range[1]);
            }
        }

        return self::areSame($one, $other);
    }

    /** @return list<string> what is declared to be right */
    public function correct(string $response): array
    {
        return array_map(static fn (QtiElement $value) => trim($value->text()), ($this->responses[$response] ?? null)?->child('correctResponse')?->children('value') ?? []);
    }

    /** @return ?array{string, string} */
    public function tolerated(QtiElement $equal, string $response): ?array
    {
        $value = Decimal::of($equal->child('baseValue')?->text() ?? $this->correct($response)[0] ?? '');
        if (null === $value || !$this->isAbout($equal, $response)) {
            return null;
        }
        if ('equalRounded' === $equal->name) {
            return self::rounded($equal, $value);
        }
        $tolerances = array_values(array_filter(array_map(Decimal::of(...), Regex::split('/\s+/', $equal->attribute('tolerance')))));
        $mode = $equal->attribute('toleranceMode');
        [$below, $above] = [] === $tolerances || 'exact' === $mode || '' === $mode ? [BigDecimal::zero(), BigDecimal::zero()] : [$tolerances[0], $tolerances[1] ?? $tolerances[0]];
        if ('relative' === $mode) {
            $below = $value->abs()->multipliedBy($below)->dividedByExact(100);
            $above = $value->abs()->multipliedBy($above)->dividedByExact(100);
        }

        return [Decimal::spelled($value->minus($below)), Decimal::spelled($value->plus($above))];
    }

    /**
     * What is the same number once both are rounded.
     *
     * @return array{string, string}
     */
    private static function rounded(QtiElement $equal, BigDecimal $value): array
    {
        $figures = max(0, (int) $equal->attribute('figures'));
        $isOfPlaces = 'decimalPlaces' === $equal->attribute('roundingMode');
        // The place of the first figure: 0 for units, 1 for tens, −1 for tenths.
        $first = $value->isZero() ? 0 : $value->strippedOfTrailingZeros()->getPrecision() - $value->strippedOfTrailingZeros()->getScale() - 1;
        $places = $isOfPlaces ? $figures : max(1, $figures) - 1 - $first;
        $unit = $places >= 0 ? BigDecimal::ofUnscaledValue(1, $places) : BigDecimal::of(10)->power(-$places);
        $rounded = $value->dividedBy($unit, 0, RoundingMode::HalfUp)->multipliedBy($unit);
        $half = $unit->multipliedBy('0.5');

        return [Decimal::spelled($rounded->minus($half)), Decimal::spelled($rounded->plus($half))];
    }

    public function isAbout(QtiElement $test, string $response): bool
    {
        foreach ($test->all('variable') as $variable) {
            if ($variable->attribute('identifier') === $response) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<string>|bool|null $one
     * @param list<string>|bool|null $other
     */
    private static function areSame(array|bool|null $one, array|bool|null $other): ?bool
    {
        if (!\is_array($one) || !\is_array($other)) {
            return null === $one || null === $other ? null : $one === $other;
        }

        return self::alike($one) === self::alike($other);
    }

    /**
     * The same for values that are the same, in whatever order they stand.
     *
     * @param list<string> $values
     *
     * @return list<string>
     */
    private static function alike(array $values): array
    {
        $alike = array_map(static function (string $value): string {
            $number = Decimal::of($value);

            return null === $number ? self::spaced($value) : Decimal::spelled($number);
        }, $values);
        sort($alike);

        return $alike;
    }

    /**
     * @param list<string>|bool|null $one
     * @param list<string>|bool|null $other
     */
    private static function isSpelledAs(array|bool|null $one, array|bool|null $other, bool $isCaseSensitive): ?bool
    {
        if (!\is_array($one) || !\is_array($other)) {
            return null;
        }
        $spelled = static fn (string $value): string => $isCaseSensitive ? $value : mb_convert_case($value, \MB_CASE_FOLD, 'UTF-8');

        return $spelled($one[0] ?? '') === $spelled($other[0] ?? '');
    }

    private static function isOrdered(string $how, ?BigDecimal $one, ?BigDecimal $other): ?bool
    {
        if (null === $one || null === $other) {
            return null;
        }

        return match ($how) {
            'gte' => $one->isGreaterThanOrEqualTo($other),
            'gt' => $one->isGreaterThan($other),
            'lte' => $one->isLessThanOrEqualTo($other),
            default => $one->isLessThan($other),
        };
    }

    /** @param list<string>|bool|null $value */
    public static function number(array|bool|null $value): ?BigDecimal
    {
        return \is_array($value) && 1 === \count($value) ? Decimal::of($value[0]) : null;
    }

    /** A pair of identifiers with one blank between them. */
    public static function spaced(string $value): string
    {
        return trim(Regex::replace('/\s++/u', ' ', $value));
    }
}
