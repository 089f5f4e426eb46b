<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Qti;

/**
 * Scores written items as a quiz system would: a part of response processing, written from the standard (1EdTech QTI 2.1,
 * section 8, and ASI 1.2, from memory) and apart from both our writer and our reader. What it does not know fails the test.
 */
final class Scorer
{
    /** @var array<string, float|string|list<string>|null> */
    private array $outcomes = [];

    /** @param array<string, list<string>> $answers by the identifiers of their responses */
    private function __construct(private readonly \SimpleXMLElement $item, private readonly array $answers)
    {
    }

    /** @param array<string, list<string>> $answers */
    public static function score(string $xml, array $answers): float
    {
        return self::run($xml, $answers)['score'];
    }

    /**
     * @param array<string, list<string>> $answers
     *
     * @return list<string> the feedback that is shown, in words
     */
    public static function feedback(string $xml, array $answers): array
    {
        return self::run($xml, $answers)['feedback'];
    }

    /**
     * @param array<string, list<string>> $answers
     *
     * @return array{score: float, feedback: list<string>}
     */
    private static function run(string $xml, array $answers): array
    {
        // One spelling for all versions: without name spaces, and with the names of 2.1.
        $xml = (string) preg_replace('~ xmlns="[^"]*"~', '', $xml);
        $camel = static fn (string $name): string => (string) preg_replace_callback('/-([a-z])/', static fn (array $match) => strtoupper($match[1]), $name);
        $xml = (string) preg_replace_callback('~(</?)qti-([a-z-]+)~', static fn (array $match) => $match[1].$camel($match[2]), $xml);
        $xml = (string) preg_replace_callback('~ ([a-z]+(?:-[a-z]+)+)="~', static fn (array $match) => ' '.$camel($match[1]).'="', $xml);
        $item = simplexml_load_string($xml);
        \assert($item instanceof \SimpleXMLElement);
        $scorer = new self($item, $answers);

        return 'item' === $item->getName() ? $scorer->legacy() : $scorer->current();
    }

    /** @return array{score: float, feedback: list<string>} */
    private function current(): array
    {
        foreach ($this->item->outcomeDeclaration as $declaration) {
            $this->outcomes[(string) $declaration['identifier']] = isset($declaration->defaultValue) ? (float) $declaration->defaultValue->value : null;
        }
        $processing = $this->item->responseProcessing;
        if (isset($processing['template'])) {
            \assert(str_contains((string) $processing['template'], 'match_correct'));
            $this->outcomes['SCORE'] = $this->answered('RESPONSE') === $this->correct('RESPONSE') ? 1.0 : 0.0;
        } else {
            $this->rules($processing->children());
        }
        $shown = $this->outcomes['FEEDBACK'] ?? [];
        $feedback = [];
        foreach ($this->item->modalFeedback as $modal) {
            \assert('show' === (string) $modal['showHide']);
            if (\is_array($shown) && \in_array((string) $modal['identifier'], $shown, true)) {
                $feedback[] = trim(strip_tags((string) $modal->asXML()));
            }
        }

        $score = $this->outcomes['SCORE'] ?? 0.0;

        return ['score' => \is_float($score) ? $score : throw new \LogicException('A score is a number.'), 'feedback' => $feedback];
    }

    /** @param iterable<\SimpleXMLElement> $rules */
    private function rules(iterable $rules): void
    {
        foreach ($rules as $rule) {
            if ('setOutcomeValue' === $rule->getName()) {
                $this->outcomes[(string) $rule['identifier']] = $this->value($rule->children()[0] ?? throw new \LogicException());
            } elseif ('responseCondition' === $rule->getName()) {
                foreach ($rule->children() as $branch) {
                    $inside = iterator_to_array($branch->children(), false);
                    $holds = 'responseElse' === $branch->getName() ? true : $this->holds(array_shift($inside) ?? throw new \LogicException());
                    if ($holds) {
                        $this->rules($inside);
                        break;
                    }
                }
            } else {
                throw new \LogicException("The scorer does not know {$rule->getName()}.");
            }
        }
    }

    private function holds(\SimpleXMLElement $test): bool
    {
        $parts = iterator_to_array($test->children(), false);

        return match ($test->getName()) {
            'isNull' => null === $this->value($parts[0]),
            'and' => array_reduce($parts, fn (bool $all, \SimpleXMLElement $part) => $all && $this->holds($part), true),
            'gte' => is_numeric($this->single($parts[0])) && (float) $this->single($parts[0]) >= (float) $this->single($parts[1]),
            'lte' => is_numeric($this->single($parts[0])) && (float) $this->single($parts[0]) <= (float) $this->single($parts[1]),
            'stringMatch' => 'false' === (string) $test['caseSensitive'] ? mb_strtolower((string) $this->single($parts[0])) === mb_strtolower((string) $this->single($parts[1])) : $this->single($parts[0]) === $this->single($parts[1]),
            default => throw new \LogicException("The scorer does not know {$test->getName()}."),
        };
    }

    /** @return float|string|list<string>|null */
    private function value(\SimpleXMLElement $expression): float|string|array|null
    {
        $identifier = (string) $expression['identifier'];

        return match ($expression->getName()) {
            'baseValue' => 'float' === (string) $expression['baseType'] ? (float) $expression : (string) $expression,
            'variable' => \array_key_exists($identifier, $this->outcomes) ? $this->outcomes[$identifier] : $this->answered($identifier),
            'mapResponse' => $this->mapped($identifier),
            'multiple' => $this->together($expression),
            default => throw new \LogicException("The scorer does not know {$expression->getName()}."),
        };
    }

    private function single(\SimpleXMLElement $expression): float|string|null
    {
        $value = $this->value($expression);

        return \is_array($value) ? $value[0] ?? null : $value;
    }

    /** @return list<string> */
    private function together(\SimpleXMLElement $multiple): array
    {
        $all = [];
        foreach ($multiple->children() as $part) {
            $value = $this->value($part);
            array_push($all, ...(\is_array($value) ? $value : (\is_string($value) ? [$value] : [])));
        }

        return $all;
    }

    private function mapped(string $identifier): float
    {
        $mapping = $this->declaration($identifier)->mapping;
        $sum = 0.0;
        foreach (array_unique($this->answers[$identifier] ?? []) as $answer) {
            $value = (float) $mapping['defaultValue'];
            foreach ($mapping->mapEntry as $entry) {
                $isSame = 'false' === (string) ($entry['caseSensitive'] ?? 'true') ? mb_strtolower((string) $entry['mapKey']) === mb_strtolower($answer) : (string) $entry['mapKey'] === $answer;
                if ($isSame) {
                    $value = (float) $entry['mappedValue'];
                    break;
                }
            }
            $sum += $value;
        }

        return max((float) $mapping['lowerBound'], min((float) $mapping['upperBound'], $sum));
    }

    private function declaration(string $identifier): \SimpleXMLElement
    {
        foreach ($this->item->responseDeclaration as $declaration) {
            if ((string) $declaration['identifier'] === $identifier) {
                return $declaration;
            }
        }
        throw new \LogicException("{$identifier} is not declared.");
    }

    /** @return ?list<string> */
    private function answered(string $identifier): ?array
    {
        $this->declaration($identifier);
        $answer = $this->answers[$identifier] ?? [];

        return [] === $answer ? null : $answer;
    }

    /** @return list<string> */
    private function correct(string $identifier): array
    {
        $values = [];
        foreach ($this->declaration($identifier)->correctResponse->value as $value) {
            $values[] = (string) $value;
        }

        return $values;
    }

    /** @return array{score: float, feedback: list<string>} */
    private function legacy(): array
    {
        $variable = $this->item->resprocessing->outcomes->decvar;
        $score = (float) $variable['defaultval'];
        $links = [];
        foreach ($this->item->resprocessing->respcondition as $condition) {
            \assert('Yes' === (string) $condition['continue']);
            if ($this->met($condition->conditionvar)) {
                foreach ($condition->setvar as $set) {
                    \assert('Add' === (string) $set['action']);
                    $score += (float) $set;
                }
                foreach ($condition->displayfeedback as $display) {
                    $links[] = (string) $display['linkrefid'];
                }
            }
        }
        $feedback = [];
        foreach ($this->item->itemfeedback as $one) {
            if (\in_array((string) $one['ident'], $links, true)) {
                $feedback[] = trim(strip_tags((string) $one->flow_mat->material->mattext));
            }
        }

        return ['score' => max((float) $variable['minvalue'], min((float) $variable['maxvalue'], $score)), 'feedback' => $feedback];
    }

    private function met(\SimpleXMLElement $test): bool
    {
        $parts = iterator_to_array($test->children(), false);
        $given = $this->answers[(string) $test['respident']] ?? [];

        return match ($test->getName()) {
            'conditionvar', 'and' => array_reduce($parts, fn (bool $all, \SimpleXMLElement $part) => $all && $this->met($part), true),
            'or' => array_reduce($parts, fn (bool $any, \SimpleXMLElement $part) => $any || $this->met($part), false),
            'not' => !$this->met($parts[0]),
            'unanswered' => [] === $given,
            'other' => true,
            'varequal' => 'No' === (string) ($test['case'] ?? 'Yes') ? \in_array(mb_strtolower((string) $test), array_map(mb_strtolower(...), $given), true) : \in_array((string) $test, $given, true),
            'vargte' => is_numeric($given[0] ?? '') && (float) $given[0] >= (float) $test,
            'varlte' => is_numeric($given[0] ?? '') && (float) $given[0] <= (float) $test,
            default => throw new \LogicException("The scorer does not know {$test->getName()}."),
        };
    }
}
