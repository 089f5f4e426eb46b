<?php

declare(strict_types=1);

namespace App\View;

/** What became of a text: the splice, the bodies of what is new in it, and what concerns the whole. */
final readonly class ReadingView
{
    /**
     * @param list<BodyView> $bodies
     * @param bool $isRecognised whether the text is a list of questions at all
     * @param list<FindingView> $ofSheet
     */
    public function __construct(
        public string $hash,
        public string $digest,
        public SpliceView $splice,
        public array $bodies,
        public bool $isRecognised,
        public array $ofSheet,
    ) {
    }
}
