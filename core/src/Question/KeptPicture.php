<?php

declare(strict_types=1);

namespace Notagram\Question;

/** A picture that a sheet keeps beside its text. */
final readonly class KeptPicture
{
    /**
     * @param int               $number    from 1
     * @param string            $name      one of its own in the sheet, as {@see PictureName} makes them
     * @param ?string           $mediaType null where no browser can show it
     * @param ?string           $address   where it can be shown from; null where it cannot
     * @param \Closure(): string $bytes
     */
    public function __construct(public int $number, public string $name, public ?string $mediaType, public ?string $address, private \Closure $bytes)
    {
    }

    public function bytes(): string
    {
        return ($this->bytes)();
    }

    /** The picture as an address of its own, which needs no file beside it (RFC 2397). */
    public function dataAddress(): string
    {
        return "data:{$this->mediaType};base64,".base64_encode($this->bytes());
    }
}
