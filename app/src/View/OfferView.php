<?php

declare(strict_types=1);

namespace App\View;

/** What there is to choose from. */
final readonly class OfferView
{
    /**
     * @param list<NotationView> $notations
     * @param list<TargetView> $targets
     * @param list<EncodingView> $encodings
     * @param list<SampleView> $samples
     */
    public function __construct(
        public array $notations,
        public array $targets,
        public array $encodings,
        public array $samples,
    ) {
    }
}
