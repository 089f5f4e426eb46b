<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Notagram\Check\Rule\Sheet\DraftUnread;
use Notagram\Check\SheetWishes;
use Notagram\Draft\WrittenDrafts;
use Notagram\Editing\EditorEdit;
use Notagram\Editing\MovedPlaces;
use Notagram\Handover\GoingOn;
use Notagram\Intake\Documents;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Picture;
use Notagram\Message\Message;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Notagram\Question\PictureName;
use Notagram\Source\EditorOffsets;
use Notagram\Source\Encoding;
use Notagram\Source\LineEnding;
use Notagram\Source\LineMap;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;
use Notagram\Source\Span;
use Symfony\Component\Uid\Uuid;

/** One text of questions that a person opens and edits, with the bytes it came as. */
#[ORM\Entity]
class Sheet
{
    /** Characters. */
    public const LONGEST_TITLE = 200;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    /** Counted by Doctrine: two requests that read the same state cannot both write. */
    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    #[ORM\Column(length: 255)]
    private string $title;

    #[ORM\Column(length: 20)]
    private string $notation;

    #[ORM\Column(length: 255, nullable: true)]
    private ?string $fileName;

    #[ORM\OneToOne(cascade: ['persist'])]
    private Original $original;

    #[ORM\Embedded(columnPrefix: false)]
    private Decoding $decoding;

    #[ORM\OneToOne(mappedBy: 'sheet', cascade: ['persist', 'refresh'])]
    private SheetText $text;

    #[ORM\Column(length: 16)]
    private string $textHash;

    #[ORM\Column(nullable: true)]
    private ?int $expectedQuestions = null;

    #[ORM\Column(length: 12, nullable: true)]
    private ?string $expectedPoints = null;

    /** @var list<string> codes of findings that are not wanted here */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $switchedOff = [];

    #[ORM\Embedded(columnPrefix: false)]
    private DocumentParts $parts;

    /** @var Collection<int, SheetPicture> */
    #[ORM\OneToMany(targetEntity: SheetPicture::class, mappedBy: 'sheet', cascade: ['persist'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    private Collection $pictures;

    /** @var Collection<int, SheetPassage> */
    #[ORM\OneToMany(targetEntity: SheetPassage::class, mappedBy: 'sheet', cascade: ['persist'])]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $passages;

    /** @var list<int> where questions begin that nobody has read and whose text does not say so, in the offsets of the browser's editor */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $drafts = [];

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    private ?SheetGroup $group = null;

    /** A printed test that came as it was, until its tidied text was used or dismissed. */
    #[ORM\Column(options: ['default' => false])]
    private bool $awaitsTidying = false;

    #[ORM\Column]
    private \DateTimeImmutable $changedAt;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $deletedAt = null;

    public function __construct(string $title, Notation $notation, SourceText $source, string $bytes, ?string $fileName, \DateTimeImmutable $now)
    {
        $this->id = Uuid::v7()->toRfc4122();
        $this->title = self::asTitle($title);
        $this->notation = $notation->id();
        $this->fileName = null === $fileName ? null : mb_substr(mb_scrub($fileName), -200);
        $this->original = new Original($bytes);
        $this->decoding = Decoding::of($source);
        $this->parts = new DocumentParts();
        $this->text = new SheetText($this, $source->text);
        $this->textHash = self::hashOf($source->text);
        $this->changedAt = $now;
        $this->pictures = new ArrayCollection();
        $this->passages = new ArrayCollection();
    }

    /** A sheet that came as a document: its text is what the document's reader sees. */
    public static function ofDocument(string $title, Notation $notation, Manuscript $manuscript, string $bytes, ?string $fileName, \DateTimeImmutable $now): self
    {
        $sheet = new self($title, $notation, SourceText::fromUtf8($manuscript->text), $bytes, $fileName, $now);
        $sheet->parts = DocumentParts::of($manuscript);
        foreach ($manuscript->keptPictures()->all as $kept) {
            $sheet->pictures->add(SheetPicture::of($sheet, $kept->number, $kept->name, $manuscript->pictures[$kept->number - 1]));
        }

        return $sheet;
    }

    /** A copy of a text names the same pictures. */
    public function copyPicturesOf(self $other): void
    {
        foreach ($other->pictures as $kept) {
            $this->pictures->add($kept->copyFor($this));
        }
    }

    /** Whether both could keep their pictures in one text: no two of one name, and none that only its number names beside others. */
    public function sharesPicturesWith(self $other): bool
    {
        $own = $this->keptPictures();
        foreach ($other->pictures() as $picture) {
            $twin = $own->called($picture->name);
            if (null !== $twin && $twin->bytes() !== $picture->bytes()) {
                return false;
            }
        }

        return [] === $own->all || [] === $other->pictures() || !Regex::match(KeptPictures::NAMED, $this->text().$other->text());
    }

    /** Keeps the pictures of a sheet besides those that are kept. */
    public function adoptPicturesOf(self $other): void
    {
        if ($this->pictures->isEmpty()) {
            $this->copyPicturesOf($other);

            return;
        }
        foreach ($other->pictures() as $picture) {
            if (null === $this->keptPictures()->called($picture->name)) {
                $this->pictures->add($picture->copyFor($this, $this->nextPicture()));
            }
        }
    }

    private function nextPicture(): int
    {
        return 1 + max([0, ...$this->pictures->map(static fn (SheetPicture $one) => $one->number)->toArray()]);
    }

    /** A copy of a document is the same document. */
    public function copyDocumentOf(self $other): void
    {
        $this->copyPicturesOf($other);
        $this->parts = clone $other->parts;
        $this->adoptPassagesOf($other);
        $this->drafts = $other->drafts;
    }

    /**
     * Keeps what drafts were made from and, where their text cannot say it, that nobody has read them.
     *
     * @param string    $passage empty where nobody knows
     * @param list<int> $drafts  where they begin, in the offsets of the browser's editor
     */
    public function keepDrafts(string $passage, array $drafts): void
    {
        if ('' !== trim($passage)) {
            $this->keepPassage(LineEnding::folded($passage));
        }
        if (!WrittenDrafts::canMark($this->notation())) {
            $this->setDrafts([...$this->drafts, ...$drafts]);
        }
    }

    /** The same passage is kept once. */
    private function keepPassage(string $text): void
    {
        if (!\in_array($text, $this->passages(), true)) {
            $this->passages->add(new SheetPassage($this, $text));
        }
    }

    public function adoptPassagesOf(self $other): void
    {
        array_map($this->keepPassage(...), $other->passages());
    }

    /** @return list<string> in the order in which they came */
    public function passages(): array
    {
        return array_values($this->passages->map(static fn (SheetPassage $passage) => $passage->text)->toArray());
    }

    /** @return list<int> where questions begin that nobody has read, in bytes: those whose text does not say so */
    public function drafts(): array
    {
        $offsets = new EditorOffsets($this->text());
        $end = EditorOffsets::lengthOf($this->text());

        return array_map(static fn (int $at) => self::byteAt(min($at, $end), $offsets), $this->drafts);
    }

    /** A place that an edit moved may lie within a character of two units: then it is where that begins. */
    private static function byteAt(int $place, EditorOffsets $offsets): int
    {
        try {
            return $offsets->toByte($place);
        } catch (\OutOfRangeException) {
            return $offsets->toByte($place - 1);
        }
    }

    /** @param list<int> $starts where they begin, in bytes */
    public function addDrafts(array $starts): void
    {
        $offsets = new EditorOffsets($this->text());
        sort($starts);
        $this->setDrafts([...$this->drafts, ...array_map($offsets->toEditor(...), $starts)]);
    }

    /** Somebody has read the question of that stretch of the text. */
    public function takeDraftsWithin(Span $span): void
    {
        $kept = array_filter($this->drafts(), static fn (int $at) => $at < $span->start || $at >= $span->end);
        $this->setDrafts([]);
        $this->addDrafts(array_values($kept));
    }

    /** @param list<int> $drafts */
    private function setDrafts(array $drafts): void
    {
        $drafts = array_values(array_unique($drafts));
        sort($drafts);
        $this->drafts = $drafts;
    }

    public function keptPictures(): KeptPictures
    {
        return new KeptPictures(array_map(static fn (SheetPicture $picture) => $picture->kept(), $this->pictures()));
    }

    /** @return list<SheetPicture> without those that were removed */
    public function pictures(): array
    {
        return array_values($this->pictures->filter(static fn (SheetPicture $picture) => !$picture->isRemoved())->toArray());
    }

    /** Keeps a picture under a name of its own; the same picture is kept once. */
    public function keepPicture(Picture $picture): SheetPicture
    {
        foreach ($this->pictures as $kept) {
            if ($kept->size === \strlen($picture->bytes) && $kept->bytes() === $picture->bytes) {
                $kept->remove(false);

                return $kept;
            }
        }
        $names = array_values($this->pictures->map(static fn (SheetPicture $one) => $one->name)->toArray());
        $kept = SheetPicture::of($this, $this->nextPicture(), PictureName::clean($picture->name, $picture->mediaType(), $names), $picture);
        $this->pictures->add($kept);

        return $kept;
    }

    /** @return list<string> what the reading of a block rests on besides its text */
    public function settings(): array
    {
        return [...$this->switchedOff, ...array_map(static fn (SheetPicture $picture) => $picture->name, $this->pictures())];
    }

    /** @return list<Message> what was left out of the document that it came as, or needs a look */
    public function notes(): array
    {
        return $this->parts->notes();
    }

    /** @return list<Emphasis> what stood out in the document that it came as */
    public function emphasised(): array
    {
        return $this->parts->emphasisIn($this->text());
    }

    /** @param list<EditorEdit> $edits that the text has just come by */
    public function movePlaces(array $edits): void
    {
        $this->setDrafts(array_map(static fn (int $at) => MovedPlaces::after($at, $edits), $this->drafts));
        // Doctrine looks at what is embedded as a whole.
        $this->parts = clone $this->parts;
        $this->parts->moveEmphasis($edits);
    }

    /** Whether it came as something else than a text, so that its bytes cannot be decoded in another way. */
    public function isDocument(): bool
    {
        return null !== $this->document();
    }

    /** The text as it came, before anybody changed it. */
    public function originalText(): string
    {
        return $this->document()->text ?? SourceText::fromBytes($this->originalBytes(), $this->decoding->encoding)->text;
    }

    /** What was pasted is a text, whatever it looks like. */
    private function document(): ?Manuscript
    {
        return null === $this->fileName ? null : Documents::read($this->originalBytes(), $this->fileName);
    }

    public static function hashOf(string $text): string
    {
        return hash('xxh64', $text);
    }

    public function rename(string $title): void
    {
        $this->title = self::asTitle($title);
    }

    public function readAs(Notation $notation): void
    {
        $this->notation = $notation->id();
    }

    public function putInto(?SheetGroup $group): void
    {
        $this->group = $group;
    }

    public function group(): ?SheetGroup
    {
        return $this->group;
    }

    public function awaitTidying(bool $awaits): void
    {
        $this->awaitsTidying = $awaits;
    }

    public function awaitsTidying(): bool
    {
        return $this->awaitsTidying && $this->notation()->isPrinted();
    }

    public function expectQuestions(?int $number): void
    {
        $this->expectedQuestions = $number;
    }

    /** @param ?string $total a decimal; null where nothing is wanted */
    public function expectPoints(?string $total): void
    {
        $this->expectedPoints = $total;
    }

    public function replaceText(string $text, \DateTimeImmutable $now): void
    {
        $this->text->text = $text;
        $this->textHash = self::hashOf($text);
        $this->changedAt = $now;
    }

    /** The text as it was should be kept before. */
    public function goOnIn(Notation $notation, \DateTimeImmutable $now): void
    {
        $read = ReadSheet::of($this->source(), $this->notation());
        $goingOn = GoingOn::of($read, $notation);
        $drafts = $this->draftsGoingOn($read, $goingOn);
        // Doctrine looks at what is embedded as a whole.
        $this->parts = clone $this->parts;
        $this->parts->placeEmphasis(Emphasis::moved($this->emphasised(), $goingOn->lineOf(...)), $goingOn->text);
        $this->replaceText($goingOn->text, $now);
        $this->readAs($notation);
        $this->setDrafts([]);
        $this->addDrafts($drafts);
    }

    /**
     * A notation may have no way to say in its text what nobody has read.
     *
     * @return list<int> where they begin in the new text, in bytes
     */
    private function draftsGoingOn(ReadSheet $read, GoingOn $goingOn): array
    {
        $before = new LineMap($read->source->text);
        $after = new LineMap($goingOn->text);
        $starts = [];
        foreach (DraftUnread::in($read, $this->drafts()) as $placed) {
            $line = $goingOn->lineOf($before->lineAt($placed->block->start));
            if (null !== $line) {
                $starts[] = $after->startOf($line);
            }
        }

        return $starts;
    }

    /** Decodes the bytes anew; what was typed since is not in the result. */
    public function decodeAs(Encoding $encoding, \DateTimeImmutable $now): void
    {
        $source = SourceText::fromBytes($this->originalBytes(), $encoding);
        $this->decoding = Decoding::of($source);
        $this->replaceText($source->text, $now);
    }

    /** The person agrees that it is handed over as UTF-8 without a mark. */
    public function saveAsPlainUtf8(): void
    {
        $this->decoding = Decoding::of($this->source()->asPlainUtf8());
    }

    /** All lines end as most of them do. */
    public function useOneLineEnding(\DateTimeImmutable $now): void
    {
        $this->replaceText(Regex::replace('/\r\n|\r|\n/', LineEnding::forNewLinesIn($this->text()), $this->text()), $now);
    }

    public function delete(\DateTimeImmutable $now): void
    {
        $this->deletedAt = $now;
    }

    public function restore(): void
    {
        $this->deletedAt = null;
    }

    public function source(): SourceText
    {
        return $this->decoding->source($this->text());
    }

    /** The file as it would go out in its own notation: as it came, so long as nobody changed it or agreed to another encoding. */
    public function fileBytes(): string
    {
        $isAsItCame = !$this->source()->isPlainUtf8() && !$this->isDocument() && $this->text() === $this->originalText();

        return $isAsItCame ? $this->originalBytes() : $this->text();
    }

    public function originalBytes(): string
    {
        return $this->original->bytes();
    }

    public function notation(): Notation
    {
        return Notations::find($this->notation) ?? throw new \LogicException("The notation {$this->notation} is gone.");
    }

    public function wishes(): SheetWishes
    {
        return new SheetWishes($this->expectedQuestions, $this->switchedOff, expectedPoints: $this->expectedPoints, pictures: $this->keptPictures());
    }

    /** @param list<string> $codes */
    public function switchOff(array $codes): void
    {
        $codes = array_values(array_unique($codes));
        sort($codes);
        $this->switchedOff = $codes;
    }

    /** @return list<string> codes of findings that are not wanted here */
    public function switchedOff(): array
    {
        return $this->switchedOff;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function fileName(): ?string
    {
        return $this->fileName;
    }

    public function text(): string
    {
        return $this->text->text;
    }

    public function textHash(): string
    {
        return $this->textHash;
    }

    public function expectedPoints(): ?string
    {
        return $this->expectedPoints;
    }

    public function expectedQuestions(): ?int
    {
        return $this->expectedQuestions;
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }

    /** Counted up at each change. */
    public function version(): int
    {
        return $this->version;
    }

    public function isDeleted(): bool
    {
        return null !== $this->deletedAt;
    }

    /** A title as it is kept: on one line, not too long, and never empty. */
    public static function asTitle(string $title): string
    {
        $title = trim(Regex::replace('/[\s\p{C}]++/u', ' ', mb_scrub($title)));

        return '' === $title ? 'Untitled' : mb_substr($title, 0, self::LONGEST_TITLE);
    }
}
