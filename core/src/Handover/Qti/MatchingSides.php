<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Question\FormattedText;
use Notagram\Question\Matching;

/** The two sides of pairs: prompts, and matches that stand once each however many prompts share them. */
final readonly class MatchingSides
{
    /**
     * @param list<FormattedText> $prompts
     * @param list<string>        $matches
     * @param list<int>           $right   of each prompt, the place of its match
     */
    private function __construct(public array $prompts, public array $matches, public array $right)
    {
    }

    public static function of(Matching $matching): self
    {
        $prompts = $right = $places = [];
        foreach ($matching->pairs as $pair) {
            $place = $places["m{$pair->match}"] ??= \count($places);
            if (!$pair->prompt->isEmpty()) {
                $prompts[] = $pair->prompt;
                $right[] = $place;
            }
        }

        return new self($prompts, array_map(static fn (string $key) => substr($key, 1), array_keys($places)), $right);
    }
}
