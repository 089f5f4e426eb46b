<?php

declare(strict_types=1);

namespace Notagram\Message;

/**
 * Something to tell a person, without its words: an id of the catalogue in messages/, and what its sentence names.
 *
 * {@see Sentences} puts it into words, as late as possible.
 */
final readonly class Message
{
    /** @param array<string, string|int|float|self> $arguments by the name that the sentence gives them */
    public function __construct(public string $id, public array $arguments = [])
    {
    }

    public static function of(string $id, string|int|float|self ...$arguments): self
    {
        return new self($id, self::named($arguments));
    }

    /**
     * @param array<array-key, string|int|float|self> $arguments
     *
     * @return array<string, string|int|float|self>
     *
     * @internal
     */
    public static function named(array $arguments): array
    {
        $named = [];
        foreach ($arguments as $name => $value) {
            if (!\is_string($name)) {
                throw new \LogicException('Each argument of a message has a name.');
            }
            $named[$name] = $value;
        }

        return $named;
    }
}
