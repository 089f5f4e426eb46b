<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Check\Rule\Text\MixedLineEndings;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Level;
use Notagram\Finding\TextEdit;
use Notagram\Message\Sentences;
use Notagram\Source\EditorOffsets;
use OpenApi\Attributes as OA;

/** One thing the check says; editor offsets from the start of its block, or of the sheet where it concerns the whole. One that is off is only counted. */
#[OA\Schema(required: ['code', 'level', 'from', 'to', 'message', 'advice', 'fix', 'off'])]
final readonly class FindingView
{
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property(type: 'string', enum: Level::class)]
        public Level $level,
        #[OA\Property]
        public int $from,
        #[OA\Property]
        public int $to,
        #[OA\Property]
        public string $message,
        #[OA\Property]
        public string $advice,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: FixView::class)])]
        public ?FixView $fix,
        #[OA\Property]
        public bool $off,
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
            static fn (TextEdit $edit) => new EditView($offsets->toEditor($edit->span->start), $offsets->toEditor($edit->span->end), strtr($edit->text, ["\r\n" => "\n", "\r" => "\n"])),
            $fix->edits,
        ), $target);
    }
}
