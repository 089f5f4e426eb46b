<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockReading;
use Notagram\Notation\LetteredList;
use Notagram\Notation\Rewriter;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Changes a question line by line; the ANSWER line follows its option. */
final readonly class AikenRewriter implements Rewriter
{
    public function speaking(string $sheet): self
    {
        return $this;
    }

    public function parts(): array
    {
        return [];
    }

    public function sharesWeights(): bool
    {
        return true;
    }

    public function isKeyedElsewhere(Block $block): bool
    {
        return false;
    }

    public function spelledAt(string $before, string $text): string
    {
        return $text;
    }

    public function head(string $text): string
    {
        return '';
    }

    public function rewritten(Block $block, BlockReading $reading, string $text, Question $new): ?string
    {
        $old = $reading->question;
        if (null === $old || [] === $old->options() || [] === $new->options()) {
            return null;
        }
        $edits = [];
        if ($old->stem->text !== $new->stem->text) {
            Regex::match('/^(?:'.AikenQuestion::NUMBER.')++/', $old->stemSpan->of($text), $number);
            $edits[] = new TextEdit(new Span($old->stemSpan->start + \strlen($number[0] ?? ''), $old->stemSpan->end), $new->stem->text);
        }
        $list = new LetteredList($text, array_map(static fn (Option $option) => $option->span, $old->options()));
        $options = $list->with($new->options(), static fn (Option $option, ?int $index) => null === $index ? $option->text->text : self::option($option, $old->options()[$index], $text));
        if (null !== $options) {
            $edits[] = $options;
        }
        $changed = TextEdit::allIn($text, $edits);
        if (self::keys((new AikenReader())->read($block, $changed)->question) === self::keys($new)) {
            return $changed;
        }
        $marks = (new AikenMarker())->options($block, $changed, self::keys($new));

        return null === $marks ? null : TextEdit::allIn($changed, $marks);
    }

    /** @return list<int> */
    private static function keys(?Question $question): array
    {
        return array_keys(array_filter($question?->options() ?? [], static fn (Option $option) => $option->isKey));
    }

    /** An option as it stands, or with its letter and the new text. */
    private static function option(Option $option, Option $was, string $text): string
    {
        $textAt = AikenLine::at($text, $was->span->start)->optionTextAt;

        return $option->text->text === $was->text->text ? $was->span->of($text) : substr($text, $was->span->start, $textAt - $was->span->start).$option->text->text;
    }
}
