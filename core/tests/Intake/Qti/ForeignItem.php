<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Qti;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * One item as some other program might have exported it, and what it asks, on one line. The ways to write it are those that
 * the standards leave open (IMS QTI 1.2 ASI binding; IMS QTI 2.1, 2.2 and 3.0 implementation guides, from memory).
 */
final class ForeignItem
{
    private const WORDS = ['drone', 'queen', 'worker', 'wax', 'honey', 'pollen', 'swarm', 'comb', 'brood', 'smoker', 'nectar', 'hive'];
    private const NAMESPACES = ['2.1' => 'http://www.imsglobal.org/xsd/imsqti_v2p1', '2.2' => 'http://www.imsglobal.org/xsd/imsqti_v2p2', '3.0' => 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0'];

    public string $xml = '';
    public string $gist = '';
    /** What is said to one of its options. */
    public ?string $feedback = null;

    private readonly Randomizer $random;
    private readonly string $version;
    private readonly string $prefix;
    /** What everything right earns. */
    private readonly int $points;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->version = $this->oneOf(['1.2', '2.1', '2.2', '3.0']);
        $this->prefix = \in_array($this->version, ['2.1', '2.2'], true) && $this->chance(4) ? 'qti:' : '';
        $this->points = $this->oneOf([1, 1, 2, 5]);
        $stem = $this->stem();
        match ($this->oneOf(['choice', 'choice', 'several', 'truth', 'typed', 'number', 'pairs', 'gap', 'essay'])) {
            'choice' => $this->choice($stem, $this->words($this->random->getInt(2, 5)), false),
            'several' => $this->choice($stem, $this->words($this->random->getInt(3, 6)), true),
            'truth' => $this->choice($stem, ['True', 'False'], false),
            'typed' => $this->typed($stem),
            'number' => $this->number($stem),
            'pairs' => $this->pairs($stem),
            'gap' => $this->gap(),
            'essay' => $this->essay($stem),
        };
    }

    /** @param non-empty-list<string> $options */
    private function choice(string $stem, array $options, bool $areSeveral): void
    {
        $right = $areSeveral ? $this->random->pickArrayKeys($options, $this->random->getInt(2, \count($options) - 1)) : [$this->random->getInt(0, \count($options) - 1)];
        $names = $this->oneOf([['A', 'B', 'C', 'D', 'E', 'F'], ['choice_1', 'choice_2', 'choice_3', 'choice_4', 'choice_5', 'choice_6'], ['1', '2', '3', '4', '5', '6'], ['i7f', 'i2a', 'i9c', 'i00', 'ib1', 'i3e']]);
        $keys = array_map(static fn (int $place) => $names[$place], $right);
        $told = $areSeveral || ['True', 'False'] === $options || !$this->chance(3) ? null : $this->random->getInt(0, \count($options) - 1);
        $this->gist = $this->line($stem).(['True', 'False'] === $options ? ' | '.$options[$right[0]] : ' '.implode(' ', array_map(
            static fn (string $text, int $place) => (\in_array($place, $right, true) ? '+' : '-').' '.$text,
            $options,
            array_keys($options),
        )));
        $count = \count($keys);
        $this->feedback = null === $told ? null : "Look at {$options[$told]}.";
        if ('1.2' === $this->version) {
            $labels = '';
            foreach ($options as $place => $text) {
                $label = $this->element('response_label', ['ident' => $names[$place]], $this->material($text));
                $labels .= $this->chance(4) ? $this->element('flow_label', [], $label) : $label;
            }
            $conditions = '';
            if ($areSeveral && $this->chance(2)) {
                $tests = array_map(fn (string $name) => \in_array($name, $keys, true)
                    ? $this->element('varequal', ['respident' => 'R'], $name)
                    : $this->element('not', [], $this->element('varequal', ['respident' => 'R'], $name)), \array_slice($names, 0, \count($options)));
                $conditions = $this->condition($this->element('and', [], implode('', $tests)), 'Set', '100', false);
            } elseif ($areSeveral) {
                foreach ($names as $place => $name) {
                    $earned = \in_array($name, $keys, true) ? 100 / $count : -100 / (\count($options) - $count);
                    $conditions .= isset($options[$place]) ? $this->condition($this->element('varequal', ['respident' => 'R'], $name), 'Add', (string) round($earned, 4), true) : '';
                }
            } else {
                $conditions = null === $told ? '' : $this->condition($this->element('varequal', ['respident' => 'R'], $names[$told]), null, '', true, 'fb');
                $test = $this->element('varequal', ['respident' => 'R'], $keys[0]);
                $conditions .= $this->condition($this->chance(3) ? $this->element('and', [], $test) : $test, 'Set', '100', $this->chance(2));
            }
            $this->legacy(
                $stem,
                $this->element('response_lid', ['ident' => 'R', 'rcardinality' => $areSeveral ? 'Multiple' : 'Single'], $this->element('render_choice', $this->chance(2) ? ['shuffle' => 'Yes'] : [], $labels)),
                $conditions,
                null === $told ? '' : $this->element('itemfeedback', ['ident' => 'fb'], $this->material("Look at {$options[$told]}.")),
            );

            return;
        }
        $isInline = $this->chance(2);
        $choices = '';
        foreach ($options as $place => $text) {
            $inline = $told === $place && $isInline ? $this->element('feedbackInline', ['outcomeIdentifier' => 'FEEDBACK', 'identifier' => $names[$place], 'showHide' => 'show'], "Look at {$text}.") : '';
            $choices .= $this->element('simpleChoice', ['identifier' => $names[$place]] + ($this->chance(4) ? ['fixed' => 'true'] : []), $this->text($text).$inline);
        }
        $values = implode('', array_map(fn (string $key) => $this->element('value', [], $key), $keys));
        $mapping = implode('', array_map(
            fn (string $name) => $this->element('mapEntry', ['mapKey' => $name, 'mappedValue' => (string) round(\in_array($name, $keys, true) ? $this->points / $count : -$this->points / (\count($options) - $count), 5)]),
            \array_slice($names, 0, \count($options)),
        ));
        [$declared, $processing] = $areSeveral && $this->chance(2)
            ? [$this->element('correctResponse', [], $values).$this->element('mapping', ['defaultValue' => '0'] + ($this->chance(2) ? ['lowerBound' => '0'] : []), $mapping), $this->mapped()]
            : [$this->element('correctResponse', [], $values), $this->matched('identifier', $keys)];
        $this->item(
            $stem,
            $this->element('responseDeclaration', ['identifier' => 'RESPONSE', 'cardinality' => $areSeveral ? 'multiple' : 'single', 'baseType' => 'identifier'], $declared),
            fn (string $prompt) => $this->element('choiceInteraction', ['responseIdentifier' => 'RESPONSE', 'shuffle' => 'false', 'maxChoices' => $areSeveral ? $this->oneOf(['0', (string) \count($options)]) : '1'], $prompt.$choices),
            $processing,
            null === $told ? '' : $names[$told],
            null === $told || $isInline ? '' : "Look at {$options[$told]}.",
        );
    }

    private function typed(string $stem): void
    {
        $forms = $this->words($this->random->getInt(1, 3));
        $this->gist = $this->line($stem).' = '.implode(' / ', $forms);
        if ('1.2' === $this->version) {
            $tests = implode('', array_map(fn (string $form) => $this->element('varequal', ['respident' => 'R'] + ($this->chance(2) ? ['case' => 'No'] : []), $form), $forms));
            $conditions = 1 === \count($forms) || $this->chance(2)
                ? implode('', array_map(fn (string $form) => $this->condition($this->element('varequal', ['respident' => 'R'], $form), 'Set', '100', false), $forms))
                : $this->condition($this->element('or', [], $tests), 'Set', '100', $this->chance(2));
            $this->legacy($stem, $this->element('response_str', ['ident' => 'R', 'rcardinality' => 'Single'], $this->element('render_fib', ['columns' => '15'] + ($this->chance(2) ? ['prompt' => 'Box'] : []), $this->element('response_label', ['ident' => 'x'], ''))), $conditions);

            return;
        }
        $mapping = $this->element('mapping', ['defaultValue' => '0'], implode('', array_map(fn (string $form) => $this->element('mapEntry', ['mapKey' => $form, 'mappedValue' => (string) $this->points] + ($this->chance(2) ? ['caseSensitive' => 'false'] : [])), $forms)));
        $correct = $this->element('correctResponse', [], $this->element('value', [], $forms[0]));
        $isMapped = \count($forms) > 1 || $this->chance(2);
        $this->item(
            $stem,
            $this->element('responseDeclaration', ['identifier' => 'RESPONSE', 'cardinality' => 'single', 'baseType' => 'string'], $correct.($isMapped ? $mapping : '')),
            fn (string $prompt) => '' === $prompt || $this->chance(2)
                ? $prompt.$this->element('p', [], $this->element('textEntryInteraction', ['responseIdentifier' => 'RESPONSE', 'expectedLength' => '15']))
                : $this->element('div', [], $prompt.$this->element('p', [], $this->element('textEntryInteraction', ['responseIdentifier' => 'RESPONSE']))),
            $isMapped ? $this->mapped() : $this->matched('string', $forms),
        );
    }

    private function number(string $stem): void
    {
        [$value, $tolerance] = [$this->random->getInt(2, 90), $this->random->getInt(0, 3)];
        $this->gist = $this->line($stem).' = '.(0 === $tolerance ? $value : $value.':'.$tolerance);
        if ('1.2' === $this->version) {
            $this->gist = $this->line($stem).' = '.(0 === $tolerance ? $value : ($value - $tolerance).'..'.($value + $tolerance));
            $test = 0 === $tolerance
                ? $this->element('varequal', ['respident' => 'R'], (string) $value)
                : $this->element('vargte', ['respident' => 'R'], (string) ($value - $tolerance)).$this->element('varlte', ['respident' => 'R'], (string) ($value + $tolerance));
            $this->legacy($stem, $this->element('response_num', ['ident' => 'R', 'numtype' => 'Decimal'], $this->element('render_fib', ['fibtype' => 'Decimal'], '')), $this->condition($test, 'Set', '100', false));

            return;
        }
        $variable = $this->element('variable', ['identifier' => 'RESPONSE']);
        $correct = $this->element('correct', ['identifier' => 'RESPONSE']);
        $isStretch = $tolerance > 0 && $this->chance(2);
        $test = match (true) {
            $isStretch => $this->element('and', [], $this->element('gte', [], $variable.$this->base('float', (string) ($value - $tolerance))).$this->element('lte', [], $variable.$this->base('float', (string) ($value + $tolerance)))),
            $tolerance > 0 => $this->element('equal', ['toleranceMode' => 'absolute', 'tolerance' => $this->oneOf(["{$tolerance}", "{$tolerance} {$tolerance}"])], $variable.$correct),
            $this->chance(2) => $this->element('equal', ['toleranceMode' => 'exact'], $variable.$this->base('float', (string) $value)),
            default => $this->element('match', [], $variable.$correct),
        };
        $this->item(
            $stem,
            $this->element('responseDeclaration', ['identifier' => 'RESPONSE', 'cardinality' => 'single', 'baseType' => $this->oneOf(['float', 'integer'])], $this->element('correctResponse', [], $this->element('value', [], (string) $value))),
            fn (string $prompt) => $prompt.$this->element('p', [], $this->element('textEntryInteraction', ['responseIdentifier' => 'RESPONSE'])),
            $this->processing($this->earning($test)),
        );
    }

    private function pairs(string $stem): void
    {
        $prompts = $this->words(3);
        $matches = array_map(static fn (string $prompt) => "of the {$prompt}", $prompts);
        $this->gist = $this->line($stem).' '.implode('; ', array_map(static fn (string $prompt, string $match) => "{$prompt} -> {$match}", $prompts, $matches));
        $order = $this->random->shuffleArray([0, 1, 2]);
        if ('1.2' === $this->version) {
            $fields = $conditions = '';
            foreach ($prompts as $place => $prompt) {
                $labels = implode('', array_map(fn (int $at) => $this->element('response_label', ['ident' => "m{$at}"], $this->material($matches[$at])), $order));
                $fields .= $this->element('response_lid', ['ident' => "R{$place}"], $this->material($prompt).$this->element('render_choice', [], $labels));
                $conditions .= $this->condition($this->element('varequal', ['respident' => "R{$place}"], "m{$place}"), 'Add', '33.3333', true);
            }
            $this->legacy($stem, $fields, $conditions);

            return;
        }
        $choice = fn (string $name, string $text): string => $this->element('simpleAssociableChoice', ['identifier' => $name, 'matchMax' => '1'], $this->text($text));
        $sets = $this->element('simpleMatchSet', [], implode('', array_map(static fn (int $at) => $choice("p{$at}", $prompts[$at]), [0, 1, 2])))
            .$this->element('simpleMatchSet', [], implode('', array_map(static fn (int $at) => $choice("m{$at}", $matches[$at]), $order)));
        $values = implode('', array_map(fn (int $at) => $this->element('value', [], "p{$at} m{$at}"), $this->random->shuffleArray([0, 1, 2])));
        $mapping = implode('', array_map(fn (int $at) => $this->element('mapEntry', ['mapKey' => "p{$at} m{$at}", 'mappedValue' => (string) $this->points]), [0, 1, 2]));
        $isMapped = $this->chance(2);
        if ($isMapped) {
            $this->gist = str_replace($this->line($stem), $this->line($stem, 3 * $this->points), $this->gist);
        }
        $this->item(
            $stem,
            $this->element('responseDeclaration', ['identifier' => 'RESPONSE', 'cardinality' => 'multiple', 'baseType' => 'directedPair'], $this->element('correctResponse', [], $values).($isMapped ? $this->element('mapping', ['defaultValue' => '0'], $mapping) : '')),
            fn (string $prompt) => $this->element('matchInteraction', ['responseIdentifier' => 'RESPONSE', 'shuffle' => 'false', 'maxAssociations' => '3'], $prompt.$sets),
            $isMapped ? $this->mapped() : $this->processing($this->earning($this->element('match', [], $this->element('variable', ['identifier' => 'RESPONSE']).$this->element('correct', ['identifier' => 'RESPONSE'])))),
        );
    }

    /** A word in a sentence, typed or picked. */
    private function gap(): void
    {
        [$before, $after] = $this->oneOf([['In May, the', 'is full of brood.'], ['A keeper looks for the', 'first.'], ['Without', ', no colony lives long.']]);
        $isPicked = $this->chance(2);
        $options = $this->words(3);
        $space = str_starts_with($after, ',') ? '' : ' ';
        $this->gist = $this->line("{$before} _____{$space}{$after}").($isPicked ? " + {$options[0]} - {$options[1]} - {$options[2]}" : " = {$options[0]}");
        $names = ['g1', 'g2', 'g3'];
        $order = $this->random->shuffleArray([0, 1, 2]);
        if ($isPicked) {
            $this->gist = $this->line("{$before} _____{$space}{$after}").' '.implode(' ', array_map(static fn (int $place) => (0 === $place ? '+' : '-')." {$options[$place]}", $order));
        }
        $right = $isPicked ? $names[0] : $options[0];
        if ('1.2' === $this->version) {
            $field = $isPicked
                ? $this->element('response_lid', ['ident' => 'R'], $this->element('render_choice', [], implode('', array_map(fn (int $place) => $this->element('response_label', ['ident' => $names[$place]], $this->material($options[$place])), $order))))
                : $this->element('response_str', ['ident' => 'R'], $this->element('render_fib', [], $this->element('response_label', ['ident' => 'x'])));
            $words = fn (string $text): string => $this->element('material', [], $this->element('mattext', [], $text));
            $this->legacy('', $this->element('flow', [], $words("{$before} ").$field.$words("{$space}{$after}")), $this->condition($this->element('varequal', ['respident' => 'R'], $right), 'Set', '100', false));

            return;
        }
        $field = $isPicked
            ? $this->element('inlineChoiceInteraction', ['responseIdentifier' => 'RESPONSE', 'shuffle' => 'false'], implode('', array_map(fn (int $place) => $this->element('inlineChoice', ['identifier' => $names[$place]], $options[$place]), $order)))
            : $this->element('textEntryInteraction', ['responseIdentifier' => 'RESPONSE', 'expectedLength' => '10']);
        $this->item(
            '',
            $this->element('responseDeclaration', ['identifier' => 'RESPONSE', 'cardinality' => 'single', 'baseType' => $isPicked ? 'identifier' : 'string'], $this->element('correctResponse', [], $this->element('value', [], $right))),
            fn (string $prompt) => $this->element($this->oneOf(['p', 'div']), [], "{$before} {$field}{$space}{$after}"),
            $this->matched($isPicked ? 'identifier' : 'string', [$right]),
        );
    }

    private function essay(string $stem): void
    {
        $this->gist = $this->line($stem, '1.2' === $this->version ? $this->points : 1).' …';
        '1.2' === $this->version
            ? $this->legacy($stem, $this->element('response_str', ['ident' => 'R'], $this->element('render_fib', ['rows' => '8', 'columns' => '60'], '')), '')
            : $this->item($stem, $this->element('responseDeclaration', ['identifier' => 'RESPONSE', 'cardinality' => 'single', 'baseType' => 'string']), fn (string $prompt) => $this->element('extendedTextInteraction', ['responseIdentifier' => 'RESPONSE', 'expectedLines' => '8'], $prompt), '');
    }

    /** @param \Closure(string): string $interaction with the prompt that is to stand in it */
    private function item(string $stem, string $declaration, \Closure $interaction, string $processing, string $feedback = '', string $modal = ''): void
    {
        $way = $this->random->getInt(0, 2);
        $isField = str_contains($interaction(''), 'extEntry') || str_contains($interaction(''), 'ext-entry');
        $body = match (true) {
            '' === $stem => $interaction(''),
            0 === $way && !$isField => $interaction($this->element('prompt', [], $this->text($stem))),
            1 === $way => $this->element('p', [], $stem).$interaction(''),
            default => $this->element('div', ['class' => 'stem'], $this->element('p', [], $stem)).$interaction(''),
        };
        $told = '' === $feedback ? '' : $this->element('setOutcomeValue', ['identifier' => 'FEEDBACK'], $this->element('variable', ['identifier' => 'RESPONSE']));
        if ('' !== $told) {
            // A template sets no feedback: it is spelled out beside it.
            $processing = $this->element('responseProcessing', [], $this->earning($this->element('match', [], $this->element('variable', ['identifier' => 'RESPONSE']).$this->element('correct', ['identifier' => 'RESPONSE']))).$told);
        }
        $outcomes = $this->element('outcomeDeclaration', ['identifier' => 'SCORE', 'cardinality' => 'single', 'baseType' => 'float'], $this->chance(2) ? $this->element('defaultValue', [], $this->element('value', [], '0')) : '')
            .('' === $feedback ? '' : $this->element('outcomeDeclaration', ['identifier' => 'FEEDBACK', 'cardinality' => 'single', 'baseType' => 'identifier']));
        $colon = '' === $this->prefix ? 'xmlns' : 'xmlns:qti';
        $this->xml = $this->element('assessmentItem', [$colon => self::NAMESPACES[$this->version] ?? '', 'identifier' => 'item-1', 'title' => 'An item', 'adaptive' => 'false', 'timeDependent' => 'false'], $declaration.$outcomes
            .$this->element('itemBody', [], $body)
            .$processing
            .('' === $modal ? '' : $this->element('modalFeedback', ['outcomeIdentifier' => 'FEEDBACK', 'identifier' => $feedback, 'showHide' => 'show'], $this->text($modal))));
    }

    private function legacy(string $stem, string $fields, string $conditions, string $feedback = ''): void
    {
        $body = ('' === $stem ? '' : $this->material($stem, false)).$fields;
        $item = $this->element('item', ['ident' => 'item-1', 'title' => 'An item'],
            (1 === $this->points ? '' : $this->element('itemmetadata', [], $this->element('qtimetadata', [], $this->element('qtimetadatafield', [], $this->element('fieldlabel', [], 'points_possible').$this->element('fieldentry', [], (string) $this->points)))))
            .$this->element('presentation', [], $this->chance(2) ? $this->element('flow', [], $body) : $body)
            .('' === $conditions ? '' : $this->element('resprocessing', [], $this->element('outcomes', [], $this->element('decvar', ['varname' => 'SCORE', 'vartype' => 'Decimal', 'minvalue' => '0', 'maxvalue' => '100'])).$conditions))
            .$feedback);
        $this->xml = ($this->chance(2) ? "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" : '').$this->element('questestinterop', [], match ($this->random->getInt(0, 3)) {
            0 => $this->element('assessment', ['ident' => 'a', 'title' => 'A test'], $this->element('section', ['ident' => 's'], $item)),
            1 => $this->element('objectbank', ['ident' => 'b'], $item),
            default => $item,
        });
    }

    private function condition(string $test, ?string $action, string $value, bool $goesOn, ?string $feedback = null): string
    {
        return $this->element('respcondition', ['continue' => $goesOn ? 'Yes' : 'No'], $this->element('conditionvar', [], $test)
            .(null === $action ? '' : $this->element('setvar', ['action' => $action] + ($this->chance(2) ? ['varname' => 'SCORE'] : []), $value))
            .(null === $feedback ? '' : $this->element('displayfeedback', ['feedbacktype' => 'Response', 'linkrefid' => $feedback])));
    }

    /** @param list<string> $right */
    private function matched(string $type, array $right): string
    {
        $variable = $this->element('variable', ['identifier' => 'RESPONSE']);
        if (1 === $this->points && $this->chance(2)) {
            return $this->template('match_correct');
        }
        $match = $this->element('match', [], $variable.(1 === \count($right) && $this->chance(2) ? $this->base($type, $right[0]) : $this->element('correct', ['identifier' => 'RESPONSE'])));

        return $this->processing($this->earning($match));
    }

    private function mapped(): string
    {
        return $this->chance(2) ? $this->template('map_response') : $this->processing($this->element('setOutcomeValue', ['identifier' => 'SCORE'], $this->element('mapResponse', ['identifier' => 'RESPONSE'])));
    }

    private function template(string $name): string
    {
        return $this->element('responseProcessing', ['template' => '3.0' === $this->version
            ? "https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/{$name}.xml"
            : "http://www.imsglobal.org/question/{$this->oneOf(['qti_v2p1', 'qti_v2p0'])}/rptemplates/{$name}{$this->oneOf(['', '.xml'])}"]);
    }

    private function processing(string $rules): string
    {
        return $this->element('responseProcessing', [], $rules);
    }

    /** The points, if it holds. */
    private function earning(string $test): string
    {
        $variable = $this->element('variable', ['identifier' => 'SCORE']);
        $points = $this->base('float', (string) $this->points);
        $if = $this->element('responseIf', [], $test.$this->element('setOutcomeValue', ['identifier' => 'SCORE'], $this->chance(3) ? $this->element('sum', [], $variable.$points) : $points));
        $else = $this->chance(2) ? $this->element('responseElse', [], $this->element('setOutcomeValue', ['identifier' => 'SCORE'], $this->base('float', '0'))) : '';

        return $this->element('responseCondition', [], $this->chance(4)
            ? $this->element('responseIf', [], $this->element('isNull', [], $this->element('variable', ['identifier' => 'RESPONSE'])).$this->element('setOutcomeValue', ['identifier' => 'SCORE'], $this->base('float', '0'))).str_replace('esponseIf', 'esponseElseIf', str_replace('esponse-if', 'esponse-else-if', $if)).$else
            : $if.$else);
    }

    private function base(string $type, string $value): string
    {
        return $this->element('baseValue', ['baseType' => $type], $value);
    }

    /** A text of 1.2 in one of its wraps. */
    private function material(string $text, bool $mayFlow = true): string
    {
        return match ($this->random->getInt($mayFlow ? 0 : 1, 4)) {
            0 => $this->element('flow_mat', [], $this->element('material', [], $this->element('mattext', [], $text))),
            1 => $this->element('material', [], $this->element('mattext', ['texttype' => 'text/html'], "&lt;p&gt;{$text}&lt;/p&gt;")),
            2 => $this->element('material', [], $this->element('mattext', ['texttype' => 'text/plain'], "<![CDATA[{$text}]]>")),
            3 => $this->element('material', [], $this->element('mattext', ['texttype' => 'text/html'], "<![CDATA[<div><p>{$text}</p></div>]]>")),
            default => $this->element('material', [], $this->element('mattext', [], $text)),
        };
    }

    /** A text of later versions in one of its wraps. */
    private function text(string $text): string
    {
        return match ($this->random->getInt(0, 3)) {
            0 => $this->element('p', [], $text),
            1 => $this->element('div', [], $this->element('p', [], $text)),
            2 => "\n    {$text}\n  ",
            default => $text,
        };
    }

    /** @param array<string, string> $attributes */
    private function element(string $name, array $attributes, string $content = ''): string
    {
        $isHtml = \in_array($name, ['p', 'div'], true);
        $kebab = static fn (string $camel): string => strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $camel));
        $written = '3.0' === $this->version && !$isHtml ? 'qti-'.$kebab($name) : $this->prefix.$name;
        $text = '';
        foreach ($attributes as $attribute => $value) {
            $text .= ' '.('3.0' === $this->version ? $kebab($attribute) : $attribute).'="'.$value.'"';
        }

        return '' === $content ? "<{$written}{$text}/>" : "<{$written}{$text}>{$content}</{$written}>";
    }

    private function stem(): string
    {
        return $this->oneOf(['Which of them is meant?', 'What does a bee need?', 'Say what is so.', 'How is it in May?', 'What is kept in the hive, and why?', 'Ist es größer als die Königin?'])
            .($this->chance(3) ? ' Think of the '.$this->oneOf(self::WORDS).'.' : '');
    }

    private function line(string $stem, ?int $points = null): string
    {
        $points ??= $this->points;

        return (1 === $points ? '' : "({$points}) ").$stem;
    }

    /**
     * @param positive-int $count
     *
     * @return non-empty-list<string>
     */
    private function words(int $count): array
    {
        return \array_slice($this->random->shuffleArray(self::WORDS), 0, $count);
    }

    /** @phpstan-impure */
    private function chance(int $oneIn): bool
    {
        return 1 === $this->random->getInt(1, $oneIn);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
