<?php

declare(strict_types=1);

namespace Notagram\Tests;

use PHPUnit\Framework\TestCase;

final class FindingsPageTest extends TestCase
{
    /** Otherwise bin/fixtures writes it anew. */
    public function testThePageOfFindingsIsTrue(): void
    {
        self::assertStringEqualsFile(FindingsPage::PATH, (new FindingsPage())->rewritten());
    }
}
