<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** What the form of one text says, whatever stands around it; each part is worked out when it is asked for. */
final class PieceForm
{
    /** @var ?list<NumberMark> */
    private ?array $numbers = null;
    /** @var ?list<OptionMark> */
    private ?array $options = null;
    /** False where there is none. */
    private Labelled|false|null $label = null;
    /** @var non-empty-list<TruthWord>|false|null */
    private array|false|null $truths = null;

    public function __construct(public readonly string $text)
    {
    }

    /** @return list<NumberMark> */
    public function numbers(): array
    {
        return $this->numbers ??= Lexer::numbers($this->text);
    }

    /** @return list<OptionMark> */
    public function options(): array
    {
        return $this->options ??= Lexer::options($this->text);
    }

    public function label(): ?Labelled
    {
        $this->label ??= Lexer::label($this->text) ?? false;

        return false === $this->label ? null : $this->label;
    }

    /** @return ?non-empty-list<TruthWord> */
    public function truths(): ?array
    {
        $this->truths ??= Lexer::truths($this->text) ?? false;

        return false === $this->truths ? null : $this->truths;
    }
}
