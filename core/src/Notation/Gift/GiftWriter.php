<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\Braces\BraceWriter;
use Notagram\Notation\Loss;
use Notagram\Notation\PercentMark;
use Notagram\Notation\Writer;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** Writes GIFT in normal form: one answer a line, indented by two; only what must be escaped is. */
final readonly class GiftWriter implements Writer
{
    public const MARKS_IN_STEM = '{}';
    public const MARKS_IN_TITLE = ':{}';

    public function isNumbered(): bool
    {
        return false;
    }

    public function write(BlockReading $reading): WrittenBlock
    {
        return match ($reading->kind) {
            BlockKind::Question => $this->question($reading->question ?? throw new \LogicException('A question block holds a question.')),
            BlockKind::Category => new WrittenBlock('$CATEGORY: '.implode('/', str_replace('/', '//', $reading->category ?? [])), [] === ($reading->category ?? []) ? [Loss::reduced('gift/no-category')] : []),
            BlockKind::Comment => new WrittenBlock($this->comments($reading->comments)),
            BlockKind::Stray => new WrittenBlock($this->comments($reading->comments)),
            BlockKind::Broken => WrittenBlock::nothing(Loss::dropped('unreadable')),
            BlockKind::Blank => WrittenBlock::nothing(),
        };
    }

    /** @param list<string> $lines */
    private function comments(array $lines): string
    {
        return implode("\n", array_map(static fn (string $line) => rtrim('// '.$line), $lines));
    }

    private function question(Question $question): WrittenBlock
    {
        $comments = $question->comments;
        $losses = $this->losses($question);
        // Points that a comment of the writer's own names are where they were: nothing is lost.
        $hasPoints = [] !== array_filter($comments, static fn (string $line) => str_contains($line, "({$question->points} point"));
        if (null !== $question->points && !$hasPoints) {
            $comments[] = \sprintf('(%s %s)', $question->points, '1' === $question->points ? 'point' : 'points');
            $losses[] = Loss::reduced('gift/points');
        }
        $lines = [] === $comments ? '' : $this->comments($comments)."\n";
        $title = null === $question->title ? '' : '::'.BraceText::spelled($question->title, self::MARKS_IN_TITLE).':: ';
        $format = FormattedText::AUTO === $question->stem->format ? '' : "[{$question->stem->format}]";
        // Without an accepted answer the braces are empty: the sentence keeps its blank.
        if ($question->answers instanceof Gap && [] !== [...$question->options(), ...$question->accepted()]) {
            $text = $title.$format.('' === trim($question->answers->after) ? $this->gapAtEnd($question->answers, $question, $losses) : $this->gap($question->answers, $question));
        } else {
            $stem = BraceText::spelled($question->stem->text, self::MARKS_IN_STEM);
            $answers = $this->answers($question->answers, $question);
            $text = $title.$format.$stem.('' === $answers || '' === $stem ? '' : ' ').$answers;
        }

        return '' === $text ? WrittenBlock::nothing(Loss::dropped('no-text')) : new WrittenBlock($lines.$text, $losses, isEssay: self::becomesEssay($question));
    }

    /** The words on both sides keep their distance from the gap; its answers stand on one line. */
    private function gap(Gap $gap, Question $question): string
    {
        $before = BraceText::spelled(rtrim($gap->before), self::MARKS_IN_STEM).(str_ends_with($gap->before, ' ') ? ' ' : '');
        $after = (str_starts_with($gap->after, ' ') ? ' ' : '').BraceText::spelled(ltrim($gap->after), self::MARKS_IN_STEM);

        return $before.(new BraceWriter($question->stem->format))->filled($gap, $question->explanation).$after;
    }

    /**
     * Braces that end a sentence are no gap in it, so its blank is written out.
     *
     * @param list<Loss> $losses
     */
    private function gapAtEnd(Gap $gap, Question $question, array &$losses): string
    {
        $losses[] = Loss::reduced('gift/gap-at-end');

        return BraceText::spelled($gap->before.Gap::RULE, self::MARKS_IN_STEM).' '.$this->answers($gap->filler, $question);
    }

    private function answers(Answers $answers, Question $question): string
    {
        $braces = new BraceWriter($question->stem->format);
        $entries = match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => array_map(static fn (Option $option) => $braces->option($option, $answers), $answers->options),
            $answers instanceof ShortAnswer => array_map($braces->accepted(...), $answers->accepted),
            $answers instanceof Matching => array_map($braces->pair(...), $answers->pairs),
            $answers instanceof Numeric => $braces->numbers($answers),
            $answers instanceof TrueFalse => [$braces->trueFalse($answers)],
            $answers instanceof Essay => [''],
            $answers instanceof Stimulus => null,
            // Others are written within their sentence.
            $answers instanceof Gap => [''],
        };
        if (null === $entries) {
            return '';
        }
        if (null !== $question->explanation) {
            $entries[] = '####'.$braces->text($question->explanation);
        }
        $entries = array_values(array_filter($entries, static fn (string $entry) => '' !== $entry));
        $isShort = \count($entries) < 2 && !str_contains($entries[0] ?? '', "\n");
        if ($isShort || $answers instanceof TrueFalse) {
            return '{'.implode("\n  ", $entries).'}';
        }

        return "{\n  ".implode("\n  ", $entries)."\n}";
    }

    /** Without an answer, empty braces are all that can be written, and these ask for an essay. */
    private static function becomesEssay(Question $question): bool
    {
        return match (true) {
            $question->answers instanceof TrueFalse => null === $question->answers->answer,
            $question->answers instanceof ShortAnswer, $question->answers instanceof Gap => [] === $question->accepted() && [] === $question->options(),
            default => false,
        };
    }

    /** @return list<Loss> */
    private function losses(Question $question): array
    {
        $losses = [];
        if ($question->answers instanceof Stimulus && null !== $question->explanation) {
            $losses[] = Loss::reduced('left-out/explanation', target: new Message('name/gift'));
        }
        if (self::becomesEssay($question) && !$question->answers instanceof TrueFalse) {
            $losses[] = Loss::changed('gift/essay-no-accepted');
        }
        if (self::becomesEssay($question) && $question->answers instanceof TrueFalse) {
            $losses[] = Loss::changed('gift/essay-no-truth');
        }
        if ($question->answers instanceof Choice) {
            $losses = [...$losses, ...$this->lossesOfChoice($question->answers->options)];
        }
        $weights = array_map(static fn (Option $option) => $option->weight, $question->options());
        foreach ($weights as $weight) {
            if (!PercentMark::holdsExactly($weight)) {
                $losses[] = Loss::reduced('gift/rounded');
                break;
            }
        }
        foreach ($question->accepted() as $answer) {
            if (str_contains($answer->text, '->')) {
                $losses[] = Loss::changed('gift/arrow-in-answer');
                break;
            }
            if (str_contains($answer->feedback->text ?? '', '->')) {
                $losses[] = Loss::changed('gift/arrow-in-feedback');
                break;
            }
        }
        if ($question->answers instanceof Matching && 1 === \count($question->answers->pairs)) {
            $losses[] = Loss::changed('gift/one-pair');
        }
        foreach ($question->answers instanceof Matching ? $question->answers->pairs : [] as $pair) {
            if (str_contains($pair->prompt->text, '->')) {
                $losses[] = Loss::changed('gift/arrow-in-prompt');
                break;
            }
        }

        return $losses;
    }

    /**
     * @param list<Option> $options
     *
     * @return list<Loss>
     */
    private function lossesOfChoice(array $options): array
    {
        return match (true) {
            [] === $options => [Loss::changed('gift/essay-no-options')],
            1 === \count($options) && $options[0]->isKey => [Loss::changed('gift/one-option')],
            default => [],
        };
    }
}
