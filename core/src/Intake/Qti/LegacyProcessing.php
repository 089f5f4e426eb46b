<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Notagram\Source\Regex;

/** The response processing of an item of version 1.2 (from memory of the standard). */
final class LegacyProcessing implements Marks
{
    /** Decimals of what is divided. */
    private const PLACES = 12;
    private const NAMING = ['varequal', 'varsubset'];
    /** What says in the metadata of an item what it is worth. */
    private const WORTH = '/\b(?:points?|weight(?:ing)?|score|marks?)\b/';

    /** @var list<QtiElement> */
    private readonly array $conditions;
    /** @var list<QtiElement> */
    private readonly array $variables;
    private readonly string $score;

    public function __construct(private readonly QtiElement $item)
    {
        $conditions = $variables = [];
        foreach ($item->children('resprocessing') as $processing) {
            array_push($conditions, ...$processing->children('respcondition'));
            array_push($variables, ...$processing->child('outcomes')?->children('decvar') ?? []);
        }
        $this->conditions = $conditions;
        $this->variables = $variables;
        $names = array_map(self::nameOf(...), $variables);
        $this->score = \in_array('SCORE', $names, true) || [] === $names ? 'SCORE' : $names[0];
    }

    public function earned(array $answers): BigRational
    {
        $score = BigDecimal::zero();
        foreach ($this->holding($answers) as $condition) {
            foreach ($condition->children('setvar') as $set) {
                $value = Decimal::of($set->text());
                if (null !== $value && self::nameOf($set) === $this->score) {
                    $score = match ($set->attribute('action')) {
                        'Add' => $score->plus($value),
                        'Subtract' => $score->minus($value),
                        'Multiply' => $score->multipliedBy($value),
                        'Divide' => $value->isZero() ? $score : $score->dividedBy($value, self::PLACES, RoundingMode::HalfUp),
                        default => $value,
                    };
                }
            }
        }

        return BigRational::of($score);
    }

    public function shown(array $answers): array
    {
        $shown = [];
        foreach ($this->holding($answers) as $condition) {
            foreach ($condition->children('displayfeedback') as $feedback) {
                $shown[] = $feedback->attribute('linkrefid');
            }
        }

        return $shown;
    }

    public function most(): ?BigRational
    {
        $most = null;
        foreach ($this->variables as $variable) {
            if (self::nameOf($variable) === $this->score) {
                $most = Decimal::of($variable->attribute('maxvalue'));
            }
        }
        $worth = $this->worth();
        // A hundred is per cent, unless that is what it is worth.
        $points = match (true) {
            null !== $worth => $worth,
            null !== $most && $most->isEqualTo(100) => BigDecimal::one(),
            default => $most,
        };

        return null === $points ? null : BigRational::of($points);
    }

    public function scale(): ?BigRational
    {
        foreach ($this->variables as $variable) {
            $most = self::nameOf($variable) === $this->score ? Decimal::of($variable->attribute('maxvalue')) : null;
            if (null !== $most && $most->isPositive()) {
                return BigRational::of($most);
            }
        }

        return null;
    }

    public function correct(string $response): array
    {
        // The condition that earns most names what is right.
        $best = null;
        $correct = [];
        foreach ($this->conditions as $condition) {
            $earns = null;
            foreach ($condition->children('setvar') as $set) {
                $earns = self::nameOf($set) === $this->score && 'Subtract' !== $set->attribute('action') ? Decimal::of($set->text()) : $earns;
            }
            if (null !== $earns && $earns->isPositive() && (null === $best || $earns->isGreaterThan($best))) {
                $best = $earns;
                $correct = $this->affirmed($condition->child('conditionvar'), $response);
            }
        }

        return $correct;
    }

    public function named(string $response): array
    {
        $named = [];
        foreach ($this->conditions as $condition) {
            foreach ($condition->all(...self::NAMING) as $test) {
                if ($test->attribute('respident') === $response) {
                    array_push($named, ...self::values($test));
                }
            }
        }

        return array_values(array_unique($named));
    }

    public function ranges(string $response): array
    {
        $ranges = [];
        foreach ($this->conditions as $condition) {
            $within = $condition->child('conditionvar');
            foreach (null === $within ? [] : [$within, ...$within->all('and')] as $test) {
                $range = [self::bound($test, $response, 'vargte', 'vargt'), self::bound($test, $response, 'varlte', 'varlt')];
                if (null !== $range[0] && null !== $range[1]) {
                    $ranges[] = [$range[0], $range[1]];
                }
            }
        }
        foreach ($this->named($response) as $value) {
            $number = Decimal::of($value);
            if (null !== $number && [] === array_filter($ranges, static fn (array $range) => $number->isGreaterThanOrEqualTo($range[0]) && $number->isLessThanOrEqualTo($range[1]))) {
                $ranges[] = [Decimal::spelled($number), Decimal::spelled($number)];
            }
        }

        return array_values(array_unique($ranges, \SORT_REGULAR));
    }

    private static function bound(QtiElement $test, string $response, string ...$names): ?string
    {
        foreach ($test->children(...$names) as $bound) {
            $number = $bound->attribute('respident') === $response ? Decimal::of($bound->text()) : null;
            if (null !== $number) {
                return Decimal::spelled($number);
            }
        }

        return null;
    }

    /** @return list<string> what a condition wants to be answered */
    private function affirmed(?QtiElement $test, string $response): array
    {
        $affirmed = [];
        foreach ($test?->children() ?? [] as $part) {
            array_push($affirmed, ...match (true) {
                'not' === $part->name => [],
                \in_array($part->name, self::NAMING, true) => $part->attribute('respident') === $response ? self::values($part) : [],
                default => $this->affirmed($part, $response),
            });
        }

        return $affirmed;
    }

    /** @return list<string> */
    private static function values(QtiElement $test): array
    {
        return 'varsubset' === $test->name ? array_map(trim(...), explode(',', $test->text())) : [$test->words()];
    }

    /**
     * The conditions that hold, up to the first after which no other is tried.
     *
     * @param array<string, list<string>> $answers
     *
     * @return list<QtiElement>
     */
    private function holding(array $answers): array
    {
        $holding = [];
        foreach ($this->conditions as $condition) {
            $test = $condition->child('conditionvar');
            if (null === $test || !$this->holds($test, $answers, [] === $holding)) {
                continue;
            }
            $holding[] = $condition;
            if ('yes' !== strtolower($condition->attribute('continue'))) {
                break;
            }
        }

        return $holding;
    }

    /** @param array<string, list<string>> $answers */
    private function holds(QtiElement $test, array $answers, bool $isFirst): bool
    {
        $given = $answers[$test->attribute('respident')] ?? [];
        $holds = fn (QtiElement $part): bool => $this->holds($part, $answers, $isFirst);

        return match ($test->name) {
            'conditionvar', 'and' => [] === array_filter($test->children(), static fn (QtiElement $part) => !$holds($part)),
            'or' => [] !== array_filter($test->children(), $holds),
            'not' => [] === array_filter($test->children(), $holds),
            'unanswered' => [] === $given,
            'other' => $isFirst,
            'varequal' => [] !== array_filter($given, static fn (string $one) => self::isEqual($one, $test)),
            'varsubset' => [] !== $given && [] === array_diff($given, self::values($test)),
            'vargte', 'vargt', 'varlte', 'varlt' => self::isOrdered($test, Decimal::of($given[0] ?? '')),
            default => false,
        };
    }

    private static function isEqual(string $given, QtiElement $test): bool
    {
        $wanted = $test->words();

        return $given === $wanted || ('Yes' !== $test->attribute('case') && mb_convert_case($given, \MB_CASE_FOLD, 'UTF-8') === mb_convert_case($wanted, \MB_CASE_FOLD, 'UTF-8'));
    }

    private static function isOrdered(QtiElement $test, ?BigDecimal $given): bool
    {
        $bound = Decimal::of($test->text());

        return null !== $given && null !== $bound && match ($test->name) {
            'vargte' => $given->isGreaterThanOrEqualTo($bound),
            'vargt' => $given->isGreaterThan($bound),
            'varlte' => $given->isLessThanOrEqualTo($bound),
            default => $given->isLessThan($bound),
        };
    }

    private function worth(): ?BigDecimal
    {
        foreach ($this->item->child('itemmetadata')?->all('qtimetadatafield') ?? [] as $field) {
            if (Regex::match(self::WORTH, strtolower(strtr($field->child('fieldlabel')?->words() ?? '', '_', ' ')))) {
                return Decimal::of($field->child('fieldentry')?->text() ?? '');
            }
        }

        return null;
    }

    private static function nameOf(QtiElement $variable): string
    {
        $name = $variable->attribute('varname');

        return '' === $name ? 'SCORE' : strtoupper($name);
    }
}
