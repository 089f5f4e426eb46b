<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** A notation, with an example for each type it holds. */
#[OA\Schema(required: ['id', 'label', 'examples', 'switchOff', 'canBeTidied', 'usualTarget'])]
final readonly class NotationView
{
    /**
     * @param list<ExampleView> $examples
     * @param ?string           $switchOff the line that, with a code after it, switches a kind of finding off for the question below; null where there is none
     * @param string            $usualTarget what a sheet in it is most often handed over as
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ExampleView::class))]
        public array $examples,
        #[OA\Property(nullable: true)]
        public ?string $switchOff,
        #[OA\Property]
        public bool $canBeTidied,
        #[OA\Property]
        public string $usualTarget,
    ) {
    }
}
