<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Intake\Deadline;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Picture;
use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notations;
use Notagram\Question\FormattedText;
use Notagram\Source\FileKind;
use Notagram\Source\Regex;

/** Reads what quiz systems write for each other: questions as items of 1.2, 2.1, 2.2 or 3.0, in an archive or a file of their own. */
final readonly class QtiPackage
{
    /** The roots of a single file. */
    private const ROOT = '~\A(?:\xEF\xBB\xBF)?\s*+(?:<\?[^>]*+>\s*+|<!--.*?-->\s*+|<!DOCTYPE[^>\[]*+(?:\[.*?\]\s*+)?>\s*+)*+<(?:[\w.-]+:)?(?:questestinterop|assessmentItem|assessmentTest|qti-assessment-item|qti-assessment-test)[\s>]~s';
    /** So many names say which; more are a number. */
    private const NAMES = 8;
    /** A package may hold what was written over years: 10,000 items take a third of this. */
    private const SECONDS = 30;

    /**
     * @param list<array{list<string>, ItemReading}> $readings each with the path of its category
     * @param list<Picture>                           $pictures
     * @param list<Message>                           $notes    what did not come along
     */
    private function __construct(public array $readings, public array $pictures, public array $notes)
    {
    }

    /**
     * @return ?self null for what is neither an archive nor a file of the standard
     *
     * @throws UnreadableDocument where an archive holds nothing of the standard, or something that could do harm
     */
    public static function read(string $bytes): ?self
    {
        $isArchive = FileKind::Archive === FileKind::of($bytes);
        if (!$isArchive && !self::isFile($bytes)) {
            return null;
        }
        $files = $isArchive ? PackageFiles::ofArchive($bytes) : PackageFiles::ofOne($bytes);
        $found = TestItems::in($files);
        if (!$found->isQti()) {
            throw $isArchive ? UnreadableDocument::noPackage() : UnreadableDocument::damaged();
        }
        $pictures = new PackagePictures($files->picture(...));
        $deadline = Deadline::start(self::SECONDS);
        $html = new Html($pictures, $deadline);
        $readings = array_map(static fn (TestItem $item) => [$item->category, ItemQuestions::of(self::item($item, $html), $item->times, $deadline)], $found->all());

        return new self($readings, $pictures->all(), [...self::left($readings), ...array_filter([
            self::named('missing-files', $found->missing, 'files'),
            self::named('broken-files', $found->broken, 'files'),
            0 === $pictures->missing() ? null : Message::of('note/qti/missing-pictures', times: $pictures->missing()),
            [] === $html->leftOut() ? null : Message::of('note/qti/parts', kinds: implode(', ', $html->leftOut())),
        ])]);
    }

    /** By its first element, in whatever encoding. */
    private static function isFile(string $bytes): bool
    {
        $start = substr($bytes, 0, 4_000);
        if (str_contains(substr($start, 0, 100), "\0")) {
            $start = mb_convert_encoding($start, 'UTF-8', str_starts_with($bytes, "\xFE\xFF") ? 'UTF-16BE' : 'UTF-16LE');
        }

        return Regex::match(self::ROOT, $start);
    }

    private static function item(TestItem $item, Html $html): Item
    {
        return 'item' === $item->element->name ? LegacyItemReader::read($item->element, $html, $item->folder) : ItemReader::read($item->element, $html, $item->folder);
    }

    /** As GIFT, which holds most of what an item holds. What there is no type for stands in it as a comment. */
    public function manuscript(): Manuscript
    {
        $gift = Notations::find('gift') ?? throw new \LogicException('GIFT is there.');
        $writer = $gift->writer();
        $texts = $category = [];
        foreach ($this->readings as [$of, $reading]) {
            if ($of !== $category) {
                $category = $of;
                $texts[] = $writer->write(new BlockReading(BlockKind::Category, category: $of))->text;
            }
            foreach ($reading->questions as $question) {
                $noted = null === $question->id ? $question : $question->with(['comments' => ["[id:{$question->id}]"]]);
                $texts[] = $writer->write(new BlockReading(BlockKind::Question, $noted))->text;
            }
            if ([] === $reading->questions) {
                $texts[] = $writer->write(new BlockReading(BlockKind::Comment, comments: self::asComment($reading->item)))->text;
            }
        }
        $texts = array_filter($texts, static fn (string $text) => '' !== $text);

        return new Manuscript([] === $texts ? '' : implode("\n\n", $texts)."\n", notes: $this->notes, pictures: $this->pictures, notation: $gift);
    }

    /** @return list<string> the words of an item that came as no question */
    private static function asComment(Item $item): array
    {
        $lines = [$item->title, Html::withoutPlaces($item->body)];
        foreach ($item->fields as $field) {
            array_push($lines, $field->prompt, ...array_values($field->prompts), ...array_values($field->options));
        }
        $lines = array_map(static fn (string $html) => (new FormattedText($html, FormattedText::HTML))->plain(), $lines);

        return array_values(array_filter($lines, static fn (string $line) => '' !== $line));
    }

    /**
     * @param list<array{list<string>, ItemReading}> $readings
     *
     * @return list<Message>
     */
    private static function left(array $readings): array
    {
        $titles = [];
        foreach ($readings as [, $reading]) {
            foreach ($reading->left as [$note, $kind]) {
                $titles[$note][$kind][] = '' === $reading->item->title ? $reading->item->identifier : $reading->item->title;
            }
        }
        $notes = [];
        foreach ($titles as $note => $kinds) {
            foreach ($kinds as $kind => $of) {
                $notes[] = self::named($note, array_values(array_unique($of)), 'titles', $kind);
            }
        }

        return array_values(array_filter($notes));
    }

    /** @param list<string> $names */
    private static function named(string $note, array $names, string $argument, string $kind = ''): ?Message
    {
        return [] === $names ? null : new Message("note/qti/{$note}", [
            $argument => implode(', ', array_map(static fn (string $name) => "“{$name}”", \array_slice($names, 0, self::NAMES))),
            'more' => max(0, \count($names) - self::NAMES),
            'kind' => $kind,
        ]);
    }
}
