<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Makes a part of “1. Multiple choice” where its questions are numbered 1.1, 1.2 and so on. */
final readonly class SubNumbers implements TidyStep
{
    public function name(): string
    {
        return 'sub-numbers';
    }

    public function label(): string
    {
        return 'Numbers such as 1.1';
    }

    public function apply(Draft $draft): void
    {
        $heading = $part = null;
        $its = [];
        foreach ([...$draft->lines(), '0. '] as $index => $line) {
            if (Regex::match('/^(\d{1,2})[.)]\s++(.*+)\z/s', trim($line).' ', $match)) {
                // One alone may be a weight.
                foreach (\count($its) > 1 && null !== $heading ? [...$heading, ...$its] : [] as [$at, $made]) {
                    $draft->edit($at, $made);
                }
                [$heading, $part, $its] = [[[$index, "Part {$match[1]}: ".rtrim($match[2])]], $match[1], []];
            } elseif (Regex::match('/^\s*+(\d{1,2})\.(\d{1,2})[.)]?\s++(?=[\p{Lu}¿¡«„“"_])/u', $line, $match) && $match[1] === $part && (int) $match[2] === \count($its) + 1) {
                $its[] = [$index, "{$match[2]}. ".substr($line, \strlen($match[0]))];
            }
        }
    }
}
