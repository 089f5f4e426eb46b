<?php

declare(strict_types=1);

namespace Notagram\Intake\Json;

use Notagram\Intake\UnreadableDocument;

/** A part of some JSON with its place in it, so that what is not as it should be can be named. */
final readonly class JsonPart
{
    public function __construct(public mixed $value, private string $place = '')
    {
    }

    public function part(string $name): self
    {
        return $this->optional($name) ?? throw $this->wrong($name);
    }

    /** Null where it is not there, or is null. */
    public function optional(string $name): ?self
    {
        if (!\is_array($this->value)) {
            throw $this->wrong();
        }

        return isset($this->value[$name]) ? new self($this->value[$name], ltrim("{$this->place}/{$name}", '/')) : null;
    }

    /** @return list<self> */
    public function parts(): array
    {
        if (!\is_array($this->value) || !array_is_list($this->value)) {
            throw $this->wrong();
        }

        return array_map(fn (mixed $value, int $index) => new self($value, "{$this->place}/{$index}"), $this->value, array_keys($this->value));
    }

    public function text(): string
    {
        return \is_string($this->value) ? $this->value : throw $this->wrong();
    }

    public function integer(): int
    {
        return \is_int($this->value) ? $this->value : throw $this->wrong();
    }

    public function truth(): bool
    {
        return \is_bool($this->value) ? $this->value : throw $this->wrong();
    }

    public function wrong(string $name = ''): UnreadableDocument
    {
        return UnreadableDocument::foreignJson(trim("{$this->place}/{$name}", '/'));
    }
}
