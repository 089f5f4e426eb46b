<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** A stretch of a line that may be a part of a test: mostly the whole line. */
final class Piece
{
    public Role $role = Role::Passage;
    public ?NumberMark $number = null;
    public ?OptionMark $option = null;
    private ?PieceForm $form = null;

    /**
     * @param string $gap  the blanks before it
     * @param string $text without blanks around it
     * @param bool $isInner whether something else stands before it on its line
     */
    public function __construct(public readonly Line $line, public readonly string $gap, public readonly string $text, public readonly bool $isInner)
    {
    }

    public function form(): PieceForm
    {
        return $this->form ??= Lexer::form($this->text);
    }
}
