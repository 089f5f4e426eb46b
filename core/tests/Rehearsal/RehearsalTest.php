<?php

declare(strict_types=1);

namespace Notagram\Tests\Rehearsal;

use Notagram\Handover\Targets;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\Arrived;
use Notagram\Rehearsal\Difference;
use Notagram\Rehearsal\FiledUnder;
use Notagram\Rehearsal\NotTaken;
use Notagram\Rehearsal\OnFault;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Rehearsal\TrialImport;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a trial import counts and names, for each way a receiver may behave. */
final class RehearsalTest extends TestCase
{
    private const FOUR = "\$CATEGORY: Wax\n\nOne? {=a ~b}\n\n\$CATEGORY: Bees\n\nTwo? {=a ~b\n\nThree? {T}\n\n\$CATEGORY: Wax\n\nFour? {=x}\n";

    /** @return iterable<string, array{OnFault, list<int>, list<int>, ?int, int, list<string>}> */
    public static function behaviours(): iterable
    {
        yield 'stops and keeps what came before' => [OnFault::StopAndKeep, [1], [2], 2, 2, ['Wax 1']];
        yield 'stops and keeps nothing' => [OnFault::StopAndDrop, [], [2], 2, 2, []];
        yield 'leaves it out and goes on' => [OnFault::Skip, [1, 3, 4], [2], null, 0, ['Wax 2', 'Bees 1']];
    }

    /**
     * @param list<int>    $taken
     * @param list<int>    $refused
     * @param list<string> $categories
     */
    #[DataProvider('behaviours')]
    public function testAReceiverBehavesAsChosen(OnFault $onFault, array $taken, array $refused, ?int $stoppedAt, int $notReached, array $categories): void
    {
        $trial = self::file(self::FOUR, 'gift', new Rehearsal($onFault));
        self::assertSame([4, $taken, $refused, $stoppedAt, $notReached], [$trial->questions, self::taken($trial), self::refused($trial), $trial->stoppedAt, $trial->notReached]);
        self::assertSame($categories, array_map(static fn (FiledUnder $one) => implode('/', $one->path)." {$one->questions}", $trial->categories));
        self::assertFalse($trial->isWhole());
    }

    /** @return iterable<string, array{string, string, int, string}> text, notation, the line, the reason */
    public static function refusals(): iterable
    {
        yield 'answers without their end' => ["One? {=a ~b}\n\nTwo? {\n  =a\n  ~b\n", 'gift', 5, 'The answers have no end.'];
        yield 'a comment parts nothing and counts as a line' => ["One?\n// a note\n{=a ~}", 'gift', 3, 'An empty answer.'];
        yield 'a weight with a comma' => ["One? {\n~%33,3%a\n~b}", 'gift', 2, 'No weight between the two %.'];
        yield 'a word for a number' => ['How many? {#six}', 'gift', 1, 'No number.'];
        yield 'a number with a wrong mark' => ['How many? {#=6 ~7}', 'gift', 1, 'No number.'];
        yield 'an answer without a mark' => ['Which? {a =b}', 'gift', 1, 'Expected = or ~.'];
        yield 'braces in a formula' => ['Half? {=$\frac{1}{2}$}', 'gift', 1, 'A second brace of the same kind.'];
        yield 'a title without its end' => ['::Title Which? {=a}', 'gift', 1, 'The title has no end.'];
        yield 'a wrong mark below other numbers' => ["How many?\n{#\n=6\n=7\n~8}", 'gift', 5, 'No number.'];
        yield 'a number below others that is none' => ["How many? {#\n=6\n=seven\n}", 'gift', 3, 'No number.'];
        yield 'an empty answer below others' => ["Which? {\n=a\n~\n~b\n}", 'gift', 3, 'An empty answer.'];
        yield 'a weight below others' => ["Which? {\n=a\n~%5,5%b\n}", 'gift', 3, 'No weight between the two %.'];
        yield 'a sign that ends what has not begun' => ["Which?\nOne} {=a}", 'gift', 2, 'A closing brace without its opening one.'];
        yield 'one pair alone' => ["Match. {\n=a -> b\n}", 'gift', 2, 'One pair alone.'];
        yield 'a pair among answers' => ["Match. {\n=a -> b\n=c\n}", 'gift', 3, 'A pair without its arrow or its match.'];
        yield 'an option in small letters' => ["Which?\nA. a\nb. b\nANSWER: A", 'aiken', 3, 'Expected an option or an answer line.'];
        yield 'a letter left out' => ["Which?\nA. a\nC. b\nANSWER: A", 'aiken', 3, 'Expected the next letter.'];
        yield 'an answer that is none' => ["Which?\nA. a\nB. b\nANSWER: C", 'aiken', 4, 'No option has this letter.'];
        yield 'a blank line inside' => ["Which?\n\nA. a\nB. b\nANSWER: B", 'aiken', 2, 'A blank line inside a question.'];
        yield 'the answer is missing at the end' => ["Which?\nA. a\nB. b\n", 'aiken', 3, 'The answer line is missing.'];
    }

    #[DataProvider('refusals')]
    public function testWhereAndWhyAReceiverGivesUp(string $text, string $notation, int $line, string $reason): void
    {
        $refused = self::file($text, $notation)->refused;
        self::assertSame([$line, $reason], [$refused[0]->line, InEnglish::of($refused[0]->reason)]);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function differences(): iterable
    {
        yield 'a mark whose arrow is broken' => ['Match. {=a - > b =c -> d}', ['REFUSED 1']];
        yield 'two questions in one block' => ["One? {T}\nTwo? {F}", ['REFUSED 1', 'REFUSED 2']];
        yield 'a question that lies in two blocks' => ["One? {\n=a\n\n~b\n}", ['REFUSED 1']];
        yield 'nothing' => ["::T:: One? [html]<b>x</b> {=a#yes ~b ####why}\n", []];
    }

    /** @param list<string> $expected */
    #[DataProvider('differences')]
    public function testWhatDoesNotArriveTheSame(string $text, array $expected): void
    {
        self::assertSame($expected, self::told(self::file($text, 'gift', new Rehearsal(OnFault::Skip))));
    }

    public function testANumberBeforeAStemArrivesWithIt(): void
    {
        $trial = self::file("1. Which?\nA. a\nB. b\nANSWER: A\n", 'aiken');
        self::assertSame(['1 stem: Which? | 1. Which?'], self::told($trial));
    }

    public function testStrayTextStopsAikenAndCountsAsNoQuestion(): void
    {
        $text = "Spring test\n\nWhich?\nA. a\nB. b\nANSWER: A\n";
        $stops = self::file($text, 'aiken');
        self::assertSame([1, 0, 1, 1, null], [$stops->questions, \count($stops->taken), $stops->stoppedAt, $stops->notReached, $stops->refused[0]->number]);
        $goesOn = self::file($text, 'aiken', new Rehearsal(OnFault::Skip));
        self::assertSame([[1], [0], null], [self::taken($goesOn), self::refused($goesOn), $goesOn->stoppedAt]);
    }

    public function testAFileThatIsNoUtf8IsRefusedAsAWholeOrTakenWithQuestionMarks(): void
    {
        $bytes = mb_convert_encoding("Où est la reine? {=café ~thé}\n\nEt? {T}", 'Windows-1252', 'UTF-8');
        $sheet = ReadSheet::of(SourceText::fromBytes($bytes), self::notation('gift'));
        $strict = (new Rehearsal())->ofFile($sheet, $bytes);
        self::assertSame([2, 0, 2, null], [$strict->questions, \count($strict->taken), $strict->notReached, $strict->stoppedAt]);
        self::assertSame([null, 1, 'The file is not UTF-8.'], [$strict->refused[0]->number, $strict->refused[0]->line, InEnglish::of($strict->refused[0]->reason)]);

        $any = (new Rehearsal(takesAnyEncoding: true))->ofFile($sheet, $bytes);
        self::assertSame([1, 2], self::taken($any));
        self::assertSame(['1 stem: Où est la reine? | O? est la reine?', '1 options: café · thé | caf? · th?', '1 key: café | caf?'], self::told($any));
    }

    public function testAMarkAtTheStartOfTheFileIsPassedOverAndNulBytesAreNoText(): void
    {
        $bytes = "\xEF\xBB\xBFOne? {T}";
        self::assertTrue((new Rehearsal())->ofFile(ReadSheet::of(SourceText::fromBytes($bytes), self::notation('gift')), $bytes)->isWhole());
        $wide = mb_convert_encoding('One? {T}', 'UTF-16LE', 'UTF-8');
        $trial = (new Rehearsal(takesAnyEncoding: true))->ofFile(ReadSheet::of(SourceText::fromBytes($wide), self::notation('gift')), $wide);
        self::assertSame('The file is not text.', InEnglish::of($trial->refused[0]->reason));
    }

    public function testAnEmptySheetIsNotWhole(): void
    {
        self::assertFalse(self::file('', 'gift')->isWhole());
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function written(): iterable
    {
        yield 'GIFT' => ['gift', []];
        yield 'Aiken, which has no essays, no categories and one right answer' => ['aiken', ['REFUSED 2', 'REFUSED 3', '1 title: Wax | ', '1 feedback: yes · – | ', '1 category: Wax | ']];
        yield 'a package' => ['qti21', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('written')]
    public function testASheetIsRehearsedAsATargetHasIt(string $to, array $expected): void
    {
        $gram = "\$ Wax\n\n:: Wax\nWhich makes wax?\n= worker\n  # yes\n~ drone\n\nWhat is wax for?\n{}\n\nWhich are true?\n= a\n= b\n~ c\n\n";
        $sheet = ReadSheet::of(SourceText::fromUtf8($gram), self::notation('gram'));
        $target = Targets::standard()->find($to);
        self::assertNotNull($target);
        $trial = (new Rehearsal())->ofWritten($sheet, $target);
        self::assertSame($expected, self::told($trial));
        self::assertSame([3, 0], [$trial->questions, $trial->notReached]);
    }

    /** Markup, formulas and ranges have another form in a package; a pupil sees the same. */
    #[DataProvider('packages')]
    public function testInAPackageWhatAPupilSeesIsCompared(string $to): void
    {
        $gift = "[markdown]Which is *right*? {=**this** #yes ~that}\n\n[html]<p>What is <em>wax</em>?</p> {#10200..10400}\n\nThe {=queen ~drone} lays.\n";
        $sheet = ReadSheet::of(SourceText::fromUtf8($gift), self::notation('gift'));
        $target = Targets::standard()->find($to);
        self::assertNotNull($target);
        self::assertSame([], self::told((new Rehearsal())->ofWritten($sheet, $target)));
        self::assertTrue((new Rehearsal())->ofWritten($sheet, $target)->isWhole());
    }

    /** @return iterable<string, array{string}> */
    public static function packages(): iterable
    {
        yield 'QTI 1.2' => ['qti12'];
        yield 'QTI 2.1' => ['qti21'];
        yield 'QTI 3.0' => ['qti30'];
    }

    private static function file(string $text, string $notation, Rehearsal $rehearsal = new Rehearsal()): TrialImport
    {
        return $rehearsal->ofFile(ReadSheet::of(SourceText::fromUtf8($text), self::notation($notation)), $text);
    }

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? self::fail();
    }

    /** @return list<int> */
    private static function taken(TrialImport $trial): array
    {
        return array_map(static fn (Arrived $one) => $one->number, $trial->taken);
    }

    /** @return list<int> 0 for what is no question */
    private static function refused(TrialImport $trial): array
    {
        return array_map(static fn (NotTaken $one) => $one->number ?? 0, $trial->refused);
    }

    /** @return list<string> */
    private static function told(TrialImport $trial): array
    {
        return [
            ...array_map(static fn (int $number) => "REFUSED {$number}", self::refused($trial)),
            ...array_map(static fn (Difference $one) => "{$one->number} {$one->what}: {$one->ours} | {$one->theirs}", $trial->different),
        ];
    }
}
