<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Message\Message;
use Notagram\Notation\Notation;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;

/** Drafts as text in a notation, to go onto a sheet. */
final readonly class WrittenDrafts
{
    /**
     * @param string        $text  parted by LF, a blank line between questions
     * @param list<Message> $notes what was left out, or needs a look
     */
    public function __construct(public Notation $notation, public string $text, public array $notes = [])
    {
    }

    public function sheet(): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($this->text), $this->notation);
    }

    /** @return list<int> the bytes at which its questions begin */
    public function starts(): array
    {
        return array_map(static fn (PlacedBlock $placed) => $placed->block->start, self::questionsIn($this->sheet()));
    }

    /** Whether a text in a notation can say itself that it is a draft. */
    public static function canMark(Notation $notation): bool
    {
        return null !== $notation->comment('');
    }

    /** @return list<PlacedBlock> */
    public static function questionsIn(ReadSheet $sheet): array
    {
        return array_values(array_filter($sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->reading->question));
    }
}
