<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Source\Certainty;
use Notagram\Source\LineEnding;
use OpenApi\Attributes as OA;

/** A sheet, whole. */
#[OA\Schema(required: ['id', 'title', 'notation', 'fileName', 'encoding', 'hasBom', 'lineEnding', 'text', 'expected', 'switchedOff', 'certainty', 'notes', 'changedAt', 'reading'])]
final readonly class SheetView
{
    /**
     * @param list<string> $switchedOff
     * @param list<string> $notes what was left out of the document that it came as
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $notation,
        #[OA\Property]
        public ?string $fileName,
        #[OA\Property]
        public EncodingView $encoding,
        #[OA\Property]
        public bool $hasBom,
        #[OA\Property(type: 'string', enum: LineEnding::class)]
        public LineEnding $lineEnding,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?int $expected,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $switchedOff,
        #[OA\Property(type: 'string', enum: Certainty::class)]
        public Certainty $certainty,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $notes,
        #[OA\Property(format: 'date-time')]
        public string $changedAt,
        #[OA\Property]
        public ReadingView $reading,
    ) {
    }
}
