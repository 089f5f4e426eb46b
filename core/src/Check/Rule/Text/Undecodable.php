<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Notation\SheetOverview;
use Notagram\Source\Span;

/** Faults bytes that mean nothing in the encoding the file is read in. */
final readonly class Undecodable implements SheetRule
{
    public const CODE = 'text.undecodable';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        $count = $sheet->source->undecodable;
        if (0 === $count) {
            return;
        }
        $place = strpos($sheet->source->text, "\u{FFFD}");
        yield Finding::fault(
            self::CODE,
            false === $place ? Span::at(0) : new Span($place, $place + 3),
            \sprintf('%s in the file %s nothing in %s.', 1 === $count ? 'One byte' : "{$count} bytes", 1 === $count ? 'means' : 'mean', $sheet->source->encoding->label()),
            'Choose another encoding, or save the file anew where it came from.',
        );
    }
}
