<?php

declare(strict_types=1);

namespace App\View;

use OpenApi\Attributes as OA;

/** What a sheet can be handed over as. */
#[OA\Schema(required: ['id', 'label', 'about', 'isText', 'isByBlock', 'styles'])]
final readonly class TargetView
{
    /**
     * @param string                $about     who takes it
     * @param bool                  $isByBlock whether what is written of a block stays when another one changes
     * @param list<StyleChoiceView> $styles
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $about,
        #[OA\Property]
        public bool $isText,
        #[OA\Property]
        public bool $isByBlock,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StyleChoiceView::class))]
        public array $styles,
    ) {
    }
}
