<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Source\Regex;

/** One line of a text, and what was taken off it before it is read. */
final class Line
{
    /** The line as it is read: without layers, with its blanks. */
    public string $text;
    /** @var list<array{Layer, string, string}> what was taken off: before and after */
    public array $taken = [];
    /** @var list<array{Layer, string, string}> what would have been taken off, where that was refused */
    public array $kept = [];
    /** The layer that the whole line belongs to. */
    public ?Layer $whole = null;
    /** Whether emphasis lay over the whole of it, or all of it behind its letter. */
    public bool $isStrong = false;
    /** Whether a sign says that it is a heading. */
    public bool $isHeading = false;
    public bool $hasPageBreak = false;
    private ?string $trimmed = null;
    /** @var ?list<Piece> */
    private ?array $pieces = null;

    /** @param int $number from 1 */
    public function __construct(public readonly int $number, public readonly string $raw)
    {
        $this->text = $raw;
    }

    /** @param bool $isRefused whether a person wants the layer to stay */
    public function take(Layer $layer, string $text, bool $isRefused): void
    {
        if ($text !== $this->text && $isRefused) {
            $this->kept[] = [$layer, $this->text, $text];
        } elseif ($text !== $this->text) {
            $this->taken[] = [$layer, $this->text, $text];
            $this->text = $text;
            $this->trimmed = null;
        }
    }

    /** The whole line says nothing but that it is of this layer. */
    public function takeWhole(Layer $layer, bool $isRefused): void
    {
        if ($isRefused) {
            $this->kept[] = [$layer, $this->text, ''];
        } else {
            $this->taken[] = [$layer, $this->text, ''];
            $this->whole = $layer;
        }
    }

    /** @return list<Piece> what stands on it side by side, once its layers are off */
    public function pieces(): array
    {
        return $this->pieces ??= Pieces::of($this);
    }

    /**
     * The same, once and for all: a line that went on holding what holds it would have to be searched for to be freed.
     *
     * @return list<Piece>
     */
    public function takePieces(): array
    {
        $pieces = $this->pieces();
        $this->pieces = null;

        return $pieces;
    }

    public function trimmed(): string
    {
        return $this->trimmed ??= trim(Regex::match('/\xC2\xA0|\xE2\x80[\x82-\x89\xAF]/', $this->text) ? str_replace(["\u{A0}", "\u{2002}", "\u{2003}", "\u{2009}", "\u{202F}"], ' ', $this->text) : $this->text, " \t\f\v");
    }
}
