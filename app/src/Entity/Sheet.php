<?php

declare(strict_types=1);

namespace App\Entity;

use App\Reading\MovedPlaces;
use App\Request\EditRequest;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Notagram\Check\SheetWishes;
use Notagram\Intake\Documents;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use Notagram\Message\Message;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Question\KeptPictures;
use Notagram\Source\Certainty;
use Notagram\Source\Encoding;
use Notagram\Source\FileKind;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;
use Symfony\Component\Uid\Uuid;

/** One text of questions that a person opens and edits, with the bytes it came as. */
#[ORM\Entity]
class Sheet
{
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

    #[ORM\Column(length: 40, enumType: Encoding::class)]
    private Encoding $encoding;

    #[ORM\Column]
    private bool $hasBom;

    #[ORM\Column(length: 10, enumType: Certainty::class, options: ['default' => 'certain'])]
    private Certainty $certainty;

    /** How many stretches of the bytes meant nothing in the encoding. */
    #[ORM\Column(options: ['default' => 0])]
    private int $undecodable;

    #[ORM\OneToOne(mappedBy: 'sheet', cascade: ['persist', 'refresh'])]
    private SheetText $text;

    #[ORM\Column(length: 16)]
    private string $textHash;

    #[ORM\Column(nullable: true)]
    private ?int $expectedQuestions = null;

    /** @var list<string> codes of findings that are not wanted here */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $switchedOff = [];

    /** @var list<array{id: string, arguments: array<string, string|int|float>}> messages: what was left out of the document that it came as, or needs a look */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $notes = [];

    /** @var list<array{text: string, at: int}> stretches that stood out in that document, and where the line of each starts now */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $emphasised = [];

    /** @var list<?string> the media type of each kept picture; null where no browser can show it */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $pictureTypes = [];

    /** @var Collection<int, SheetPicture> */
    #[ORM\OneToMany(targetEntity: SheetPicture::class, mappedBy: 'sheet', cascade: ['persist'])]
    private Collection $pictures;

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
        $this->cameAs($source);
        $this->text = new SheetText($this, $source->text);
        $this->textHash = self::hashOf($source->text);
        $this->changedAt = $now;
        $this->pictures = new ArrayCollection();
    }

    /** A sheet that came as a document: its text is what the document's reader sees. */
    public static function ofDocument(string $title, Notation $notation, Manuscript $manuscript, string $bytes, ?string $fileName, \DateTimeImmutable $now): self
    {
        $sheet = new self($title, $notation, SourceText::fromUtf8($manuscript->text), $bytes, $fileName, $now);
        $sheet->notes = array_map(static fn (Message $note) => ['id' => $note->id, 'arguments' => array_filter($note->arguments, static fn (mixed $value) => !$value instanceof Message)], $manuscript->notes);
        $starts = MovedPlaces::lineStarts($manuscript->text);
        $sheet->emphasised = array_map(static fn (Emphasis $emphasis) => ['text' => $emphasis->text, 'at' => $starts[$emphasis->line - 1] ?? 0], $manuscript->emphasised);
        foreach ($manuscript->pictures as $index => $picture) {
            $sheet->pictureTypes[] = $picture->mediaType();
            $sheet->pictures->add(new SheetPicture($sheet, $index + 1, $picture));
        }

        return $sheet;
    }

    /** A copy of a text names the same pictures. */
    public function copyPicturesOf(self $other): void
    {
        $this->pictureTypes = $other->pictureTypes;
        foreach ($other->pictures as $kept) {
            $this->pictures->add(new SheetPicture($this, $kept->number, $kept->picture()));
        }
    }

    public function keptPictures(): KeptPictures
    {
        $addresses = [];
        foreach ($this->pictureTypes as $index => $type) {
            $number = $index + 1;
            $addresses[$number] = null === $type ? null : "/api/sheets/{$this->id}/pictures/{$number}";
        }

        return new KeptPictures($addresses);
    }

    /** @return list<Message> */
    public function notes(): array
    {
        return array_map(static fn (array $note) => new Message($note['id'], $note['arguments']), $this->notes);
    }

    /** @return list<Emphasis> what stood out in the document that it came as */
    public function emphasised(): array
    {
        $emphasised = [];
        $starts = [] === $this->emphasised ? [] : MovedPlaces::lineStarts($this->text());
        $placed = $this->emphasised;
        usort($placed, static fn (array $one, array $other) => $one['at'] <=> $other['at']);
        $line = 0;
        foreach ($placed as ['text' => $text, 'at' => $at]) {
            while (isset($starts[$line]) && $starts[$line] <= $at) {
                ++$line;
            }
            $emphasised[] = new Emphasis(max(1, $line), $text);
        }

        return $emphasised;
    }

    /** @param list<EditRequest> $edits that the text has just come by */
    public function moveEmphasis(array $edits): void
    {
        $this->emphasised = array_map(static fn (array $one) => ['at' => MovedPlaces::after($one['at'], $edits)] + $one, $this->emphasised);
    }

    public function isDocument(): bool
    {
        return \in_array(FileKind::of($this->originalBytes()), [FileKind::WordDocument, FileKind::OpenDocumentText], true);
    }

    /** The text as it came, before anybody changed it. */
    public function originalText(): string
    {
        $bytes = $this->originalBytes();

        return Documents::read($bytes, $this->fileName ?? '')->text ?? SourceText::fromBytes($bytes, $this->encoding)->text;
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

    public function expectQuestions(?int $number): void
    {
        $this->expectedQuestions = $number;
    }

    public function replaceText(string $text, \DateTimeImmutable $now): void
    {
        $this->text->text = $text;
        $this->textHash = self::hashOf($text);
        $this->changedAt = $now;
    }

    /** Decodes the bytes anew; what was typed since is not in the result. */
    public function decodeAs(Encoding $encoding, \DateTimeImmutable $now): void
    {
        $source = SourceText::fromBytes($this->originalBytes(), $encoding);
        $this->cameAs($source);
        $this->replaceText($source->text, $now);
    }

    private function cameAs(SourceText $source): void
    {
        $this->encoding = $source->encoding;
        $this->hasBom = $source->hasBom;
        $this->certainty = $source->certainty;
        $this->undecodable = $source->undecodable;
    }

    /** The person agrees that it is handed over as UTF-8 without a mark. */
    public function saveAsPlainUtf8(): void
    {
        $this->cameAs($this->source()->asPlainUtf8());
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
        // Those that were typed over since are lost no more.
        return SourceText::fromUtf8($this->text(), $this->encoding, $this->hasBom, min($this->undecodable, substr_count($this->text(), "\u{FFFD}")), $this->certainty);
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
        return new SheetWishes($this->expectedQuestions, $this->switchedOff);
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

    private static function asTitle(string $title): string
    {
        $title = trim(Regex::replace('/[\s\p{C}]++/u', ' ', mb_scrub($title)));

        return '' === $title ? 'Untitled' : mb_substr($title, 0, 200);
    }
}
