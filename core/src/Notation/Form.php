<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;
use Notagram\Source\Span;

/** A text with places to be filled in. */
final readonly class Form
{
    /** @param list<Span> $fields the places, with what stands there until then */
    private function __construct(public string $text, public array $fields)
    {
    }

    /** @param string $marked with each place between guillemets */
    public static function marked(string $marked): self
    {
        $text = '';
        $fields = [];
        foreach (Regex::split('/(‹[^›]*+›)/u', $marked, -1, \PREG_SPLIT_DELIM_CAPTURE) as $piece) {
            $start = \strlen($text);
            $isField = str_starts_with($piece, '‹');
            $text .= $isField ? mb_substr($piece, 1, -1, 'UTF-8') : $piece;
            if ($isField) {
                $fields[] = new Span($start, \strlen($text));
            }
        }

        return new self($text, $fields);
    }

    /**
     * @param int $number that a printed question gets
     *
     * @return array<string, self> those in data/forms, by the type of question
     */
    public static function of(string $notation, int $number = 1): array
    {
        /** @var array<string, string> $forms */
        $forms = require __DIR__."/../../data/forms/{$notation}.php";

        return array_map(static fn (string $marked) => self::marked(Regex::replace('/^‹1›/u', "‹{$number}›", $marked)), $forms);
    }

    /** What stands between the braces of such a question, the closing one included; null where it has none. */
    public function behindBrace(): ?self
    {
        $open = strpos($this->text, '{');
        $close = strrpos($this->text, '}');
        if (false === $open || false === $close) {
            return null;
        }
        $fields = array_values(array_filter($this->fields, static fn (Span $field) => $field->start > $open && $field->end <= $close));

        return new self(substr($this->text, $open + 1, $close - $open), array_map(static fn (Span $field) => $field->shiftedBy(-$open - 1), $fields));
    }
}
