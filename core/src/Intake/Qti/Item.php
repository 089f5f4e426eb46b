<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

/** An item of any version, with its texts as HTML. */
final readonly class Item
{
    /**
     * @param string                $body     with {@see Html::place()} where each field stands
     * @param list<Field>           $fields   in the order in which they stand
     * @param array<string, string> $feedback by the identifiers under which {@see Marks::shown()} gives them
     * @param bool                  $isLegacy whether scores without a most are per cent where they come to a hundred
     */
    public function __construct(
        public string $identifier,
        public string $title,
        public string $body,
        public array $fields,
        public array $feedback,
        public Marks $marks,
        public bool $isLegacy = false,
    ) {
    }
}
