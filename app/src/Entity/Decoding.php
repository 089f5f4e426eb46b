<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Notagram\Source\Certainty;
use Notagram\Source\Encoding;
use Notagram\Source\SourceText;

/** How the bytes of a sheet were read as text. */
#[ORM\Embeddable]
final readonly class Decoding
{
    /** @param int $undecodable how many stretches of the bytes meant nothing in the encoding */
    private function __construct(
        #[ORM\Column(length: 40, enumType: Encoding::class)]
        public Encoding $encoding,
        #[ORM\Column]
        private bool $hasBom,
        #[ORM\Column(length: 10, enumType: Certainty::class, options: ['default' => 'certain'])]
        private Certainty $certainty,
        #[ORM\Column(options: ['default' => 0])]
        private int $undecodable,
    ) {
    }

    public static function of(SourceText $source): self
    {
        return new self($source->encoding, $source->hasBom, $source->certainty, $source->undecodable);
    }

    /** The text as it is now, as if it had just been read so. */
    public function source(string $text): SourceText
    {
        // Those that were typed over since are lost no more.
        return SourceText::fromUtf8($text, $this->encoding, $this->hasBom, min($this->undecodable, substr_count($text, "\u{FFFD}")), $this->certainty);
    }
}
