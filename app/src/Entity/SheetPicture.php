<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Notagram\Intake\Picture;
use Notagram\Question\KeptPicture;
use Symfony\Component\Uid\Uuid;

/** A picture that is kept beside the sheet's text, which shows it by its name, or names it by its number. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['sheet_id', 'number'])]
class SheetPicture
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    /** Somebody removed it; its number and name stay its own, so that it can be put back. */
    #[ORM\Column(options: ['default' => false])]
    private bool $isRemoved = false;

    private function __construct(
        #[ORM\ManyToOne(inversedBy: 'pictures')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Sheet $sheet,
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column(length: 100)]
        public readonly string $name,
        /** Null where no browser can show it. */
        #[ORM\Column(length: 40, nullable: true)]
        public readonly ?string $mediaType,
        #[ORM\Column(nullable: true)]
        public readonly ?int $width,
        #[ORM\Column(nullable: true)]
        public readonly ?int $height,
        #[ORM\Column]
        public readonly int $size,
        #[ORM\ManyToOne(cascade: ['persist'])]
        #[ORM\JoinColumn(nullable: false)]
        private PictureBytes $bytes,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }

    public static function of(Sheet $sheet, int $number, string $name, Picture $picture): self
    {
        $size = $picture->size();

        return new self($sheet, $number, $name, $picture->mediaType(), $size?->width, $size?->height, \strlen($picture->bytes), new PictureBytes($picture->bytes));
    }

    /** @param ?int $number the same where null */
    public function copyFor(Sheet $sheet, ?int $number = null): self
    {
        $copy = new self($sheet, $number ?? $this->number, $this->name, $this->mediaType, $this->width, $this->height, $this->size, $this->bytes);
        $copy->isRemoved = $this->isRemoved;

        return $copy;
    }

    public function remove(bool $isRemoved): void
    {
        $this->isRemoved = $isRemoved;
    }

    public function isRemoved(): bool
    {
        return $this->isRemoved;
    }

    public function bytes(): string
    {
        return $this->bytes->bytes();
    }

    public function kept(): KeptPicture
    {
        return new KeptPicture($this->number, $this->name, $this->mediaType, null === $this->mediaType ? null : "/api/sheets/{$this->sheet->id}/pictures/{$this->number}", $this->bytes(...));
    }
}
