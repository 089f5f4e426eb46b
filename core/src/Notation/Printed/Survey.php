<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\Key\KeyPlace;

/** What a whole test keeps to, found out before any line is read: what comes back on each page, its styles, where its key is. */
final readonly class Survey
{
    /** @var array<int, Role|null> by line: what is settled, the key with it */
    public array $settled;
    public Styles $styles;

    /** @param list<Line> $lines */
    public function __construct(array $lines)
    {
        $texts = array_map(static fn (Line $line) => $line->trimmed(), $lines);
        $settled = Furniture::settle($lines, $texts);
        $this->styles = new Styles($lines, $settled);
        $shown = array_map(static fn (string $text, ?Role $role): string => Role::Furniture === $role ? '' : $text, $texts, $settled);
        $place = KeyPlace::region($shown, static fn (string $text): bool => [] !== Lexer::form($text)->numbers() || [] !== Lexer::form($text)->options(), $this->styles->countOfNumbers);
        for ($index = $place[0] ?? 0; $index < ($place[1] ?? 0); ++$index) {
            $settled[$index] ??= Role::Key;
        }
        $this->settled = $settled;
    }
}
