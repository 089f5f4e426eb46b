<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Check\Rule\Text\MixedLineEndings;
use Notagram\Editing\EditorEdit;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Level;
use Notagram\Finding\OtherPlace;
use Notagram\Finding\TextEdit;
use Notagram\Message\Sentences;
use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;

/** One thing the check says; editor offsets from the start of its block, or of the sheet where it concerns the whole. One that is off is only counted. */
final readonly class FindingView
{
    public function __construct(
        public string $code,
        public Level $level,
        public int $from,
        public int $to,
        public string $message,
        public string $advice,
        public ?FixView $fix,
        public bool $off,
        /** Another sheet that it speaks of. */
        public ?OtherPlace $other,
    ) {
    }

    /** @param EditorOffsets $offsets of the text that the finding's span belongs to */
    public static function of(Finding $finding, EditorOffsets $offsets, Sentences $sentences): self
    {
        $fix = $finding->fix;

        return new self(
            $finding->code,
            $finding->level,
            $offsets->toEditor($finding->span->start),
            $offsets->toEditor($finding->span->end),
            $sentences->of($finding->message()),
            $sentences->of($finding->advice()),
            null === $fix ? null : self::fix($finding->code, $fix, $offsets, $sentences),
            $finding->isOff,
            $finding->other,
        );
    }

    private static function fix(string $code, Fix $fix, EditorOffsets $offsets, Sentences $sentences): FixView
    {
        $target = match (true) {
            MixedLineEndings::CODE === $code => FixTarget::LineEndings,
            [] === $fix->edits => FixTarget::Encoding,
            default => FixTarget::Text,
        };

        return new FixView($sentences->of($fix->label), $fix->isSafe, FixTarget::Text !== $target ? [] : array_map(
            // The browser's editor knows one line break only.
            static fn (TextEdit $edit) => new EditorEdit($offsets->toEditor($edit->span->start), $offsets->toEditor($edit->span->end), LineEnding::folded($edit->text)),
            $fix->edits,
        ), $target);
    }
}
