<?php

declare(strict_types=1);

namespace Notagram\Intake\RichText;

/** What holds within one group: it is handed on to the groups inside it, and ends with it. */
final class RichTextState
{
    /** Whether what stands here is no text of the document. */
    public bool $isLeftOut = false;
    public bool $isBold = false;
    public bool $isUnderlined = false;
    public bool $isColoured = false;
    public bool $isMarked = false;
    public bool $isHidden = false;
    public bool $isDeleted = false;
    /** How its bytes are encoded. */
    public string $encoding = 'CP1252';
    /** How many characters stand behind one of Unicode for readers that know none. */
    public int $substitutes = 1;
    /** What the group is, where its text is needed for something else: the table of fonts or colours, a picture. */
    public string $destination = '';

    public function standsOut(): bool
    {
        return $this->isBold || $this->isUnderlined || $this->isColoured || $this->isMarked;
    }

    public function plain(): void
    {
        $this->isBold = $this->isUnderlined = $this->isColoured = $this->isMarked = $this->isHidden = false;
    }
}
