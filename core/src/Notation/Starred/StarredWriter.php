<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\LeftOut;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Writer;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\EvenShares;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;

/** Writes a Starred list in one of its set styles. Questions are numbered where the sheet is put together. */
final readonly class StarredWriter implements Writer
{
    public function __construct(private StarredStyle $style = new StarredStyle())
    {
    }

    public function isNumbered(): bool
    {
        return true;
    }

    public function write(BlockReading $reading): WrittenBlock
    {
        return match ($reading->kind) {
            BlockKind::Question => $this->question($reading->question ?? throw new \LogicException('A question block holds a question.')),
            BlockKind::Broken => WrittenBlock::nothing(Loss::dropped('unreadable')),
            BlockKind::Category => $this->text(implode(' / ', $reading->category ?? []), Loss::reduced('starred/category')),
            BlockKind::Comment => [] === $reading->comments ? WrittenBlock::nothing() : WrittenBlock::nothing(Loss::reduced('left-out/comments', target: new Message('name/starred'))),
            BlockKind::Stray => $this->text(implode("\n", $reading->comments)),
            BlockKind::Blank => WrittenBlock::nothing(),
        };
    }

    private function question(Question $question): WrittenBlock
    {
        $answers = $question->answers;
        if ($answers instanceof Stimulus) {
            return $this->text($question->stem->text, Loss::changed('starred/stimulus'));
        }
        $losses = $this->reductions($question);
        $stem = $question->stem->text;
        if ($answers instanceof Gap && $answers->filler instanceof Choice) {
            $losses[] = Loss::changed('starred/gap');
            $answers = $answers->filler;
        }
        $lines = match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => $this->options($answers, $losses),
            $answers instanceof TrueFalse => [null === $answers->answer ? 'True   False' : ($answers->answer ? 'True' : 'False')],
            $answers instanceof ShortAnswer => [$this->typed($answers, $losses)],
            $answers instanceof Gap => [] === $answers->filler->accepted ? [] : [$this->typed($answers->filler, $losses)],
            $answers instanceof Numeric => [$this->number($answers, $losses)],
            $answers instanceof Matching => array_map(static fn (Pair $pair) => ltrim(self::line($pair->prompt->text).' -> '.self::line($pair->match)), $answers->pairs),
            default => ['...'],
        };
        if (null === $lines) {
            return WrittenBlock::nothing(...$losses);
        }
        $points = null !== $question->points && $this->style->showsPoints ? \sprintf('(%s %s) ', $question->points, '1' === $question->points ? 'point' : 'points') : '';
        // An empty line among them would end the question.
        $below = str_replace("\n\n", "\n", implode('', array_map(static fn (string $line) => "\n".$line, $lines)));
        $below = ($this->style->blankAfterStem && [] !== $lines ? "\n" : '').$below;
        if (null !== $question->explanation) {
            $explanation = self::line($question->explanation->text);
            $below .= rtrim("\nExplanation: {$explanation}");
            if ($explanation !== $question->explanation->text) {
                $losses[] = Loss::reduced('line-breaks/explanation');
            }
        }
        $mayChange = [] !== array_filter($losses, static fn (Loss $loss) => LossKind::Changed === $loss->kind);
        foreach ([$stem, self::line($stem)] as $written) {
            $text = rtrim($points.$written).$below;
            if ($this->readsAlike($question, $written, $text, $mayChange)) {
                if ($written !== $stem) {
                    $losses[] = Loss::reduced('line-breaks/stem');
                }

                return new WrittenBlock($text, $losses, true);
            }
        }
        $losses[] = Loss::changed('starred/look-alike');

        return new WrittenBlock(rtrim($points.self::line($stem)).$below, $losses, true);
    }

    /**
     * @param list<Loss> $losses
     *
     * @return ?list<string> null where they cannot be written
     */
    private function options(Choice|MultipleResponse $answers, array &$losses): ?array
    {
        $options = $answers->options;
        if ([] === $options || \count($options) > 26) {
            $losses[] = [] === $options ? Loss::dropped('no-options') : Loss::dropped('too-many-options', most: 26);

            return null;
        }
        $isKey = array_map(static fn (Option $option) => $option->isKey, $options);
        $keys = \count(array_filter($isKey));
        $even = $keys > 1 ? EvenShares::for($isKey) : array_map(static fn (bool $is) => $is ? Weight::full() : Weight::none(), $isKey);
        foreach ($options as $index => $option) {
            if (!$option->weight->isWrittenAs($even[$index])) {
                $losses[] = Loss::reduced('starred/weights');
                break;
            }
        }
        if ($answers instanceof MultipleResponse && 1 === $keys) {
            $losses[] = Loss::changed('starred/one-answer');
        } elseif ($answers instanceof Choice && $keys > 1) {
            $losses[] = Loss::changed('starred/several-answers');
        }
        $lines = [];
        foreach ($options as $index => $option) {
            $text = self::line($option->text->text);
            // A star of its own would mark the option.
            $text = 1 === Regex::matchAll('/(?<!\\\\)\*/', $text) % 2 ? str_replace('*', '\*', $text) : $text;
            $lines[] = $option->isKey
                ? ($this->style->starsAfter ? $this->style->label($index).' '.$text.' *' : '*'.$this->style->label($index).' '.$text)
                : $this->style->label($index).' '.$text;
        }

        return $lines;
    }

    /** @param list<Loss> $losses */
    private function typed(ShortAnswer $typed, array &$losses): string
    {
        self::loseWeights($typed->accepted, $losses);

        return rtrim('Answer: '.KeyAnswer::spelled(array_map(static fn (AcceptedAnswer $accepted) => self::line($accepted->text), $typed->accepted)));
    }

    /** @param list<Loss> $losses */
    private function number(Numeric $numeric, array &$losses): string
    {
        $forms = [];
        $hasTolerance = false;
        foreach ($numeric->numbers as $number) {
            $hasTolerance = $hasTolerance || $number->isRange || '0' !== $number->second;
            $forms[] = $number->isRange ? $number->first.'..'.$number->second : $number->first;
        }
        $losses[] = Loss::changed('starred/number');
        self::loseWeights($numeric->numbers, $losses);
        if ($hasTolerance) {
            $losses[] = Loss::reduced('starred/tolerance');
        }

        return 'Answer: '.KeyAnswer::spelled($forms);
    }

    /**
     * @param list<AcceptedAnswer>|list<AcceptedNumber> $accepted
     * @param list<Loss>                                $losses
     */
    private static function loseWeights(array $accepted, array &$losses): void
    {
        foreach ($accepted as $one) {
            if (!$one->weight->equals(Weight::full())) {
                $losses[] = Loss::reduced('starred/weights-of-accepted');

                return;
            }
        }
    }

    /** @return list<Loss> */
    private function reductions(Question $question): array
    {
        $losses = LeftOut::of($question, new Message('name/starred'), LeftOut::TITLE, LeftOut::FORMAT, LeftOut::FEEDBACK, LeftOut::COMMENTS, LeftOut::ID, LeftOut::TAGS);
        if (null !== $question->points && !$this->style->showsPoints) {
            $losses[] = Loss::reduced('starred/points');
        }
        $answers = [
            ...array_map(static fn (Option $option) => $option->text->text, $question->options()),
            ...array_map(static fn (AcceptedAnswer $accepted) => $accepted->text, $question->accepted()),
            ...($question->answers instanceof Matching ? array_merge(...array_map(static fn (Pair $pair) => [$pair->prompt->text, $pair->match], $question->answers->pairs)) : []),
        ];
        if (str_contains(implode('', $answers), "\n")) {
            $losses[] = Loss::reduced('line-breaks/answers');
        }

        return $losses;
    }

    /** A text between the questions; where it would be taken for one, or for part of one, it is left out. */
    private function text(string $text, Loss ...$losses): WrittenBlock
    {
        return [] === self::readBetweenOthers($text) && !self::holdsQuestion($text)
            ? new WrittenBlock($text, array_values($losses))
            : WrittenBlock::nothing(Loss::reduced('starred/text'));
    }

    private static function holdsQuestion(string $text): bool
    {
        foreach ((new StarredReader())->split($text) as $block) {
            if (BlockKind::Question === $block->kind) {
                return true;
            }
        }

        return false;
    }

    private function readsAlike(Question $question, string $stem, string $text, bool $mayChange): bool
    {
        // What changes kind is only held against its words.
        $shown = static fn (Question $one): array => [
            array_map(static fn (Option $option) => self::line($option->text->text), $one->options()),
            null === $one->explanation ? null : self::line($one->explanation->text),
            $mayChange ? null : [$one->type(), array_map(static fn (Option $option) => $option->isKey, $one->options()), array_map(static fn (AcceptedAnswer $accepted) => self::line($accepted->text), $one->accepted()), $one->answers instanceof Matching ? array_map(static fn (Pair $pair) => [self::line($pair->prompt->text), self::line($pair->match)], $one->answers->pairs) : []],
        ];
        $read = self::readBetweenOthers("2. {$text}");

        return null !== $read && 1 === \count($read) && $stem === $read[0]->stem->text && $shown($question) === $shown($read[0]);
    }

    /** @return ?list<Question> what is read of a text that stands between two questions; null where it spoils one of them */
    private static function readBetweenOthers(string $text): ?array
    {
        $reader = new StarredReader();
        $sheet = "1. One?\na. x\nb. y\n\n{$text}\n\n3. Three?\na. x\nb. y\n";
        $questions = [];
        foreach ($reader->split($sheet) as $block) {
            if (BlockKind::Question === $block->kind) {
                $questions[] = $reader->read($block, $block->textIn($sheet))->question ?? throw new \LogicException('A question block holds a question.');
            }
        }
        $texts = static fn (?Question $one): array => [$one?->stem->text, array_map(static fn (Option $option) => $option->text->text.($option->isKey ? '*' : ''), $one?->options() ?? [])];
        $first = array_shift($questions);
        $last = array_pop($questions);

        return null === $first?->explanation && $texts($first) === ['One?', ['x', 'y']] && $texts($last) === ['Three?', ['x', 'y']] ? $questions : null;
    }

    /** On one line. */
    private static function line(string $text): string
    {
        return trim(Regex::replace('/[ \t]*+\n\s*+/', ' ', $text));
    }
}
