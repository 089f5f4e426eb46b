<?php

declare(strict_types=1);

namespace Notagram\Tests\Marking;

use Brick\Math\BigRational;
use Notagram\Marking\BelowZero;
use Notagram\Marking\GivenAnswer;
use Notagram\Marking\MisfitAnswer;
use Notagram\Marking\QuestionMarks;
use Notagram\Marking\QuestionScore;
use Notagram\Marking\Scoring;
use Notagram\Marking\TypedAnswer;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\FormattedText;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Rehearsal\SheetScore;
use Notagram\Rehearsal\UnscorableAnswers;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an answer earns, to the fraction. */
final class ScoringTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, string, string}> GIFT, an answer, what it earns (the sum beside it), why */
    public static function answers(): iterable
    {
        yield 'a right option' => ["// (3 points)\nWhich? {=a ~b}", 'a', '3', 'Right.'];
        yield 'an option that earns a part: 2 × 1/3' => ["// (2 points)\nWhich? {=a ~%33.33333%b}", 'B', '2/3', 'This option earns 33⅓ %.'];
        yield 'an option that takes away earns nothing' => ['Which? {=a ~%-50%b}', 'B', '0', 'This option earns −50 %.'];
        yield 'all right boxes: 3 × 1/3' => ['Which? {~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-50%d}', ['A', 'B', 'C'], '1', '3 of 3 right at 33⅓ % each.'];
        yield 'two right, one wrong: 2/3 − 1/2' => ['Which? {~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-50%d ~%-50%e}', ['A', 'C', 'D', 'd'], '1/6', '2 of 3 right at 33⅓ % each, one wrong at −50 %.'];
        yield 'boxes of unlike weights: 60 + 10 − 20 = 50 %' => ["// (4 points)\nWhich? {~%60%a ~%10%b ~%30%c ~%-20%d}", ['A', 'B', 'D'], '2', '2 of 3 right at 60 % + 10 %, one wrong at −20 %.'];
        yield 'more than all is all' => ['Which? {~%80%a ~%80%b ~%-10%c}', ['A', 'B'], '1', '2 of 2 right at 80 % each.'];
        yield 'nothing ticked' => ['Which? {~%50%a ~%50%b}', [], '0', 'No answer.'];
        yield 'a truth' => ['It is so. {F}', false, '1', 'Right.'];
        yield 'a typed answer, whatever its blanks and capitals' => ['Who? {=Queen bee =%25%queen}', "\u{A0} queen   BEE ", '1', 'Taken as “Queen bee”: 100 %.'];
        yield 'composed and decomposed letters are one' => ['What? {=café}', "cafe\u{301}", '1', 'Taken as “café”: 100 %.'];
        yield 'capitals count where only they tell two answers apart' => ['Which? {=Co =%50%CO}', 'co', '0', 'Wrong.'];
        yield 'a gap' => ['The {=queen =%50%bee} lays.', 'bee', '1/2', 'Taken as “bee”: 50 %.'];
        yield 'a chosen gap' => ['The {=queen ~drone} lays.', 'A', '1', 'Right.'];
        yield 'the edge of a tolerance is inside' => ['How warm? {#35:0.5}', '35,5', '1', 'It fits 35:0.5: 100 %.'];
        yield 'beyond it' => ['How warm? {#35:0.5}', '35.51', '0', 'Wrong.'];
        yield 'the best that fits' => ['How warm? {#=%50%30..40 =35}', 35, '1', 'It fits 35: 100 %.'];
        yield 'thousands, a true minus' => ['How much? {#-12000}', "\u{2212}12\u{202F}000", '1', 'It fits -12000: 100 %.'];
        yield 'pairs: 2 × 1/3' => ["// (2 points)\nMatch. {=a -> 1 =b -> 2 =c -> 3 = -> 4}", ['a' => '1', 'b' => '4', 'c' => '3'], '4/3', '2 of 3 pairs right.'];
        yield 'an essay' => ['Write. {}', 'words', '0', 'To be marked by hand.'];
        yield 'no key' => ['Which? {~a ~b}', 'A', '0', 'No answer is marked as right.'];
        yield 'no number, of a pupil' => ['How many? {#6}', 'six', '0', 'This is no number.'];
    }

    #[DataProvider('answers')]
    public function testWhatAnAnswerEarnsAndWhy(string $gift, mixed $given, string $earned, string $why): void
    {
        $score = self::score(self::question($gift), $given);
        self::assertSame([$earned, $why], [(string) $score?->earned, null === $score ? '' : InEnglish::of($score->why)]);
    }

    /** By Python's fractions; make-scores.py beside this file works the rules out once more. 10,000 were compared by hand. */
    public function testRandomQuestionsEarnWhatAnotherLanguageWorksOut(): void
    {
        /** @var list<array{gift: string, answer: mixed, earned: string}> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/scores.json'), true, flags: \JSON_THROW_ON_ERROR);
        self::assertGreaterThan(300, \count($cases));
        foreach ($cases as ['gift' => $gift, 'answer' => $answer, 'earned' => $earned]) {
            self::assertSame($earned, (string) self::score(self::question($gift), $answer)?->earned, $gift."\n".json_encode($answer));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function guessed(): iterable
    {
        yield 'a choice' => ['Which? {=a ~%33.33333%b ~c}'];
        yield 'boxes' => ['Which? {~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-50%d ~%-50%e}'];
        yield 'boxes that come to more than all' => ['Which? {~%60%a ~%60%b ~%-30%c}'];
        yield 'a truth' => ['It is so. {T}'];
        yield 'pairs' => ['Match. {=a -> 1 =b -> 2 =c -> 1}'];
    }

    /** What the Proof and the findings say of guessing and of ticking all is what a sitting gives. */
    #[DataProvider('guessed')]
    public function testTheMeanOverAllAnswersIsWhatGuessingEarns(string $gift): void
    {
        $question = self::question($gift);
        $sum = BigRational::zero();
        $ways = self::waysToAnswer($question);
        foreach ($ways as $given) {
            $sum = $sum->plus(self::score($question, $given)->earned ?? self::fail());
        }
        $marks = QuestionMarks::of($question);
        self::assertSame((string) $marks?->guess(), (string) $sum->dividedBy(\count($ways))->multipliedBy(100));
        if (null !== $marks?->tickAll) {
            $all = self::score($question, array_map(static fn (int $place) => \chr(65 + $place), array_keys($question->options())));
            self::assertSame((string) $marks->tickAll->clamp(0, 100), (string) $all?->earned->multipliedBy(100));
        }
    }

    /** @return list<mixed> */
    private static function waysToAnswer(Question $question): array
    {
        $answers = $question->answers;
        $letters = array_map(static fn (int $place) => \chr(65 + $place), array_keys($question->options()));
        if ($answers instanceof TrueFalse) {
            return [true, false];
        }
        if ($answers instanceof MultipleResponse) {
            return array_map(static fn (int $bits) => array_values(array_filter($letters, static fn (string $letter) => 1 === (($bits >> (\ord($letter) - 65)) & 1))), range(0, 2 ** \count($letters) - 1));
        }
        if (!$answers instanceof Matching) {
            return $letters;
        }
        $ways = [[]];
        foreach ($answers->pairs as $pair) {
            $more = [];
            foreach (array_unique(array_column($answers->pairs, 'match')) as $match) {
                array_push($more, ...array_map(static fn (array $way) => $way + [$pair->prompt->text => $match], $ways));
            }
            $ways = $more;
        }

        return $ways;
    }

    /** @return iterable<string, array{BelowZero, string, string}> what each question earns, and all together */
    public static function belowZero(): iterable
    {
        yield 'never' => [BelowZero::Never, '0 0 1', '1'];
        yield 'a question' => [BelowZero::Question, '-1 -2 1', '0'];
        yield 'the whole' => [BelowZero::Sheet, '-1 -2 1', '-2'];
    }

    #[DataProvider('belowZero')]
    public function testWhatWrongAnswersTakeAway(BelowZero $belowZero, string $each, string $all): void
    {
        $score = SheetScore::of(self::sheet("Which? {=a ~%-100%b}\n\n// (2 points)\nWhich? {~%100%a ~%-100%b}\n\nSo? {T}\n"), [1 => 'B', 2 => ['B'], 3 => true], $belowZero);
        self::assertSame([$each, $all, '4'], [implode(' ', array_map(static fn (QuestionScore $one) => (string) $one->earned, $score->questions)), (string) $score->earned, (string) $score->of]);
    }

    /** @return iterable<string, array{array<array-key, mixed>, string}> */
    public static function misfits(): iterable
    {
        yield 'no such question' => [[9 => 'A'], 'There is no question 9 that could be answered.'];
        yield 'a question that cannot be read' => [[7 => 'A'], 'There is no question 7 that could be answered.'];
        yield 'a word for a number of a question' => [['one' => 'A'], 'There is no question one that could be answered.'];
        yield 'no such letter' => [[1 => 'C'], 'Question 1: It has no option C.'];
        yield 'a list for one letter' => [[1 => ['A']], 'Question 1: It takes one letter.'];
        yield 'one letter for a list' => [[2 => 'A'], 'Question 2: It takes a list of letters.'];
        yield 'a word for a truth' => [[3 => 'yes'], 'Question 3: It takes true or false.'];
        yield 'a word for a number' => [[4 => 'six'], 'Question 4: It takes a number.'];
        yield 'a prompt that is none' => [[5 => ['wasp' => '1']], 'Question 5: It has no prompt “wasp”.'];
        yield 'a match that is none' => [[5 => ['a' => '9']], 'Question 5: It has no match “9”.'];
        yield 'a text without an answer' => [[6 => 'x'], 'Question 6: It is a text without an answer.'];
    }

    /** @param array<array-key, mixed> $answers */
    #[DataProvider('misfits')]
    public function testWhatFitsNoQuestionIsNamed(array $answers, string $reason): void
    {
        $sheet = self::sheet("Which? {=a ~b}\n\nWhich? {~%50%a ~%50%b}\n\nSo? {T}\n\nHow many? {#6}\n\nMatch. {=a -> 1 =b -> 2}\n\nRead this.\n\nBroken {=a\n");
        try {
            SheetScore::of($sheet, $answers);
            self::fail('They fit.');
        } catch (UnscorableAnswers $misfit) {
            self::assertSame($reason, InEnglish::of($misfit->reason));
        }
    }

    public function testNumbersAreTakenAsPeopleWriteThem(): void
    {
        $read = static fn (string $typed): ?string => TypedAnswer::number($typed)?->__toString();
        self::assertSame(['35.5', '35.5', '3', '-3', '1234567.5', '1000'], array_map($read, ['35,5', ' 35.5 ', '+3', "\u{2212}3", '1 234 567,5', "1\u{A0}000"]));
        self::assertSame([null, null, null, null, null], array_map($read, ['six', '1 00', '3.', '1e3', '']));
    }

    /** @return iterable<string, array{string, mixed, int, string, string}> question, answer, tries, cost in per cent, what is earned then */
    public static function tries(): iterable
    {
        yield 'the first one' => ['Which? {=a ~b}', 'A', 1, '25', '1'];
        yield 'the third one' => ['Which? {=a ~b}', 'A', 3, '25', '1/2'];
        yield 'so many that nothing is left' => ['Which? {=a ~b}', 'A', 9, '25', '0'];
        yield 'without a cost' => ['Which? {=a ~b}', 'A', 9, '0', '1'];
        yield 'a third of the points each' => ["// (2 points)\nWhich? {=a ~b}", 'A', 2, '100/3', '4/3'];
        yield 'of an answer that is half right the cost is the same' => ['Which? {=a ~%50%b ~c}', 'B', 2, '25', '1/4'];
        yield 'nothing is taken from nothing' => ['Which? {=a ~b}', 'B', 4, '25', '0'];
    }

    #[DataProvider('tries')]
    public function testEachTryBeforeCostsItsShareOfThePoints(string $gift, mixed $given, int $tries, string $cost, string $earned): void
    {
        $score = self::score(self::question($gift), $given) ?? self::fail();
        $after = Scoring::afterTries($score, $tries, BigRational::of($cost));
        self::assertSame($earned, (string) $after->earned);
        self::assertSame((string) $score->of, (string) $after->of);
        self::assertSame($score->earned->isEqualTo($after->earned), InEnglish::of($score->why) === InEnglish::of($after->why), 'It says why something is missing.');
    }

    /** @return iterable<string, array{string, mixed, list<string>}> */
    public static function feedback(): iterable
    {
        yield 'of the option' => ['Which? {=a#yes ~b#no ~c}', 'B', ['no']];
        yield 'none' => ['Which? {=a#yes ~b#no ~c}', 'C', []];
        yield 'of each box that is ticked' => ['Which? {~%50%a#one ~%50%b#two ~%-100%c#three}', ['A', 'C'], ['one', 'three']];
        yield 'of what is true' => ['So? {T#wrong#right}', true, ['right']];
        yield 'of what is not' => ['So? {T#wrong#right}', false, ['wrong']];
        yield 'of the answer that was typed, in any case' => ['Who? {=queen#yes =%50%bee#nearly}', 'BEE', ['nearly']];
        yield 'of the typed gap' => ['The {=queen#yes} lays.', 'queen', ['yes']];
        yield 'of the narrowest number' => ['How warm? {#=35:0#just so =%50%35:5#about}', '35', ['just so']];
        yield 'of a number within reach' => ['How warm? {#=35:0#just so =%50%35:5#about}', '38', ['about']];
        yield 'nothing answered' => ['Which? {=a#yes ~b}', null, []];
    }

    /** @param list<string> $said */
    #[DataProvider('feedback')]
    public function testAnAnswerIsToldWhatItsAuthorSaysToIt(string $gift, mixed $given, array $said): void
    {
        $question = self::question($gift);
        self::assertSame($said, array_map(static fn (FormattedText $text) => $text->text, Scoring::feedback($question, GivenAnswer::to($question, $given))));
    }

    private static function score(Question $question, mixed $given): ?QuestionScore
    {
        try {
            return (new Scoring())->of($question, GivenAnswer::to($question, $given));
        } catch (MisfitAnswer $misfit) {
            self::fail($misfit->reason->id);
        }
    }

    private static function question(string $gift): Question
    {
        return self::sheet($gift)->numbered(1)->reading->question ?? self::fail($gift);
    }

    private static function sheet(string $gift): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($gift), Notations::find('gift') ?? self::fail());
    }
}
