<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Source\Certainty;
use Notagram\Source\LineEnding;

/** A sheet, whole. */
final readonly class SheetView
{
    /**
     * @param list<string> $switchedOff
     * @param bool         $awaitsTidying until its tidied text was used or dismissed
     * @param bool         $isTabular whether it is no list of questions, but rows that questions can be made of
     * @param list<string> $notes what was left out of the document that it came as
     * @param list<PictureView> $pictures
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $notation,
        public ?string $fileName,
        public EncodingView $encoding,
        public bool $hasBom,
        public LineEnding $lineEnding,
        public string $text,
        public ?int $expected,
        /** What all points should come to, a decimal. */
        public ?string $expectedPoints,
        public array $switchedOff,
        public bool $awaitsTidying,
        public bool $isTabular,
        public Certainty $certainty,
        public array $notes,
        public array $pictures,
        public string $changedAt,
        public ReadingView $reading,
    ) {
    }
}
