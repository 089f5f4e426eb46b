<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Notagram\Editing\EditorEdit;
use Notagram\Editing\MovedPlaces;
use Notagram\Intake\Emphasis;
use Notagram\Intake\Manuscript;
use Notagram\Message\Message;

/** What a document held besides its text. A sheet that came as a text holds nothing of the kind. */
#[ORM\Embeddable]
final class DocumentParts
{
    /** @var list<array{id: string, arguments: array<string, string|int|float>}> messages: what was left out, or needs a look */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $notes = [];

    /** @var list<array{text: string, at: int}> stretches that stood out, and where the line of each starts now */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $emphasised = [];

    public static function of(Manuscript $manuscript): self
    {
        $parts = new self();
        $parts->notes = array_map(static fn (Message $note) => ['id' => $note->id, 'arguments' => array_filter($note->arguments, static fn (mixed $value) => !$value instanceof Message)], $manuscript->notes);
        $parts->placeEmphasis($manuscript->emphasised, $manuscript->text);

        return $parts;
    }

    /** @param list<Emphasis> $emphasised by their lines in this text */
    public function placeEmphasis(array $emphasised, string $text): void
    {
        $starts = MovedPlaces::lineStarts($text);
        $this->emphasised = array_map(static fn (Emphasis $emphasis) => ['text' => $emphasis->text, 'at' => $starts[$emphasis->line - 1] ?? 0], $emphasised);
    }

    /** @return list<Message> */
    public function notes(): array
    {
        return array_map(static fn (array $note) => new Message($note['id'], $note['arguments']), $this->notes);
    }

    /** @return list<Emphasis> what stood out, in the text as it is now */
    public function emphasisIn(string $text): array
    {
        $emphasised = [];
        $starts = [] === $this->emphasised ? [] : MovedPlaces::lineStarts($text);
        $placed = $this->emphasised;
        usort($placed, static fn (array $one, array $other) => $one['at'] <=> $other['at']);
        $line = 0;
        foreach ($placed as ['text' => $stretch, 'at' => $at]) {
            while (isset($starts[$line]) && $starts[$line] <= $at) {
                ++$line;
            }
            $emphasised[] = new Emphasis(max(1, $line), $stretch);
        }

        return $emphasised;
    }

    /** @param list<EditorEdit> $edits that the text has just come by */
    public function moveEmphasis(array $edits): void
    {
        $this->emphasised = array_map(static fn (array $one) => ['at' => MovedPlaces::after($one['at'], $edits)] + $one, $this->emphasised);
    }
}
