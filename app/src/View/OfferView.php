<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What there is to choose from. */
#[OA\Schema(required: ['notations', 'targets', 'encodings', 'samples'])]
final readonly class OfferView
{
    /**
     * @param list<NotationView> $notations
     * @param list<TargetView> $targets
     * @param list<EncodingView> $encodings
     * @param list<SampleView> $samples
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: NotationView::class))]
        public array $notations,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TargetView::class))]
        public array $targets,
        #[OA\Property(type: 'array', items: new OA\Items(ref: EncodingView::class))]
        public array $encodings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SampleView::class))]
        public array $samples,
    ) {
    }
}
