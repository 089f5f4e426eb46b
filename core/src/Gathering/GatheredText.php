<?php

declare(strict_types=1);

namespace Notagram\Gathering;

use Notagram\Handover\Json\QuestionJson;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;

/**
 * Questions of several sheets in one text, as they are written, with a blank line between them.
 *
 * What stands in no category comes first: behind the questions of another sheet it would fall into the last category of that.
 */
final class GatheredText
{
    /** @var list<string> */
    private array $texts = [];
    private ?string $category = null;

    private function __construct(private readonly Notation $notation)
    {
    }

    /**
     * @param non-empty-list<Excerpt> $excerpts in the order in which they are to stand
     *
     * @throws CannotGather where they are in different notations, or would be read as other questions when they stand together
     */
    public static function of(array $excerpts): string
    {
        $gathered = new self($excerpts[0]->sheet->notation);
        foreach ($excerpts as $excerpt) {
            if ($excerpt->sheet->notation->id() !== $gathered->notation->id()) {
                throw new CannotGather(Message::of('refusal/gather-notations', first: $excerpts[0]->title, other: $excerpt->title));
            }
        }
        foreach ([false, true] as $isCategorised) {
            foreach ($excerpts as $excerpt) {
                $gathered->add($excerpt, $isCategorised);
            }
        }
        $text = [] === $gathered->texts ? '' : implode("\n\n", $gathered->texts)."\n";
        if ($gathered->questionsIn([new Excerpt('', ReadSheet::of(SourceText::fromUtf8($text), $gathered->notation))]) !== $gathered->questionsIn($excerpts)) {
            throw new CannotGather(new Message('refusal/gather-reading'));
        }

        return $text;
    }

    private function add(Excerpt $excerpt, bool $isCategorised): void
    {
        $category = null;
        foreach ($excerpt->sheet->blocks as $placed) {
            $text = trim($placed->block->textIn($excerpt->sheet->source->text), "\r\n");
            if (BlockKind::Category === $placed->reading->kind) {
                $category = $text;
            } elseif ($isCategorised === (null !== $category) && '' !== trim($text) && $excerpt->takes($placed)) {
                if (null !== $category && $category !== $this->category) {
                    $this->texts[] = $this->category = $category;
                }
                $this->texts[] = $text;
            }
        }
    }

    /**
     * @param list<Excerpt> $excerpts
     *
     * @return list<string> each question with its category, as words, so that they can be compared; sorted, since the order is another
     */
    private function questionsIn(array $excerpts): array
    {
        $questions = [];
        foreach ($excerpts as $excerpt) {
            $category = null;
            foreach ($excerpt->sheet->blocks as $placed) {
                $category = $placed->reading->category ?? $category;
                if (null !== $placed->number && $excerpt->takes($placed)) {
                    $question = $placed->reading->question;
                    $questions[] = serialize([$category, null === $question ? $placed->reading->kind->name : QuestionJson::of($question)]);
                }
            }
        }
        sort($questions);

        return $questions;
    }
}
