<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Puts a star before an option that a tick or “(correct)” behind it, or a tick before its letter, says is right. */
final readonly class MarksBehind implements TidyStep
{
    private const TICK = '(?:[✓✔√☑✅]\x{FE0F}?)';
    private const CROSS = '(?:[✗✘✖❌]\x{FE0F}?)';

    public function name(): string
    {
        return 'marks-behind';
    }

    public function label(): string
    {
        return 'Ticks at options';
    }

    public function apply(Draft $draft): void
    {
        $correct = PaperWords::all()->correct;
        $scan = $draft->scan();
        $hasTicks = Regex::match('/'.self::TICK.'/u', implode("\n", $draft->lines()));
        foreach ($draft->lines() as $index => $line) {
            if (LineRole::Option === $scan->roles[$index] && Regex::match('~^(\s*+)(\*?+\(?[A-Za-z][.)].*\S)\s*+(?:'.self::TICK."|[(\\[]\\s*+(?:{$correct})\\s*+[)\\]])\\s*\\z~iu", $line, $match)) {
                $draft->edit($index, $match[1].(str_starts_with($match[2], '*') ? '' : '*').$match[2]);
            } elseif (Regex::match('/^\s*+'.self::TICK.'\s*+(?=\(?[A-Za-z][.)]\s*\S)/u', $line, $match)) {
                $draft->edit($index, '*'.substr($line, \strlen($match[0])));
            } elseif ($hasTicks && LineRole::Option === $scan->roles[$index]) {
                $draft->edit($index, Regex::replace('/(?<=\S)\s*+'.self::CROSS.'\s*\z/u', '', $line));
            }
        }
    }
}
