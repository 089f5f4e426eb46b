<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigRational;

/** What the response processing of an assessment item of the versions 2 and 3 makes of answers. */
final class Processing implements Marks
{
    private const SCORE = 'SCORE';

    /** @var array<string, QtiElement> by their identifiers */
    private readonly array $responses;
    private readonly ?QtiElement $rules;
    private readonly Evaluation $evaluation;
    /** The outcome that is the score. */
    private readonly string $score;
    /** @var array<string, list<string>> what outcomes are declared to be before anything is processed */
    private readonly array $defaults;
    /** @var array<string, list<string>> what has been looked for, by response */
    private array $named = [];

    public function __construct(private readonly QtiElement $item)
    {
        $responses = $defaults = $zeros = [];
        foreach ($item->children('responseDeclaration') as $declaration) {
            $responses[$declaration->attribute('identifier')] = $declaration;
        }
        foreach ($item->children('outcomeDeclaration') as $declaration) {
            $values = array_map(static fn (QtiElement $value) => trim($value->text()), $declaration->child('defaultValue')?->children('value') ?? []);
            if ([] !== $values) {
                $defaults[$declaration->attribute('identifier')] = $values;
            }
            if (\in_array($declaration->attribute('baseType'), ['float', 'integer'], true)) {
                // A number of which nothing is said begins at nothing, so that points can be added to it.
                $zeros[$declaration->attribute('identifier')] = ['0'];
            }
        }
        $this->responses = $responses;
        $this->defaults = $defaults;
        $this->rules = $item->child('responseProcessing');
        $this->evaluation = new Evaluation($item, $responses, $defaults + $zeros);
        $this->score = $this->scoreAmong($item->children('outcomeDeclaration'));
    }

    public function earned(array $answers): BigRational
    {
        $score = Evaluation::number($this->evaluation->outcomes($answers)[$this->score] ?? null);

        return BigRational::of($score ?? 0);
    }

    public function shown(array $answers): array
    {
        $shown = [];
        foreach ($this->evaluation->outcomes($answers) as $identifier => $value) {
            if ($identifier !== $this->score && \is_array($value)) {
                array_push($shown, ...array_map(static fn (string $one) => "{$identifier} {$one}", $value));
            }
        }

        return $shown;
    }

    public function most(): ?BigRational
    {
        $most = Evaluation::number($this->defaults['MAXSCORE'] ?? null);
        foreach ($this->item->children('outcomeDeclaration') as $declaration) {
            if ($declaration->attribute('identifier') === $this->score) {
                $most ??= Decimal::of($declaration->attribute('normalMaximum'));
            }
        }

        return null === $most ? null : BigRational::of($most);
    }

    public function scale(): ?BigRational
    {
        return null;
    }

    public function correct(string $response): array
    {
        return $this->evaluation->correct($response);
    }

    public function named(string $response): array
    {
        return $this->named[$response] ??= $this->namedIn($response);
    }

    /** @return list<string> */
    private function namedIn(string $response): array
    {
        $named = [];
        foreach (($this->responses[$response] ?? null)?->child('mapping')?->children('mapEntry') ?? [] as $entry) {
            $named[] = Evaluation::spaced($entry->attribute('mapKey'));
        }
        array_push($named, ...array_map(Evaluation::spaced(...), $this->correct($response)));
        foreach ($this->rules?->all('match', 'equal', 'equalRounded', 'stringMatch', 'member', 'contains') ?? [] as $test) {
            if ($this->evaluation->isAbout($test, $response)) {
                foreach ($test->all('baseValue') as $value) {
                    $named[] = Evaluation::spaced(trim($value->text()));
                }
            }
        }

        return array_values(array_unique($named));
    }

    public function ranges(string $response): array
    {
        $ranges = [];
        foreach ($this->rules?->all('and', 'equal', 'equalRounded') ?? [] as $test) {
            $range = 'and' === $test->name ? $this->between($test, $response) : $this->evaluation->tolerated($test, $response);
            if (null !== $range) {
                $ranges[] = $range;
            }
        }
        if ([] === $ranges) {
            foreach ($this->named($response) as $value) {
                $number = Decimal::of($value);
                if (null !== $number) {
                    $ranges[] = [Decimal::spelled($number), Decimal::spelled($number)];
                }
            }
        }

        return array_values(array_unique($ranges, \SORT_REGULAR));
    }

    /** @return ?array{string, string} */
    private function between(QtiElement $and, string $response): ?array
    {
        $bounds = [];
        foreach ($and->children('gte', 'gt', 'lte', 'lt') as $test) {
            $value = Decimal::of($test->child('baseValue')?->text() ?? '');
            if (null !== $value && $this->evaluation->isAbout($test, $response)) {
                // The number may stand first: 3 ≤ x.
                $isTurned = 'baseValue' === ($test->children()[0]->name ?? '');
                $bounds[('g' === $test->name[0]) === $isTurned ? 1 : 0] = Decimal::spelled($value);
            }
        }

        return isset($bounds[0], $bounds[1]) ? [$bounds[0], $bounds[1]] : null;
    }

    /** @param list<QtiElement> $declarations */
    private function scoreAmong(array $declarations): string
    {
        $first = null;
        foreach ($declarations as $declaration) {
            if (self::SCORE === $declaration->attribute('identifier')) {
                return self::SCORE;
            }
            $isNumber = \in_array($declaration->attribute('baseType'), ['float', 'integer'], true);
            $first ??= $isNumber && 'MAXSCORE' !== $declaration->attribute('identifier') ? $declaration->attribute('identifier') : null;
        }

        return $first ?? self::SCORE;
    }
}
