<?php

declare(strict_types=1);

namespace App\View;

/** What a sheet can be handed over as. */
final readonly class TargetView
{
    /**
     * @param string                $about     who takes it
     * @param bool                  $isPage    whether it is shown as the page that it is
     * @param bool                  $isByBlock whether what is written of a block stays when another one changes
     * @param bool                  $canBeRehearsed whether there is a stand-in for who takes it
     * @param list<StyleChoiceView> $styles
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $about,
        public bool $isByBlock,
        public bool $isPage,
        public bool $canBeRehearsed,
        public array $styles,
    ) {
    }
}
