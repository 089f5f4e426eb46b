<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

/** Reads items of version 1.2. */
final readonly class LegacyItemReader
{
    private const FIELDS = ['response_lid', 'response_str', 'response_num', 'response_grp', 'response_xy'];

    private function __construct(private QtiElement $item, private Html $html, private string $folder, private LegacyProcessing $marks)
    {
    }

    /** @param string $folder of its file */
    public static function read(QtiElement $item, Html $html, string $folder): Item
    {
        return (new self($item, $html, $folder, new LegacyProcessing($item)))->item();
    }

    private function item(): Item
    {
        $presentation = $this->item->child('presentation');
        $fields = array_map($this->field(...), $presentation?->all(...self::FIELDS) ?? []);
        $body = null === $presentation ? '' : $this->content($presentation);
        $pairs = $this->asPairs($fields);
        if (null !== $pairs) {
            foreach ($fields as $field) {
                $body = str_replace(Html::place($field->response), '', $body);
            }
        }
        $feedback = [];
        foreach ($this->item->children('itemfeedback') as $one) {
            $feedback[$one->attribute('ident')] = Html::tidied($this->content($one));
        }

        return new Item(
            $this->item->attribute('ident'),
            $this->item->attribute('title'),
            Html::tidied($body),
            null === $pairs ? $fields : [$pairs],
            array_filter($feedback, static fn (string $html) => '' !== $html),
            $this->marks,
            true,
        );
    }

    /** Materials that stand side by side are lines; within a flow, they and its fields are one. */
    private function content(QtiElement $parent): string
    {
        $html = '';
        $isFlow = 'flow' === $parent->name;
        foreach ($parent->children() as $child) {
            $piece = match (true) {
                'material' === $child->name => $this->material($child),
                \in_array($child->name, self::FIELDS, true) => Html::place($child->attribute('ident')),
                \in_array($child->name, ['flow', 'flow_mat', 'solution', 'solutionmaterial', 'hint', 'hintmaterial'], true) => $this->content($child),
                default => '',
            };
            $html .= ('' === $html || '' === $piece || ($isFlow && 'flow' !== $child->name) ? '' : '<br>').$piece;
        }

        return $html;
    }

    private function material(QtiElement $material): string
    {
        $html = '';
        foreach ($material->children() as $child) {
            $this->html->passOver($child->name);
            $html .= match ($child->name) {
                'mattext' => $this->text($child),
                'matemtext' => '<em>'.$this->text($child).'</em>',
                'matbreak' => '<br>',
                'matimage' => $this->html->partOfString('<img src="'.htmlspecialchars($child->attribute('uri')).'" alt="'.htmlspecialchars($child->attribute('label')).'">', $this->folder),
                'material' => $this->material($child),
                default => '',
            };
        }

        return $html;
    }

    private function text(QtiElement $text): string
    {
        return match (true) {
            [] !== $text->children() => $this->html->part($text->nodes(), $this->folder),
            'text/plain' === strtolower($text->attribute('texttype')) => Html::ofWords($text->text()),
            default => $this->html->partOfString($text->text(), $this->folder),
        };
    }

    private function field(QtiElement $field): Field
    {
        $render = $field->child('render_choice', 'render_fib', 'render_hotspot', 'render_slider', 'render_extension');
        $options = [];
        foreach ('render_choice' === $render?->name ? $render->all('response_label') : [] as $label) {
            $options[$label->attribute('ident')] = Html::tidied($this->content($label));
        }
        $response = $field->attribute('ident');

        return new Field($this->kind($field, $render, $response), $response, $render->name ?? $field->name, $options, [], Html::tidied($this->content($field)));
    }

    private function kind(QtiElement $field, ?QtiElement $render, string $response): FieldKind
    {
        return match (true) {
            'response_lid' === $field->name && 'render_choice' === $render?->name => match (strtolower($field->attribute('rcardinality'))) {
                'multiple' => FieldKind::SeveralOptions,
                'ordered' => FieldKind::Unknown,
                default => FieldKind::OneOption,
            },
            'render_fib' !== $render?->name => FieldKind::Unknown,
            $this->isNumber($field, $render, $response) => FieldKind::Number,
            [] === $this->marks->named($response) && ($this->isAnyAnswer() || (int) $render->attribute('rows') > 1) => FieldKind::LongText,
            default => FieldKind::Text,
        };
    }

    private function isNumber(QtiElement $field, QtiElement $render, string $response): bool
    {
        if ('response_num' === $field->name || \in_array(strtolower($render->attribute('fibtype')), ['decimal', 'integer', 'scientific'], true)) {
            return true;
        }

        return [] !== array_filter($this->marks->ranges($response), static fn (array $range) => $range[0] !== $range[1]);
    }

    /** A condition that any answer meets, and nothing is earned by: a person marks it. */
    private function isAnyAnswer(): bool
    {
        foreach ($this->item->all('respcondition') as $condition) {
            if ([] === $condition->children('setvar') && null !== $condition->child('conditionvar')?->child('other')) {
                return true;
            }
        }

        return false;
    }

    /**
     * Several fields with the same options are prompts, each with its match.
     *
     * @param list<Field> $fields
     */
    private function asPairs(array $fields): ?Field
    {
        $isAlike = static fn (Field $field): bool => FieldKind::OneOption === $field->kind && $field->options === $fields[0]->options && '' !== $field->prompt;
        if (\count($fields) < 2 || [] !== array_filter($fields, static fn (Field $field) => !$isAlike($field))) {
            return null;
        }

        return new Field(FieldKind::Pairs, '', $fields[0]->type, $fields[0]->options, array_combine(array_column($fields, 'response'), array_column($fields, 'prompt')));
    }
}
