<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Check\Repeat\StemPrint;
use Notagram\Question\KeptPictures;

/** What the person has said about a sheet and put with it, for the check to hold it against. */
final readonly class SheetWishes
{
    /**
     * @param ?int            $expectedQuestions how many questions there should be; null where nothing was said
     * @param ?string         $expectedPoints    what all points should come to, a decimal
     * @param list<string>    $switchedOff       codes of which nobody wants to hear
     * @param ?list<StemPrint> $neighbours        the questions of the other sheets, which should not be asked again; null where questions are not to be compared at all
     * @param KeptPictures    $pictures          those that are kept with the sheet
     * @param list<int>       $drafts            bytes at which questions that nobody has read begin, besides those that say so themselves
     */
    public function __construct(public ?int $expectedQuestions = null, public array $switchedOff = [], public ?array $neighbours = [], public ?string $expectedPoints = null, public KeptPictures $pictures = new KeptPictures(), public array $drafts = [])
    {
    }
}
