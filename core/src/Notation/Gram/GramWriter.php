<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceWriter;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\PaperWords;
use Notagram\Notation\PercentMark;
use Notagram\Notation\Writer;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
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

/** Writes Gram in normal form: a line for each thing, and weights only where the marks alone would say something else. */
final readonly class GramWriter implements Writer
{
    private const BELOW = '  ';

    public function isNumbered(): bool
    {
        return false;
    }

    public function write(BlockReading $reading): WrittenBlock
    {
        return match ($reading->kind) {
            BlockKind::Question => $this->question($reading->question ?? throw new \LogicException('A question block holds a question.')),
            BlockKind::Category => new WrittenBlock('$ '.([] === ($reading->category ?? []) ? '/' : implode(' / ', str_replace('/', '//', $reading->category ?? [])))),
            BlockKind::Comment, BlockKind::Stray => new WrittenBlock(implode("\n", self::comments($reading->comments))),
            BlockKind::Broken => WrittenBlock::nothing(Loss::dropped('unreadable')),
            BlockKind::Blank => WrittenBlock::nothing(),
        };
    }

    /**
     * @param list<string> $notes
     *
     * @return list<string>
     */
    private static function comments(array $notes): array
    {
        return array_map(static fn (string $line) => rtrim('// '.$line), $notes);
    }

    private function question(Question $question): WrittenBlock
    {
        [$answers, $losses] = $this->answers($question);
        $text = $this->put($question, $answers, '');
        // Whether nothing said of the format means this one is a matter of all texts of the question.
        $read = self::read($text);
        if ($read?->stem->format !== $question->stem->format) {
            $text = $this->put($question, $answers, "[{$question->stem->format}]");
            $read = self::read($text);
        }
        $isSaid = [] !== array_filter($losses, static fn (Loss $loss) => LossKind::Changed === $loss->kind);
        if (!$isSaid && ($read?->type() !== $question->type() || $read->stem->text !== $question->stem->text)) {
            $losses[] = Loss::changed('gram/look-alike');
        }

        return '' === $text ? WrittenBlock::nothing(Loss::dropped('no-text')) : new WrittenBlock($text, $losses, isEssay: self::becomesEssay($question));
    }

    private static function read(string $text): ?Question
    {
        return (new GramQuestion($text, new Block(BlockKind::Question, 0, \strlen($text))))->read()->question;
    }

    /**
     * @param list<string> $answers
     * @param string       $format  in its brackets, or empty
     */
    private function put(Question $question, array $answers, string $format): string
    {
        $lines = self::comments($question->comments);
        if (null !== $question->title) {
            $lines[] = ':: '.$question->title;
        }
        array_push($lines, ...$this->stem($question, $format), ...$answers);
        if (null !== $question->explanation) {
            array_push($lines, ...$this->below('#### ', $question->explanation, $question));
        }

        return implode("\n", $lines);
    }

    /** @return list<string> */
    private function stem(Question $question, string $format): array
    {
        $stem = $question->stem;
        $gap = $question->answers;
        // Without an accepted answer there is nothing to put into the braces: the sentence keeps its blank.
        $text = $gap instanceof Gap && [] !== [...$question->options(), ...$question->accepted()]
            ? GramText::withBraces($gap->before).str_replace("\n", '\n', (new BraceWriter($stem->format))->filled($gap, null)).GramText::withBraces($gap->after)
            : GramText::withBraces($stem->text);
        $lines = match (true) {
            '' !== $format => self::formatted($text, $format),
            '' === $text => [],
            default => GramText::spelled(GramText::shielded($text), false),
        };
        $last = \count($lines) - 1;
        if ($last >= 0 && Regex::match('~\(\d{1,3}(?:[.,]\d{1,2})?+\s*+(?:'.PaperWords::all()->points.')\)\z~iu', $lines[$last], $match)) {
            $lines[$last] = substr($lines[$last], 0, -\strlen($match[0])).'\\'.$match[0];
        }
        if (null !== $question->points) {
            $points = \sprintf('(%s %s)', $question->points, '1' === $question->points ? 'point' : 'points');
            if ($last >= 0 && !str_contains($lines[$last], '```')) {
                $lines[$last] .= ' '.$points;
            } else {
                $lines[] = $points;
            }
        }

        return array_values($lines);
    }

    /**
     * Behind its format, the first line of a stem is no longer at the start of one.
     *
     * @return non-empty-list<string>
     */
    private static function formatted(string $text, string $format): array
    {
        $lines = GramText::spelled($text, false);
        $isFence = Regex::match(GramFences::OPENING, $lines[0]);

        $first = explode("\n", $text)[0];
        $first = '' !== $first && '' === trim($first, '\\') ? '\\'.$first : $first;

        if ('' === $text) {
            return [$format.'\\'];
        }

        return $isFence ? [$format.'\\', ...$lines] : [$format.$first, ...\array_slice($lines, 1)];
    }

    /** @return array{list<string>, list<Loss>} */
    private function answers(Question $question): array
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => $this->options($answers, $question),
            $answers instanceof ShortAnswer => $this->typed($answers, $question),
            $answers instanceof TrueFalse => $this->truth($answers, $question),
            $answers instanceof Matching => $this->matching($answers, $question),
            $answers instanceof Numeric => [[] === $answers->numbers ? ['=#'] : array_merge(...array_map(fn (AcceptedNumber $number) => $this->number($number, $question), $answers->numbers)), []],
            $answers instanceof Essay => [['{}'], []],
            $answers instanceof Stimulus => [['{-}'], []],
            $answers instanceof Gap => self::becomesEssay($question) ? [['{}'], [Loss::changed('gift/essay-no-accepted')]] : [[], []],
        };
    }

    /** @return array{list<string>, list<Loss>} */
    private function options(Choice|MultipleResponse $answers, Question $question): array
    {
        $options = $answers->options;
        if ([] === $options) {
            return [['{}'], [Loss::changed('gift/essay-no-options')]];
        }
        $marks = self::marks($answers);
        $losses = [];
        foreach ($options as $option) {
            if (!PercentMark::holdsExactly($option->weight) && [] !== array_filter($marks, static fn (string $mark) => \strlen($mark) > 1)) {
                $losses[] = Loss::reduced('gift/rounded');
                break;
            }
        }
        if (null === self::marksAlone($answers) && $answers instanceof Choice && 1 !== \count(array_filter($marks, static fn (string $mark) => '=' === $mark[0]))) {
            $losses[] = Loss::changed('gram/no-full-answer');
        } elseif (1 === \count($options) && '=' === $marks[0]) {
            $losses[] = Loss::changed('gift/one-option');
        }
        $lines = [];
        foreach ($options as $index => $option) {
            array_push($lines, ...$this->below($marks[$index].' ', $option->text, $question), ...$this->feedback($option->feedback, $question));
        }

        return [$lines, $losses];
    }

    /** @return list<string> the mark of each option, with a weight where the marks alone would not say it */
    private static function marks(Choice|MultipleResponse $answers): array
    {
        return self::marksAlone($answers) ?? array_map(static fn (Option $option) => match (true) {
            // Beside others that have a weight, none is nothing.
            $option->weight->isZero() => '~',
            $answers instanceof MultipleResponse, !$option->isKey => PercentMark::spell($option->weight),
            $option->weight->equals(Weight::full()) => '=',
            default => '='.substr(PercentMark::spell($option->weight), 1),
        }, $answers->options);
    }

    /** @return ?list<string> signs without weights; null where they would mean something else */
    private static function marksAlone(Choice|MultipleResponse $answers): ?array
    {
        $isKey = array_map(static fn (Option $option) => $option->isKey, $answers->options);
        $rights = \count(array_filter($isKey));
        if ($answers instanceof MultipleResponse ? $rights < 2 || $rights === \count($isKey) : $rights > 1) {
            return null;
        }
        $shares = $answers instanceof MultipleResponse
            ? EvenShares::for($isKey)
            : array_map(static fn (bool $key) => $key ? Weight::full() : Weight::none(), $isKey);
        foreach ($answers->options as $index => $option) {
            // As near as five decimals come to it: so it was written before it was read.
            if ($option->weight->rounded(PercentMark::DECIMALS) !== $shares[$index]->rounded(PercentMark::DECIMALS)) {
                return null;
            }
        }

        return array_map(static fn (bool $key) => $key ? '=' : '~', $isKey);
    }

    /** @return array{list<string>, list<Loss>} */
    private function typed(ShortAnswer $answers, Question $question): array
    {
        if ([] === $answers->accepted) {
            return [['{}'], [Loss::changed('gift/essay-no-accepted')]];
        }
        $isAlone = 1 === \count($answers->accepted);
        $lines = [];
        foreach ($answers->accepted as $answer) {
            $isFull = $answer->weight->equals(Weight::full());
            $isTruth = $isAlone && null !== PaperWords::all()->truth($answer->text);
            $weight = $isFull && !$isTruth ? '' : substr(PercentMark::spell($answer->weight), 1);
            array_push($lines, ...$this->below("={$weight} ", new FormattedText(str_replace('->', '\->', $answer->text), $question->stem->format), $question), ...$this->feedback($answer->feedback, $question));
        }

        return [$lines, []];
    }

    /** @return array{list<string>, list<Loss>} */
    private function truth(TrueFalse $answers, Question $question): array
    {
        if (null === $answers->answer) {
            return [['{}'], [Loss::changed('gift/essay-no-truth')]];
        }
        $lines = [$answers->answer ? '= true' : '= false'];
        if (null !== $answers->feedbackWhenWrong) {
            array_push($lines, ...$this->feedback($answers->feedbackWhenWrong, $question));
        } elseif (null !== $answers->feedbackWhenRight) {
            $lines[] = self::BELOW.'#';
        }

        return [[...$lines, ...$this->feedback($answers->feedbackWhenRight, $question)], []];
    }

    /** @return array{list<string>, list<Loss>} */
    private function matching(Matching $answers, Question $question): array
    {
        $lines = array_merge(...array_map(fn (Pair $pair) => $this->below('= ', new FormattedText(
            trim(str_replace('->', '\->', $pair->prompt->text).' -> '.str_replace('->', '\->', $pair->match)),
            $pair->prompt->format,
        ), $question), $answers->pairs));

        return [$lines, 1 === \count($answers->pairs) ? [Loss::changed('gram/one-pair')] : []];
    }

    /** @return list<string> */
    private function number(AcceptedNumber $number, Question $question): array
    {
        $weight = $number->weight->equals(Weight::full()) ? '' : substr(PercentMark::spell($number->weight), 1);
        $spelled = match (true) {
            $number->isRange => "{$number->first}..{$number->second}",
            '0' === $number->second => $number->first,
            default => "{$number->first}:{$number->second}",
        };

        return ["={$weight}# {$spelled}", ...$this->feedback($number->feedback, $question)];
    }

    /** @return list<string> */
    private function feedback(?FormattedText $feedback, Question $question): array
    {
        return null === $feedback ? [] : $this->below(self::BELOW.'# ', $feedback, $question);
    }

    /**
     * A text behind its mark, its further lines set in.
     *
     * @return non-empty-list<string>
     */
    private function below(string $mark, FormattedText $text, Question $question): array
    {
        $format = $text->format === $question->stem->format ? '' : "[{$text->format}]";
        $lines = GramText::spelled($text->text, true);
        $first = explode("\n", $text->text)[0];
        // Where nothing follows, a sign alone would be a line of another text.
        $first = '' === trim($first, '\\') ? '\\'.$first : $first;
        $first = '' === $format ? GramText::shielded($first) : $format.$first;
        // A fence starts a line of its own.
        $isFence = Regex::match(GramFences::OPENING, $lines[0]);
        $result = [rtrim($mark.($isFence ? $format.'\\' : $first))];
        foreach ($isFence ? $lines : \array_slice($lines, 1) as $line) {
            $result[] = self::BELOW.$line;
        }

        return $result;
    }

    /** Without an answer, only an essay can be asked for. */
    private static function becomesEssay(Question $question): bool
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof TrueFalse => null === $answers->answer,
            $answers instanceof ShortAnswer => [] === $answers->accepted,
            $answers instanceof Gap => [] === [...$question->options(), ...$question->accepted()],
            default => false,
        };
    }
}
