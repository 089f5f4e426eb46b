<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Finding\Remedy;
use Notagram\Finding\TextEdit;
use Notagram\Question\Question;

/**
 * Says in the text which answer is right, by edits that leave everything else as it was typed.
 *
 * Edits are relative to the block. Null means that the question cannot be marked so: it has no such options, or the
 * notation has no way to say it.
 */
interface Marker
{
    /**
     * @param list<int> $keys the right options, by place; none takes the marks away
     *
     * @return ?list<TextEdit>
     */
    public function options(Block $block, string $text, array $keys): ?array;

    /** @return ?list<TextEdit> */
    public function truth(Block $block, string $text, ?bool $answer): ?array;

    /**
     * @param list<string> $forms all accepted forms
     *
     * @return ?list<TextEdit>
     */
    public function typed(Block $block, string $text, array $forms): ?array;

    /**
     * What mends a finding about a question's answers.
     *
     * @return ?list<TextEdit> null where the notation has no way to say it
     */
    public function remedied(Remedy $remedy, Question $question, string $text): ?array;

    /** The number printed before the question; null where the notation has none. */
    public function printedNumber(Block $block, string $text): ?int;
}
