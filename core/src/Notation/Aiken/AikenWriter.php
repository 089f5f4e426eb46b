<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\Writer;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;

/** Writes strict Aiken: what is not a question with one right option is dropped or changed, and named. */
final readonly class AikenWriter implements Writer
{
    public function write(BlockReading $reading): WrittenBlock
    {
        return match ($reading->kind) {
            BlockKind::Question => $this->question($reading->question ?? throw new \LogicException('A question block holds a question.')),
            BlockKind::Broken => WrittenBlock::nothing(Loss::dropped('It could not be read, so it cannot be written.')),
            BlockKind::Category => WrittenBlock::nothing(Loss::reduced(\sprintf('The category “%s” is left out: Aiken has none.', implode(' / ', $reading->category ?? [])))),
            BlockKind::Comment => WrittenBlock::nothing(Loss::reduced('A comment is left out: Aiken has none.')),
            BlockKind::Stray => WrittenBlock::nothing(Loss::reduced('A text that is no question is left out.')),
            BlockKind::Blank => WrittenBlock::nothing(),
        };
    }

    private function question(Question $question): WrittenBlock
    {
        $refusal = $this->refusal($question);
        if (null !== $refusal) {
            return WrittenBlock::nothing(Loss::dropped($refusal));
        }
        $losses = [];
        if ($question->answers instanceof TrueFalse) {
            $texts = ['True', 'False'];
            $key = true === $question->answers->answer ? 0 : 1;
            $losses[] = Loss::changed('True or false becomes a choice between two options.');
        } else {
            $options = $question->options();
            $texts = array_map(fn (Option $option) => $this->line($option->text), $options);
            $key = (int) array_search(true, array_map(static fn (Option $option) => $option->isKey, $options), true);
            if (QuestionType::Gap === $question->type()) {
                $losses[] = Loss::changed('The gap becomes a choice below the sentence, with a rule in its place.');
            }
        }
        [$stem, $number] = $this->stem($question);
        if ('' !== $number) {
            $losses[] = Loss::reduced(\sprintf('The number “%s” before its stem is left out: it would be taken for the question\'s.', trim($number)));
        }
        $lines = [$stem];
        foreach ($texts as $index => $text) {
            $lines[] = \chr(65 + $index).'. '.$text;
        }
        $lines[] = 'ANSWER: '.\chr(65 + $key);

        return new WrittenBlock(implode("\n", $lines), [...$losses, ...$this->reductions($question)]);
    }

    /** @return array{string, string} the stem, and the numbers that were taken off its front */
    private function stem(Question $question): array
    {
        $line = $this->line($question->stem);
        $stem = Regex::replace('/^(?:'.AikenQuestion::NUMBER.')++/', '', $line);

        return [$stem, substr($line, 0, \strlen($line) - \strlen($stem))];
    }

    /** Why the question cannot go, or null if it can. */
    private function refusal(Question $question): ?string
    {
        [$stem] = $this->stem($question);
        $asLine = AikenLine::at($stem, 0);
        if ('' === $stem) {
            return 'It has no stem.';
        }
        if (null !== $asLine->answer || ('A' === $asLine->letter && $asLine->isCertain)) {
            return 'Its stem would be taken for an option or an ANSWER line.';
        }
        if ($question->answers instanceof TrueFalse) {
            return null === $question->answers->answer ? 'No right answer is marked.' : null;
        }
        $options = $question->options();
        if (QuestionType::MultipleResponse === $question->type()) {
            return 'Aiken holds one right answer; this question has several right answers.';
        }
        if (!($question->answers instanceof Choice) && [] === $options) {
            return match ($question->type()) {
                QuestionType::ShortAnswer, QuestionType::Gap => 'Aiken has no typed answers.',
                QuestionType::Numeric => 'Aiken has no number questions.',
                QuestionType::Matching => 'Aiken has no matching.',
                QuestionType::Essay => 'Aiken has no essays.',
                default => 'Aiken has no texts without an answer.',
            };
        }
        $keys = \count(array_filter($options, static fn (Option $option) => $option->isKey));

        return match (true) {
            0 === $keys => 'No right answer is marked.',
            $keys > 1 => 'Aiken holds one right answer; this question has several right answers.',
            \count($options) < 2 => 'Aiken wants at least two options.',
            \count($options) > Aiken::MAX_OPTIONS => 'Aiken holds 26 options at most.',
            [] !== array_filter($options, fn (Option $option) => '' === $this->line($option->text)) => 'One of its options has no text.',
            default => null,
        };
    }

    /** @return list<Loss> */
    private function reductions(Question $question): array
    {
        $losses = [];
        $options = $question->options();
        $texts = [$question->stem, ...array_map(static fn (Option $option) => $option->text, $options)];
        $hasFeedback = $question->answers instanceof TrueFalse
            ? null !== $question->answers->feedbackWhenRight || null !== $question->answers->feedbackWhenWrong
            : [] !== array_filter($options, static fn (Option $option) => null !== $option->feedback);
        $hasPartialCredit = [] !== array_filter($options, static fn (Option $option) => !$option->weight->equals($option->isKey ? Weight::full() : Weight::none()));
        $left = array_keys(array_filter([
            'title' => null !== $question->title,
            'text format' => FormattedText::AUTO !== $question->stem->format,
            'points' => null !== $question->points,
            'feedback' => $hasFeedback,
            'explanation' => null !== $question->explanation,
            'comments' => [] !== $question->comments,
        ]));
        if ([] !== $left) {
            $losses[] = Loss::reduced('Left out, as Aiken has no place for it: '.implode(', ', $left).'.');
        }
        if ($hasPartialCredit) {
            $losses[] = Loss::reduced('Partial marks are left out: the right option earns everything, each other one nothing.');
        }
        foreach ($texts as $text) {
            if (str_contains($text->text, "\n")) {
                $losses[] = Loss::reduced('Line breaks become blanks.');
                break;
            }
        }
        foreach ($texts as $text) {
            if ($this->line($text) !== $this->withoutLineBreaks($text)) {
                $losses[] = Loss::reduced('HTML is left out; its words stay.');
                break;
            }
        }
        foreach ($texts as $text) {
            if (FormattedText::MARKDOWN === $text->format && Regex::match('/[*_`#\[|>]/', $text->text)) {
                $losses[] = Loss::reduced('Markdown stays as it is typed: a receiver may show its signs.');
                break;
            }
        }

        return $losses;
    }

    /** On one line, tags taken out where the text may hold any. */
    private function line(FormattedText $text): string
    {
        $line = $this->withoutLineBreaks($text);
        if (FormattedText::PLAIN === $text->format || !Regex::match(self::TAG_OR_ENTITY, $line)) {
            return $line;
        }

        return trim(html_entity_decode(Regex::replace(self::TAG, '', $line), \ENT_QUOTES | \ENT_HTML5, 'UTF-8'));
    }

    private function withoutLineBreaks(FormattedText $text): string
    {
        return trim(Regex::replace('/(?<![ \t])[ \t]*+\n\s*+/', ' ', $text->text));
    }

    private const TAG = '~</?[a-zA-Z][^<>]*>~';
    private const TAG_OR_ENTITY = '~</?[a-zA-Z][^<>]*>|&(?:#\d+|\w+);~';
}
