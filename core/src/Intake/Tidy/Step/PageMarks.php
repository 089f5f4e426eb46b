<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\OptionMarks;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Takes out page numbers, page breaks, and the heads and feet that stand on every page. */
final readonly class PageMarks implements TidyStep
{
    /** What is shorter may well be an answer that occurs twice. */
    private const SHORTEST_HEAD = 8;

    public function name(): string
    {
        return 'page-marks';
    }

    public function label(): string
    {
        return 'Page numbers, heads and feet';
    }

    public function apply(Draft $draft): void
    {
        $roles = $draft->scan()->roles;
        $lines = $draft->lines();
        $isMark = array_map(static fn (LineRole $role) => LineRole::PageMark === $role, $roles);
        if (!\in_array(true, $isMark, true)) {
            return;
        }
        $times = array_count_values(array_map(self::folded(...), $lines));
        for ($index = \count($lines) - 1; $index >= 0; --$index) {
            $folded = self::folded($lines[$index]);
            $isHead = $times[$folded] > 1 && \strlen($folded) >= self::SHORTEST_HEAD && LineRole::WritingLine !== $roles[$index] && self::isPlain($lines[$index]) && ($this->isBeside($index, $isMark, $lines) || 0 === $index);
            if ($isMark[$index] || $isHead) {
                $draft->drop($index);
            } elseif (str_contains($lines[$index], "\f")) {
                $draft->edit($index, trim($lines[$index], "\f"));
            }
        }
    }

    private static function folded(string $line): string
    {
        return Regex::replace(['/\d++/', '/\s++/'], ['0', ' '], trim($line));
    }

    private static function isPlain(string $line): bool
    {
        return null === QuestionStart::in($line) && null === OptionMarks::letter($line) && !Regex::match(OptionMarks::BULLET, trim($line));
    }

    /**
     * @param list<bool>   $isMark
     * @param list<string> $lines
     */
    private function isBeside(int $index, array $isMark, array $lines): bool
    {
        foreach ([-1, 1] as $way) {
            $at = $index + $way;
            while (isset($lines[$at]) && '' === trim($lines[$at]) && !$isMark[$at]) {
                $at += $way;
            }
            if ($isMark[$at] ?? -1 === $way) {
                return true;
            }
        }

        return false;
    }
}
