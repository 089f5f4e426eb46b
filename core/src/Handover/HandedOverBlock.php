<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Notation\BlockKind;
use Notagram\Notation\Loss;
use Notagram\Notation\PlacedBlock;

/** What became of one block. */
final readonly class HandedOverBlock
{
    /**
     * @param string     $text   as it is written, with its number; empty where nothing is, or where it is no text
     * @param list<Loss> $losses
     */
    public function __construct(public PlacedBlock $placed, public string $text, public array $losses)
    {
    }

    /**
     * What becomes of a block that is no question, where only questions go; null where nothing is lost.
     *
     * @param ?string $target its label; null where comments are nobody’s loss
     */
    public static function withoutQuestion(PlacedBlock $placed, ?string $target): ?self
    {
        $loss = match (true) {
            null !== $placed->number => Loss::dropped('unreadable'),
            BlockKind::Stray === $placed->reading->kind => Loss::reduced('stray-text'),
            [] !== $placed->reading->comments && null !== $target => Loss::reduced('left-out/comments', target: $target),
            default => null,
        };

        return null === $loss ? null : new self($placed, '', [$loss]);
    }
}
