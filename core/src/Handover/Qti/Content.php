<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** What may stand directly within an element of XHTML. */
enum Content
{
    /** Words, and elements within a line. */
    case Inline;
    /** These, and blocks. */
    case Flow;
    /** Blocks only. */
    case Blocks;
    case Items;
    case Definitions;
    case TableParts;
    case Rows;
    case Cells;
    case Nothing;

    public static function of(string $element): self
    {
        return match ($element) {
            'br', 'hr', 'img' => self::Nothing,
            'blockquote' => self::Blocks,
            'div', 'li', 'dd', 'td', 'th', 'figure', 'figcaption' => self::Flow,
            'ul', 'ol' => self::Items,
            'dl' => self::Definitions,
            'table' => self::TableParts,
            'thead', 'tbody', 'tfoot' => self::Rows,
            'tr' => self::Cells,
            default => self::Inline,
        };
    }

    /**
     * The elements that alone may stand there; the first of them is put around anything else.
     *
     * @return list<string> empty where words may stand
     */
    public function only(): array
    {
        return match ($this) {
            self::Items => ['li'],
            self::Definitions => ['dd', 'dt'],
            self::TableParts => ['tbody', 'thead', 'tfoot', 'caption'],
            self::Rows => ['tr'],
            self::Cells => ['td', 'th'],
            default => [],
        };
    }

    /**
     * The elements that belong there, even where others have to be put around them first.
     *
     * @return list<string>
     */
    public function parts(): array
    {
        return match ($this) {
            self::TableParts, self::Rows, self::Cells => ['tbody', 'thead', 'tfoot', 'caption', 'tr', 'td', 'th'],
            default => $this->only(),
        };
    }
}
