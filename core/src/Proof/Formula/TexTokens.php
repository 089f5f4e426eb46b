<?php

declare(strict_types=1);

namespace Notagram\Proof\Formula;

use Notagram\Source\Regex;

/** The signs of a formula in TeX, one after the other. */
final class TexTokens
{
    private const TOKEN = '/\\\\(?:[a-zA-Z]++\*?|.)|\d++(?:\.\d++)?+(?:\{,\}\d++)?+|\s++|./su';

    /** @var list<string> */
    private array $tokens;
    private int $place = 0;

    public function __construct(string $tex)
    {
        Regex::matchAll(self::TOKEN, $tex, $matches);
        $this->tokens = $matches[0];
    }

    /** The next one that is no space, without taking it; empty at the end. */
    public function next(): string
    {
        $this->pass();

        return $this->tokens[$this->place] ?? '';
    }

    /** @throws NoMathMl at the end */
    public function take(): string
    {
        $this->pass();

        return $this->tokens[$this->place++] ?? throw new NoMathMl();
    }

    /** What an argument without braces takes of the next one: of a number its first figure. */
    public function takeOne(): string
    {
        $token = $this->next();
        if (!Regex::match('/^\d./s', $token)) {
            return $this->take();
        }
        array_splice($this->tokens, $this->place, 1, [substr($token, 1)]);

        return $token[0];
    }

    /** Takes the next one where it is that. */
    public function takes(string $token): bool
    {
        if ($this->next() !== $token) {
            return false;
        }
        ++$this->place;

        return true;
    }

    /**
     * Words in braces, as they are written.
     *
     * @throws NoMathMl where there are none
     */
    public function words(): string
    {
        if (!$this->takes('{')) {
            throw new NoMathMl();
        }
        $words = '';
        for ($depth = 1;; ++$this->place) {
            $token = $this->tokens[$this->place] ?? throw new NoMathMl();
            $depth += match ($token) {
                '{' => 1,
                '}' => -1,
                default => 0,
            };
            if (0 === $depth) {
                ++$this->place;

                return $words;
            }
            $words .= $token;
        }
    }

    private function pass(): void
    {
        while (isset($this->tokens[$this->place]) && '' === trim($this->tokens[$this->place])) {
            ++$this->place;
        }
    }
}
