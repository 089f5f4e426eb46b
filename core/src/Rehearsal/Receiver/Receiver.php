<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

/**
 * A quiz system that takes a file in, as strict ones do: it guesses nothing and mends nothing.
 *
 * It shares no code with the readers, so that what it holds can be compared with what they understood.
 */
interface Receiver
{
    /**
     * @param string $text UTF-8 without a byte-order mark
     *
     * @return list<ReceivedPiece> in the order of the text
     */
    public function receive(string $text): array;
}
