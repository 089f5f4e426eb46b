<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;

/** An item with its place in the test. */
final readonly class TestItem
{
    /**
     * @param string       $folder   of its file
     * @param list<string> $category the titles of the sections that it stands in
     * @param BigDecimal   $times    by which its points count
     */
    public function __construct(public QtiElement $element, public string $folder, public array $category, public BigDecimal $times)
    {
    }
}
