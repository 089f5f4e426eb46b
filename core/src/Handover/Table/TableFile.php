<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

/** A way to write rows of cells into a file. */
interface TableFile
{
    public function id(): string;

    public function label(): string;

    public function mediaType(): string;

    /** How many characters fit into a cell. */
    public function longestCell(): int;

    /** @param non-empty-list<list<string>> $rows all as wide as the first, which has the headings */
    public function bytes(array $rows): string;
}
