<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Message\Message;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;

/** Puts a manuscript together while a document is walked through. One object builds one manuscript. */
final class ManuscriptBuilder
{
    private const RULE = '____________________';

    /** @var list<string> */
    private array $lines = [];
    /** @var list<Emphasis> */
    private array $emphasised = [];
    /** @var array<string, int> each note with how often */
    private array $notes = [];
    /** @var list<Picture> */
    private array $pictures = [];
    /** @var array<string, int> the number of each by its bytes */
    private array $numberOf = [];
    private string $line = '';
    /** The stretch of the line that stands out and is still going on. */
    private string $standingOut = '';
    /** @var list<list<array{string, list<string>}>> rows that are open: each cell's lines are gathered first */
    private array $cells = [];

    public function __construct(private readonly Deadline $deadline)
    {
    }

    /** @throws UnreadableDocument where the document takes too long */
    public function text(string $text, bool $standsOut = false): void
    {
        $text = strtr($text, ["\r" => '', "\n" => ' ']);
        if ('' === $text) {
            return;
        }
        $this->deadline->check();
        if ($standsOut) {
            $this->standingOut .= $text;
        } elseif ('' !== trim($text)) {
            $this->closeStandingOut();
        } elseif ('' !== $this->standingOut) {
            $this->standingOut .= $text;
        }
        $this->line .= $text;
    }

    public function lineBreak(): void
    {
        $this->endLine();
    }

    public function pageBreak(): void
    {
        if ('' !== trim($this->line)) {
            $this->endLine();
        }
        if ([] === $this->cells) {
            $this->lines[] = "\f";
        }
    }

    /** @throws UnreadableDocument where the document takes too long */
    public function endLine(): void
    {
        $this->deadline->check();
        $this->closeStandingOut();
        // A line of nothing but blanks of any kind is a blank line.
        $line = Regex::replace('/(?<![\s\x{A0}])[\s\x{A0}]++\z/u', '', $this->line);
        $row = array_key_last($this->cells);
        if (null === $row) {
            $this->lines[] = $line;
        } else {
            $cell = array_key_last($this->cells[$row]);
            if (null !== $cell) {
                $this->cells[$row][$cell][1][] = $line;
            }
        }
        $this->line = '';
    }

    public function isLineEmpty(): bool
    {
        return '' === trim($this->line);
    }

    /** A line to write on. */
    public function rule(): void
    {
        $this->text(self::RULE);
    }

    /** What follows stands apart from what is above it. */
    public function standApart(): void
    {
        $last = $this->lines[\count($this->lines) - 1] ?? '';
        if ([] === $this->cells && '' !== $last && "\f" !== $last) {
            $this->lines[] = '';
        }
    }

    private function closeStandingOut(): void
    {
        $text = trim($this->standingOut);
        $this->standingOut = '';
        if ('' !== $text) {
            $this->emphasised[] = new Emphasis(\count($this->lines) + 1, $text);
        }
    }

    public function startRow(): void
    {
        $this->cells[] = [];
    }

    public function startCell(): void
    {
        $row = array_key_last($this->cells);
        if (null !== $row) {
            $this->cells[$row][] = ['', []];
        }
    }

    /** A row of short cells is one line with tabs; longer cells follow each other, a number or letter going before its neighbour. */
    public function endRow(): void
    {
        $row = array_pop($this->cells) ?? [];
        if ('' !== trim($this->line)) {
            $this->endLine();
        }
        $cells = array_values(array_filter(array_map(static fn (array $cell) => array_values(array_filter($cell[1], static fn (string $line) => '' !== trim($line))), $row), static fn (array $lines) => [] !== $lines));
        $longest = [] === $cells ? 0 : max(array_map(\count(...), $cells));
        $lines = [];
        if ($longest < 2) {
            $lines[] = implode("\t", array_map(static fn (array $cell) => $cell[0], $cells));
        } else {
            $label = '';
            foreach ($cells as $cell) {
                if (1 === \count($cell) && Regex::match('/^[(_]?(?:\d{1,4}|[A-Za-z])[.):_]*\z/', trim($cell[0]))) {
                    $label .= rtrim($cell[0]).' ';
                    continue;
                }
                $cell[0] = $label.$cell[0];
                $label = '';
                array_push($lines, ...$cell);
            }
            if ('' !== $label) {
                $lines[] = rtrim($label);
            }
        }
        $outer = array_key_last($this->cells);
        $inner = null === $outer ? null : array_key_last($this->cells[$outer]);
        if (null === $outer || null === $inner) {
            array_push($this->lines, ...$lines);
        } else {
            array_push($this->cells[$outer][$inner][1], ...$lines);
        }
    }

    /**
     * A picture that occurs again keeps its number.
     *
     * @param ?Picture $picture null where it did not come with the document
     */
    public function picture(?Picture $picture, string $alternative = ''): void
    {
        if (null === $picture || '' === $picture->bytes) {
            $this->note('missing-pictures');
            $this->text(KeptPictures::name(null, $alternative));

            return;
        }
        $number = $this->numberOf[hash('xxh128', $picture->bytes)] ??= \count($this->pictures) + 1;
        if ($number > \count($this->pictures)) {
            $this->pictures[] = $picture;
            if (null === $picture->mediaType()) {
                $this->note('unshown-pictures');
            }
        }
        $this->text(KeptPictures::name($number, $alternative));
    }

    /** @param string $note what it is about, as the catalogue names it; told once, with how often */
    public function note(string $note): void
    {
        $this->notes[$note] = ($this->notes[$note] ?? 0) + 1;
    }

    public function built(): Manuscript
    {
        if ('' !== $this->line) {
            $this->endLine();
        }
        $notes = [];
        foreach ($this->notes as $note => $times) {
            $notes[] = Message::of('note/'.$note, times: $times);
        }

        $text = rtrim(implode("\n", $this->lines));

        return new Manuscript('' === $text ? '' : $text."\n", $this->emphasised, $notes, $this->pictures);
    }
}
