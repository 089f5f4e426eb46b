<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** An element of XML with all that is in it. Its names are those of version 2.1 of the standard, or of XHTML; a version spells its own. */
final readonly class Element
{
    /**
     * @param array<string, string> $attributes
     * @param list<self|string>     $children
     * @param bool                  $isMarkup whether it is XHTML: its names are the same in every version
     */
    private function __construct(public string $name, public array $attributes, public array $children, public bool $isMarkup)
    {
    }

    /**
     * @param array<string, ?string> $attributes null leaves one out
     * @param self|string|null       ...$children null leaves one out
     */
    public static function of(string $name, array $attributes = [], self|string|null ...$children): self
    {
        return new self($name, self::present($attributes), self::present(array_values($children)), false);
    }

    /**
     * @param array<string, ?string> $attributes
     * @param list<self|string>      $children
     */
    public static function markup(string $name, array $attributes = [], array $children = []): self
    {
        return new self($name, self::present($attributes), $children, true);
    }

    /** @param list<self|string> $children */
    public function withChildren(array $children): self
    {
        return new self($this->name, $this->attributes, $children, $this->isMarkup);
    }

    /** All words that stand in it, in texts and attributes, one after the other. */
    public function words(): string
    {
        $words = implode("\n", $this->attributes);
        foreach ($this->children as $child) {
            $words .= "\n".(\is_string($child) ? $child : $child->words());
        }

        return $words;
    }

    /**
     * @template TKey of array-key
     * @template TValue
     *
     * @param array<TKey, ?TValue> $values
     *
     * @return ($values is list ? list<TValue> : array<TKey, TValue>)
     */
    private static function present(array $values): array
    {
        // Nearly always, nothing is left out.
        if (!\in_array(null, $values, true)) {
            return $values;
        }
        $present = array_filter($values, static fn (mixed $value) => null !== $value);

        return array_is_list($values) ? array_values($present) : $present;
    }
}
