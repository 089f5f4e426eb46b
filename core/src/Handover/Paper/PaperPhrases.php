<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Notation\PaperWords;

/** What a paper itself says, in the language of those who sit it. */
final class PaperPhrases
{
    /** @var array<string, \MessageFormatter> */
    private array $formatters = [];

    /** @param array<string, string> $patterns of ICU MessageFormat */
    private function __construct(public readonly string $language, private readonly array $patterns)
    {
    }

    /** @param string $language one of those in data/words */
    public static function in(string $language): self
    {
        return new self($language, PaperWords::onPaper($language));
    }

    /** In the language of a text. */
    public static function like(string $text): self
    {
        return self::in(PaperWords::all()->languageOf($text));
    }

    public function say(string $what, string|float ...$arguments): string
    {
        $pattern = $this->patterns[$what] ?? throw new \LogicException("A paper in “{$this->language}” says no “{$what}”.");
        $phrase = ($this->formatters[$what] ??= new \MessageFormatter($this->language, $pattern))->format($arguments);

        return false === $phrase ? throw new \LogicException("“{$pattern}” cannot be formatted.") : $phrase;
    }

    /** @return array{string, string} its words for true and false */
    public function truths(): array
    {
        return PaperWords::all()->truthsIn($this->language);
    }
}
