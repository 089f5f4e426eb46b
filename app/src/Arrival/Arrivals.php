<?php

declare(strict_types=1);

namespace App\Arrival;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Repository\SheetRepository;
use Notagram\Intake\Documents;
use Notagram\Intake\FirstLook;
use Notagram\Intake\HtmlPage;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Table\CsvText;
use Notagram\Intake\Table\TableFiles;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** Makes a sheet of a file or a text, whatever it is, gives it a name that no other sheet has, and lays it on the shelf. */
final readonly class Arrivals
{
    public function __construct(private SheetRepository $sheets, private Sentences $sentences)
    {
    }

    /**
     * @param ?string $title the file's name, where null
     *
     * @throws Refusal where it holds no text that can be read
     */
    public function bring(string $bytes, string $fileName, \DateTimeImmutable $now, ?string $title = null): Sheet
    {
        $manuscript = self::readable(static fn () => Documents::read($bytes, $fileName));
        $source = null === $manuscript ? SourceText::fromBytes($bytes) : SourceText::fromUtf8($manuscript->text);

        return $this->lay($title ?? pathinfo($fileName, \PATHINFO_FILENAME), $manuscript?->notation, $source, $manuscript, $bytes, $fileName, $now);
    }

    /**
     * @param ?string   $title    null to call it after what it says
     * @param ?string   $html     the same as HTML, where the clipboard had it
     * @param ?Notation $notation null to find it out
     *
     * @throws Refusal where the HTML cannot be read
     */
    public function paste(?string $title, string $text, ?string $html, ?Notation $notation, \DateTimeImmutable $now): Sheet
    {
        $manuscript = null === $html || '' === trim($html) ? null : self::readable(static fn () => self::copied($text, $html));
        $source = SourceText::fromUtf8($manuscript->text ?? $text);

        return $this->lay($title, $notation, $source, $manuscript, $source->text, null, $now);
    }

    /** The same text, set the same way, beside the one it is a copy of. */
    public function copy(Sheet $sheet, \DateTimeImmutable $now): Sheet
    {
        $copy = new Sheet($this->free($sheet->title()), $sheet->notation(), $sheet->source(), $sheet->originalBytes(), $sheet->fileName(), $now);
        $copy->copyDocumentOf($sheet);
        $copy->putInto($sheet->group());
        $copy->expectQuestions($sheet->expectedQuestions());
        $copy->expectPoints($sheet->expectedPoints());
        $copy->switchOff($sheet->switchedOff());
        $copy->awaitTidying($sheet->awaitsTidying());
        $this->sheets->add($copy, $now);

        return $copy;
    }

    /** A table keeps its cells, and any other page its lines. */
    private static function copied(string $text, string $html): Manuscript
    {
        $table = TableFiles::pasted($text, $html);

        return null === $table ? HtmlPage::read($html) : new Manuscript(CsvText::written($table), notes: $table->notes);
    }

    private function lay(?string $title, ?Notation $notation, SourceText $source, ?Manuscript $manuscript, string $bytes, ?string $fileName, \DateTimeImmutable $now): Sheet
    {
        $tabular = null === $notation ? self::readable(static fn () => Tabular::in($source->text, $fileName)) : null;
        $notation ??= null === $tabular ? Notations::detect($source->text) : Notations::printed();
        $look = null === $tabular ? FirstLook::at($source->text, $notation) : null;
        $title = $this->free($title ?? $look->name ?? $this->sentences->of(new Message('name/'.match (true) {
            null === $tabular => 'pasted',
            $tabular->areTerms => 'terms',
            default => 'table',
        })));
        $sheet = null === $manuscript
            ? new Sheet($title, $notation, $source, $bytes, $fileName, $now)
            : Sheet::ofDocument($title, $notation, $manuscript, $bytes, $fileName, $now);
        $sheet->awaitTidying(null === $look || $look->isUntidy);
        $this->sheets->add($sheet, $now);

        return $sheet;
    }

    /** The name itself, or with the first number that no sheet on the shelf has behind it; one that it has goes up. */
    private function free(string $title): string
    {
        $free = $title = Sheet::asTitle($title);
        $taken = array_fill_keys($this->sheets->titlesOnShelf(), true);
        // A year in brackets is no such number.
        $plain = Regex::replace('/ \(\d{1,2}\)\z/', '', $title);
        for ($number = 2; isset($taken[$free]); ++$number) {
            $behind = " ({$number})";
            $free = mb_substr($plain, 0, Sheet::LONGEST_TITLE - \strlen($behind)).$behind;
        }

        return $free;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T
     */
    private static function readable(\Closure $read): mixed
    {
        try {
            return $read();
        } catch (UnreadableDocument $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }
    }
}
