<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\LeftOut;
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
    public function isNumbered(): bool
    {
        return false;
    }

    public function write(BlockReading $reading): WrittenBlock
    {
        return match ($reading->kind) {
            BlockKind::Question => $this->question($reading->question ?? throw new \LogicException('A question block holds a question.')),
            BlockKind::Broken => WrittenBlock::nothing(Loss::dropped('unreadable')),
            BlockKind::Category => WrittenBlock::nothing(Loss::reduced('left-out/category', target: new Message('name/aiken'), category: implode(' / ', $reading->category ?? []))),
            BlockKind::Comment => WrittenBlock::nothing(Loss::reduced('left-out/comments', target: new Message('name/aiken'))),
            BlockKind::Stray => WrittenBlock::nothing(Loss::reduced('stray-text')),
            BlockKind::Blank => WrittenBlock::nothing(),
        };
    }

    private function question(Question $question): WrittenBlock
    {
        $refusal = $this->refusal($question);
        if (null !== $refusal) {
            return WrittenBlock::nothing($refusal);
        }
        $losses = [];
        if ($question->answers instanceof TrueFalse) {
            $texts = ['True', 'False'];
            $key = true === $question->answers->answer ? 0 : 1;
            $losses[] = Loss::changed('true-false-to-choice');
        } else {
            $options = $question->options();
            $texts = array_map(fn (Option $option) => $this->line($option->text), $options);
            $key = (int) array_search(true, array_map(static fn (Option $option) => $option->isKey, $options), true);
            if (QuestionType::Gap === $question->type()) {
                $losses[] = Loss::changed('gap-to-choice');
            }
        }
        [$stem, $number] = $this->stem($question);
        if ('' !== $number) {
            $losses[] = Loss::reduced('number', number: trim($number));
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
    private function refusal(Question $question): ?Loss
    {
        [$stem] = $this->stem($question);
        $asLine = AikenLine::at($stem, 0);
        if ('' === $stem) {
            return Loss::dropped('no-stem');
        }
        if (null !== $asLine->answer || ('A' === $asLine->letter && $asLine->isCertain)) {
            return Loss::dropped('aiken/stem-look-alike');
        }
        if ($question->answers instanceof TrueFalse) {
            return null === $question->answers->answer ? Loss::dropped('unmarked') : null;
        }
        $options = $question->options();
        if (QuestionType::MultipleResponse === $question->type()) {
            return Loss::dropped('aiken/several-answers');
        }
        if (!($question->answers instanceof Choice) && [] === $options) {
            return Loss::dropped('type/'.$question->type()->value, target: new Message('name/aiken'));
        }
        $keys = \count(array_filter($options, static fn (Option $option) => $option->isKey));

        return match (true) {
            0 === $keys => Loss::dropped('unmarked'),
            $keys > 1 => Loss::dropped('aiken/several-answers'),
            \count($options) < 2 => Loss::dropped('aiken/too-few-options'),
            \count($options) > Aiken::MAX_OPTIONS => Loss::dropped('too-many-options', most: Aiken::MAX_OPTIONS),
            [] !== array_filter($options, fn (Option $option) => '' === $this->line($option->text)) => Loss::dropped('option-without-text'),
            default => null,
        };
    }

    /** @return list<Loss> */
    private function reductions(Question $question): array
    {
        $losses = LeftOut::of($question, new Message('name/aiken'), LeftOut::TITLE, LeftOut::FORMAT, LeftOut::POINTS, LeftOut::FEEDBACK, LeftOut::EXPLANATION, LeftOut::COMMENTS, LeftOut::ID, LeftOut::TAGS);
        $options = $question->options();
        $texts = [$question->stem, ...array_map(static fn (Option $option) => $option->text, $options)];
        $hasPartialCredit = [] !== array_filter($options, static fn (Option $option) => !$option->weight->equals($option->isKey ? Weight::full() : Weight::none()));
        if ($hasPartialCredit) {
            $losses[] = Loss::reduced('partial-marks');
        }
        foreach ($texts as $text) {
            if (str_contains($text->text, "\n")) {
                $losses[] = Loss::reduced('line-breaks/any');
                break;
            }
        }
        foreach ($texts as $text) {
            if ($text->withoutTags() !== $text->text) {
                $losses[] = Loss::reduced('html');
                break;
            }
        }
        foreach ($texts as $text) {
            if (FormattedText::MARKDOWN === $text->format && Regex::match('/[*_`#\[|>]/', $text->text)) {
                $losses[] = Loss::reduced('markdown');
                break;
            }
        }

        return $losses;
    }

    /** On one line, without HTML where the text may hold any. */
    private function line(FormattedText $text): string
    {
        $bare = $text->withoutTags();

        return $bare === $text->text ? trim(Regex::replace('/(?<![ \t])[ \t]*+\n\s*+/', ' ', $bare)) : (new FormattedText($bare))->collapsed();
    }
}
