<?php

declare(strict_types=1);

namespace Notagram\Intake\Json;

use Notagram\Intake\Manuscript;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** Takes questions back that were written as JSON, into the notation that they came from. */
final readonly class QuestionsJson
{
    private const FORMAT = 'notagram-questions';
    private const VERSION = 1;
    private const DEEPEST = 12;

    /** @param list<array{Question, list<string>}> $questions each with the path that it is filed under */
    private function __construct(public Notation $notation, public array $questions)
    {
    }

    /**
     * @param string $name of the file, if it has one
     *
     * @return ?self null for what is no JSON
     *
     * @throws UnreadableDocument where it is JSON, but holds other things
     */
    public static function read(string $bytes, string $name = ''): ?self
    {
        $text = ltrim(str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes);
        if (!str_starts_with($text, '{') || (!Regex::match('/\.json\z/i', $name) && !str_contains(substr($text, 0, 200), '"'.self::FORMAT.'"'))) {
            return Regex::match('/\.json\z/i', $name) ? throw UnreadableDocument::foreignJson() : null;
        }
        try {
            $json = new JsonPart(json_decode($text, true, self::DEEPEST, \JSON_THROW_ON_ERROR));
        } catch (\JsonException $exception) {
            throw UnreadableDocument::brokenJson($exception->getMessage());
        }
        if (self::FORMAT !== $json->optional('format')?->value) {
            throw UnreadableDocument::foreignJson();
        }
        if ($json->part('version')->integer() > self::VERSION) {
            throw UnreadableDocument::newerJson();
        }
        $notation = Notations::find($json->part('notation')->text()) ?? throw UnreadableDocument::foreignJson('notation');

        return new self($notation, array_map(static fn (JsonPart $question) => [QuestionFromJson::of($question), array_map(static fn (JsonPart $part) => $part->text(), $question->optional('category')?->parts() ?? [])], $json->part('questions')->parts()));
    }

    public function manuscript(): Manuscript
    {
        $writer = $this->notation->writer();
        $texts = $category = [];
        $number = 0;
        foreach ($this->questions as [$question, $of]) {
            if ($of !== $category) {
                $category = $of;
                $texts[] = $writer->write(new BlockReading(BlockKind::Category, category: $of))->text;
            }
            $written = $writer->write(new BlockReading(BlockKind::Question, $question));
            $texts[] = $written->isNumbered && '' !== $written->text ? ++$number.'. '.$written->text : $written->text;
        }
        $texts = array_filter($texts, static fn (string $text) => '' !== $text);

        return new Manuscript([] === $texts ? '' : implode("\n\n", $texts)."\n", notation: $this->notation);
    }
}
