<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Intake\XmlElements;

/** Reads assessment items of the versions 2 and 3. */
final readonly class ItemReader
{
    private const KINDS = ['inlineChoiceInteraction' => FieldKind::Word, 'extendedTextInteraction' => FieldKind::LongText, 'matchInteraction' => FieldKind::Pairs];

    private function __construct(private QtiElement $item, private Html $html, private string $folder)
    {
    }

    /** @param string $folder of its file */
    public static function read(QtiElement $item, Html $html, string $folder): Item
    {
        return (new self($item, $html, $folder))->item();
    }

    private function item(): Item
    {
        $body = $this->item->child('itemBody', 'stimulusBody');
        $fields = [];
        foreach (null === $body ? [] : XmlElements::within($body->node) as $node) {
            if (str_ends_with(QtiElement::nameOf($node), 'Interaction')) {
                $fields[] = $this->field(new QtiElement($node));
            }
        }
        $feedback = [];
        foreach ($this->item->children('modalFeedback') as $modal) {
            $feedback["{$modal->attribute('outcomeIdentifier')} {$modal->attribute('identifier')}"] = $this->html->of(($modal->child('contentBody') ?? $modal)->nodes(), $this->folder);
        }
        foreach ($body?->all('feedbackBlock') ?? [] as $block) {
            $feedback["{$block->attribute('outcomeIdentifier')} {$block->attribute('identifier')}"] ??= $this->html->of(($block->child('contentBody') ?? $block)->nodes(), $this->folder);
        }

        return new Item(
            $this->item->attribute('identifier'),
            $this->item->attribute('title'),
            null === $body ? '' : $this->html->of($body->nodes(), $this->folder),
            $fields,
            array_filter($feedback, static fn (string $html) => '' !== $html),
            new Processing($this->item),
        );
    }

    private function field(QtiElement $interaction): Field
    {
        $response = $interaction->attribute('responseIdentifier');
        $declaration = $this->declared($response);
        $prompt = $interaction->child('prompt');
        $asked = null === $prompt ? '' : $this->html->of($prompt->nodes(), $this->folder);
        $kind = match ($interaction->name) {
            'choiceInteraction' => 'multiple' === $declaration?->attribute('cardinality') ? FieldKind::SeveralOptions : FieldKind::OneOption,
            'textEntryInteraction' => \in_array($declaration?->attribute('baseType'), ['float', 'integer'], true) ? FieldKind::Number : FieldKind::Text,
            default => self::KINDS[$interaction->name] ?? FieldKind::Unknown,
        };
        if (FieldKind::Pairs === $kind) {
            $sets = $interaction->children('simpleMatchSet');

            return new Field($kind, $response, $interaction->name, $this->choices($sets[1] ?? null), $this->choices($sets[0] ?? null), $asked);
        }

        return new Field($kind, $response, $interaction->name, $this->choices($interaction), [], $asked, $this->feedbackWithin($interaction));
    }

    private function declared(string $response): ?QtiElement
    {
        foreach ($this->item->children('responseDeclaration') as $declaration) {
            if ($declaration->attribute('identifier') === $response) {
                return $declaration;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private function choices(?QtiElement $set): array
    {
        $choices = [];
        foreach ($set?->children('simpleChoice', 'inlineChoice', 'simpleAssociableChoice') ?? [] as $choice) {
            $choices[$choice->attribute('identifier')] = $this->html->of($choice->nodes(), $this->folder);
        }

        return $choices;
    }

    /** @return array<string, string> */
    private function feedbackWithin(QtiElement $interaction): array
    {
        $feedback = [];
        foreach ($interaction->children('simpleChoice') as $choice) {
            $inside = $choice->first('feedbackInline', 'feedbackBlock');
            if (null !== $inside) {
                $feedback[$choice->attribute('identifier')] = $this->html->of(($inside->child('contentBody') ?? $inside)->nodes(), $this->folder);
            }
        }

        return $feedback;
    }
}
