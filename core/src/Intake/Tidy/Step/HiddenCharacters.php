<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Takes out what nobody sees: soft hyphens, zero-width spaces, stray byte-order marks. Joiners within words stay. */
final readonly class HiddenCharacters implements TidyStep
{
    private const HIDDEN = '/\x{AD}|[\x{200B}\x{2060}\x{FEFF}]|(?<![\p{L}\p{M}\p{So}\x{FE0F}])[\x{200C}\x{200D}]|[\x{01}-\x{08}\x{0E}-\x{1F}\x{7F}]/u';

    public function name(): string
    {
        return 'hidden-characters';
    }

    public function label(): string
    {
        return 'Hidden characters';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->lines() as $index => $line) {
            if (Regex::match('/[\x00-\x08\x0E-\x1F\x7F-\xFF]/', $line)) {
                $draft->edit($index, Regex::replace(self::HIDDEN, '', $line));
            }
        }
    }
}
