<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;

/** A table to fill in: its headings, and two rows for each type of question. */
final class TableTemplate
{
    private const QUESTIONS = __DIR__.'/../../../data/template.gift';

    public static function bytes(TableFile $file): string
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8((string) file_get_contents(self::QUESTIONS)), Notations::find('gift') ?? throw new \LogicException('GIFT is there.'));

        return (new TableTarget($file))->write($sheet)->bytes();
    }
}
