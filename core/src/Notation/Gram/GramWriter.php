<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\PercentMark;
use Notagram\Notation\Writer;
use Notagram\Notation\WrittenBlock;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** Writes Gram in normal form: a line for each thing, and weights only where the marks alone would say something else. */
final readonly class GramWriter implements Writer
{
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
        $of = new GramLines($question->stem->format);
        $lines = self::comments($question->comments);
        if (null !== $question->title) {
            $lines[] = ':: '.$question->title;
        }
        array_push($lines, ...$of->stem($question, $format), ...$answers);
        if (null !== $question->explanation) {
            array_push($lines, ...$of->text('#### ', $question->explanation));
        }

        return implode("\n", $lines);
    }

    /** @return array{list<string>, list<Loss>} */
    private function answers(Question $question): array
    {
        $answers = $question->answers;
        $lines = new GramLines($question->stem->format);

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => self::options($answers, $lines),
            $answers instanceof ShortAnswer => self::typed($answers, $lines),
            $answers instanceof TrueFalse => self::truth($answers, $lines),
            $answers instanceof Matching => self::matching($answers, $lines),
            $answers instanceof Numeric => [[] === $answers->numbers ? ['=#'] : array_merge(...array_map($lines->number(...), $answers->numbers)), []],
            $answers instanceof Essay => [['{}'], []],
            $answers instanceof Stimulus => [['{-}'], []],
            $answers instanceof Gap => self::becomesEssay($question) ? [['{}'], [Loss::changed('gift/essay-no-accepted')]] : [[], []],
        };
    }

    /** @return array{list<string>, list<Loss>} */
    private static function options(Choice|MultipleResponse $answers, GramLines $lines): array
    {
        $options = $answers->options;
        if ([] === $options) {
            return [['{}'], [Loss::changed('gift/essay-no-options')]];
        }
        $marks = GramLines::marks($answers);
        $losses = [];
        foreach ($options as $option) {
            if (!PercentMark::holdsExactly($option->weight) && [] !== array_filter($marks, static fn (string $mark) => \strlen($mark) > 1)) {
                $losses[] = Loss::reduced('gift/rounded');
                break;
            }
        }
        if (null === GramLines::marksAlone($answers) && $answers instanceof Choice && 1 !== \count(array_filter($marks, static fn (string $mark) => '=' === $mark[0]))) {
            $losses[] = Loss::changed('gram/no-full-answer');
        } elseif (1 === \count($options) && '=' === $marks[0]) {
            $losses[] = Loss::changed('gift/one-option');
        }

        return [array_merge(...array_map($lines->option(...), $options, $marks)), $losses];
    }

    /** @return array{list<string>, list<Loss>} */
    private static function typed(ShortAnswer $answers, GramLines $lines): array
    {
        if ([] === $answers->accepted) {
            return [['{}'], [Loss::changed('gift/essay-no-accepted')]];
        }
        $isAlone = 1 === \count($answers->accepted);

        return [array_merge(...array_map(static fn (AcceptedAnswer $answer) => $lines->accepted($answer, $isAlone), $answers->accepted)), []];
    }

    /** @return array{list<string>, list<Loss>} */
    private static function truth(TrueFalse $answers, GramLines $lines): array
    {
        if (null === $answers->answer) {
            return [['{}'], [Loss::changed('gift/essay-no-truth')]];
        }

        return [[$answers->answer ? '= true' : '= false', ...$lines->feedbackOfTruth($answers)], []];
    }

    /** @return array{list<string>, list<Loss>} */
    private static function matching(Matching $answers, GramLines $lines): array
    {
        return [array_merge(...array_map($lines->pair(...), $answers->pairs)), 1 === \count($answers->pairs) ? [Loss::changed('gram/one-pair')] : []];
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
