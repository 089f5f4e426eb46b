<?php

declare(strict_types=1);

namespace Notagram\Notation;

/**
 * A stretch of the text that is read on its own: bytes from $start up to $end, line ends included.
 *
 * The blocks of a text cover it byte for byte.
 */
final readonly class Block
{
    /** @param ?Surroundings $surroundings null where blank lines part it from its neighbours and nothing is handed on, as mostly */
    public function __construct(public BlockKind $kind, public int $start, public int $end, public ?Surroundings $surroundings = null)
    {
    }

    public function textIn(string $text): string
    {
        return substr($text, $this->start, $this->end - $this->start);
    }

    /**
     * Names the block's own text and everything that changes its reading; equal blocks share it.
     *
     * @param string $settings the notation it is read in, and what else changes what is said of it
     */
    public function idIn(string $text, string $settings): string
    {
        $around = $this->surroundings;
        $where = null === $around ? '' : ($around->touchesPrevious ? '1' : '0').($around->touchesNext ? '1' : '0').($around->startsMidLine ? '1' : '0').$around->context;

        return hash('xxh64', $settings.$this->kind->value.$where."\x00".$this->textIn($text));
    }
}
