<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Finding\Remedy;
use Notagram\Finding\Remedy\Accept;
use Notagram\Finding\Remedy\Drop;
use Notagram\Finding\Remedy\Share;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\Marker;
use Notagram\Notation\PaperWords;
use Notagram\Notation\PercentMark;
use Notagram\Question\EvenShares;
use Notagram\Question\Gap;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\LineEnding;
use Notagram\Source\Span;

/** Marks by the sign at the start of each line; several right answers share the points by themselves. */
final readonly class GramMarker implements Marker
{
    public function options(Block $block, string $text, array $keys): ?array
    {
        $question = (new GramReader())->read($block, $text)->question;
        $options = $question?->options() ?? [];
        if (null === $question || [] === $options) {
            return null;
        }
        $isKey = array_map(static fn (int $index) => \in_array($index, $keys, true), array_keys($options));
        // In a gap, and where nothing is wrong, the signs alone would mean accepted forms.
        $needsShares = \count($keys) > 1 && ($question->answers instanceof Gap || !\in_array(false, $isKey, true));
        $shares = EvenShares::for($isKey);
        $edits = [];
        foreach ($options as $index => $option) {
            $mark = $needsShares ? PercentMark::spell($shares[$index]) : ($isKey[$index] ? '=' : '~');
            if ($option->mark()->of($text) !== $mark) {
                $edits[] = new TextEdit($option->mark(), $mark);
            }
        }

        return $edits;
    }

    public function truth(Block $block, string $text, ?bool $answer): ?array
    {
        if (null === $answer || !(new GramReader())->read($block, $text)->question?->answers instanceof TrueFalse) {
            return null;
        }
        $option = (new GramBody($text))->options[0];

        return PaperWords::all()->truth($option->text()) === $answer ? [] : [self::word($option, $answer)];
    }

    /** The word or letter for true or false, as long or as short as it was. */
    public static function word(GramOption $option, bool $answer): TextEdit
    {
        $written = $option->text();
        $word = \strlen($written) > 1 ? ($answer ? 'true' : 'false') : ($answer ? 'T' : 'F');

        return new TextEdit(new Span($option->textAt(), $option->textAt() + \strlen($written)), $word);
    }

    public function typed(Block $block, string $text, array $forms): ?array
    {
        $question = (new GramReader())->read($block, $text)->question;
        $accepted = $question?->accepted() ?? [];
        foreach ($accepted as $one) {
            // What is said of a form must not be lost with it.
            if (null !== $one->feedback || !$one->weight->equals(Weight::full())) {
                return null;
            }
        }
        if (null === $question || [] === $accepted || [] === $forms) {
            return null;
        }
        $span = new Span($accepted[0]->span->start, $accepted[\count($accepted) - 1]->span->end);
        $end = $span->start + \strlen(rtrim($span->of($text)));

        return [new TextEdit(new Span($span->start, $end), $question->answers instanceof Gap
            ? implode(' ', array_map(static fn (string $form) => '='.BraceText::spelled($form, BraceText::MARKS_IN_ANSWERS), $forms))
            : implode(LineEnding::forNewLinesIn($text), array_map(self::line(...), $forms)))];
    }

    public function remedied(Remedy $remedy, Question $question, string $text): ?array
    {
        // Inside the braces of a gap, it is a matter of the braces.
        $isGap = $question->answers instanceof Gap;
        $answers = $question->weighted();

        return match (true) {
            $remedy instanceof Drop => [TextEdit::remove($isGap ? $answers[$remedy->answer]->span : self::wholeLines($answers[$remedy->answer]->span, $text))],
            $remedy instanceof Accept && $isGap => [TextEdit::insert($answers[$remedy->before]->span->start, '='.BraceText::spelled($remedy->form, BraceText::MARKS_IN_ANSWERS).' ')],
            $remedy instanceof Accept && $question->answers instanceof ShortAnswer => [TextEdit::insert($answers[$remedy->before]->span->start, self::line($remedy->form).LineEnding::forNewLinesIn($text))],
            $remedy instanceof Share => self::sharing($remedy, $question, $text),
            // Stars are Markdown here.
            default => null,
        };
    }

    /** @return list<TextEdit> */
    private static function sharing(Share $remedy, Question $question, string $text): array
    {
        $edits = [];
        foreach ($question->options() as $index => $option) {
            if (isset($remedy->percents[$index])) {
                $edits[] = new TextEdit($option->mark(), $text[$option->span->start].substr(PercentMark::spell(Weight::exactly($remedy->percents[$index])), 1));
            }
        }

        return $edits;
    }

    private static function line(string $form): string
    {
        return '= '.str_replace('->', '\->', implode("\n  ", GramText::spelled($form, true)));
    }

    /** With the line end behind it, or else the one before it. */
    private static function wholeLines(Span $span, string $text): Span
    {
        $behind = \strlen($text) > $span->end ? strspn($text, "\r\n", $span->end, str_starts_with(substr($text, $span->end), "\r\n") ? 2 : 1) : 0;
        $before = 0 === $behind ? \strlen(substr($text, 0, $span->start)) - \strlen(rtrim(substr($text, 0, $span->start), "\r\n")) : 0;

        return new Span($span->start - $before, $span->end + $behind);
    }

    public function printedNumber(Block $block, string $text): ?int
    {
        return null;
    }
}
