<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What became of a text: the splice, the bodies of what is new in it, and what concerns the whole. */
#[OA\Schema(required: ['hash', 'digest', 'splice', 'bodies', 'isRecognised', 'ofSheet'])]
final readonly class ReadingView
{
    /**
     * @param list<BodyView> $bodies
     * @param bool $isRecognised whether the text is a list of questions at all
     * @param list<FindingView> $ofSheet
     */
    public function __construct(
        #[OA\Property]
        public string $hash,
        #[OA\Property]
        public string $digest,
        #[OA\Property]
        public SpliceView $splice,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BodyView::class))]
        public array $bodies,
        #[OA\Property]
        public bool $isRecognised,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FindingView::class))]
        public array $ofSheet,
    ) {
    }
}
