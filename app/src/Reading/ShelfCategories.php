<?php

declare(strict_types=1);

namespace App\Reading;

use App\Repository\SheetRepository;
use Notagram\Notation\Notations;
use Notagram\Source\Regex;

/** The categories of the sheets that were changed last: only the lines that may name one are read. */
final readonly class ShelfCategories
{
    private const MOST = 200;
    /** Somebody waits for them. */
    private const MOST_SHEETS = 50;
    private const LINE = '/(*ANYCRLF)^[ \t]*+\$(?:CATEGORY:|[ \t])[^\r\n]++/m';

    public function __construct(private SheetRepository $sheets)
    {
    }

    /** @return list<list<string>> those of the sheets that were changed last come first */
    public function besides(string $id): array
    {
        $paths = [];
        foreach ($this->sheets->textsOnShelf(self::MOST_SHEETS) as $sheet) {
            $notation = Notations::find($sheet->notation);
            if ($sheet->id === $id || null === $notation || 0 === Regex::matchAll(self::LINE, $sheet->text, $lines)) {
                continue;
            }
            foreach (array_unique($lines[0]) as $line) {
                $block = $notation->reader()->split($line)[0] ?? null;
                $path = null === $block ? null : $notation->reader()->read($block, $line)->category;
                if (null !== $path && [] !== $path) {
                    $paths[implode("\x00", $path)] = $path;
                }
                if (\count($paths) >= self::MOST) {
                    break 2;
                }
            }
        }

        return array_values($paths);
    }
}
