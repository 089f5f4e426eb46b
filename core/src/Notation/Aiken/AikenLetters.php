<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

/** The option letters that a question has used so far, and whether a line goes on with them. */
final class AikenLetters
{
    /** @var array<string, true> */
    private array $used = [];
    private string $expected = 'A';

    public function hasAny(): bool
    {
        return [] !== $this->used;
    }

    /**
     * Takes a line as an option if it starts with the next expected letter, a letter already used, or a later one that
     * another option follows at once.
     *
     * @param string $source where the line stands, to look at the one after it
     */
    public function take(AikenLine $line, string $source, bool $isAfterBlank): bool
    {
        $letter = $line->letter;
        if (null === $letter) {
            return false;
        }
        $isOption = match (true) {
            $letter === $this->expected => true,
            !$line->isCertain => false,
            // After a blank line, a letter that was there starts something new: a stem such as “A. Smith wrote …”.
            isset($this->used[$letter]) => !$isAfterBlank,
            $letter > $this->expected => !$isAfterBlank && self::isCertainOption(AikenLine::at($source, $line->next)),
            default => $this->hasAny() && !$isAfterBlank,
        };
        if ($isOption) {
            $this->used[$letter] = true;
            $this->expected = max($this->expected, 'Z' === $letter ? '[' : \chr(\ord($letter) + 1));
        }

        return $isOption;
    }

    private static function isCertainOption(AikenLine $line): bool
    {
        return null !== $line->letter && $line->isCertain;
    }
}
