<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Text;

use Notagram\Check\SheetRule;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\SheetOverview;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Doubts lines that end in more than one way. */
final readonly class MixedLineEndings implements SheetRule
{
    public const CODE = 'text.mixed-line-endings';

    public function check(SheetOverview $sheet, SheetWishes $wishes): iterable
    {
        $text = $sheet->source->text;
        if (LineEnding::Mixed !== LineEnding::of($text)) {
            return;
        }
        $wanted = LineEnding::forNewLinesIn($text);
        Regex::matchAll('/\r\n|\r|\n/', $text, $matches, \PREG_OFFSET_CAPTURE);
        $edits = [];
        foreach ($matches[0] as [$ending, $offset]) {
            if ($ending !== $wanted) {
                $edits[] = new TextEdit(new Span($offset, $offset + \strlen($ending)), $wanted);
            }
        }
        yield Finding::doubt(
            self::CODE,
            $edits[0]->span,
            Fix::safe('same-line-endings', $edits),
            count: \count($edits),
        );
    }
}
