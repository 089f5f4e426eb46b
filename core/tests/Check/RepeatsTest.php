<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\PlacedFinding;
use Notagram\Check\Repeat\Neighbour;
use Notagram\Check\Repeat\Repeat;
use Notagram\Check\Repeat\Repeats;
use Notagram\Check\Repeat\StemPrint;
use Notagram\Check\Rule\Craft\StemRepeated;
use Notagram\Check\SheetWishes;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RepeatsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function repeats(): iterable
    {
        yield 'word for word' => ['Which bee mates with the queen? {=drone ~worker ~nurse}', 'Which bee mates with the queen? {~guard =drone ~scout}'];
        yield 'other little words' => ['Which bee mates with the queen? {=drone ~worker ~nurse}', 'Which of the bees mates with a queen? {=drone ~guard ~scout}'];
        yield 'other capitals and marks' => ['How does a swarm choose its new home? {}', 'How Does A Swarm Choose Its New Home {}'];
        yield 'one word more' => ['What is the old name of a straw hive? {=skep}', 'What is the old country name of a straw hive? {=skep}'];
        yield 'one word less' => ['What is the old country name of a straw hive? {=skep}', 'What is the old name of a straw hive? {=skep}'];
        yield 'another order' => ['In the brood nest, how warm is it? {#35}', 'How warm is it in the nest of brood? {#35}'];
        yield 'a slip of spelling' => ['Which gland makes the royal jelly of nurses? {=the hypopharyngeal}', 'Which gland makes the roial jelly of nurses? {=the hypopharyngeal}'];
        yield 'the same statement' => ['The queen lays every egg in the colony. {T}', 'The queen lays every egg in the colony. {F}'];
        yield 'in German' => ['Welche Biene paart sich mit der Königin? {=die Drohne ~die Amme}', 'Welche Biene paart sich mit einer Königin? {=die Drohne ~die Wächterin}'];
        yield 'matching' => ["Match the boxes. {=super -> honey\n=nest -> brood\n=floor -> door}", "Match the boxes! {=nest -> brood\n=super -> honey\n=floor -> door}"];
    }

    #[DataProvider('repeats')]
    public function testTheSameQuestionIsFoundAgain(string $one, string $other): void
    {
        $found = self::among("{$one}\n\n{$other}");

        self::assertCount(1, $found);
        self::assertSame([1, 2], [$found[0]->earlier->number, $found[0]->later->number]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function different(): iterable
    {
        yield 'a shared frame' => ['What is the capital of France? {=Paris ~Lyon ~Nice}', 'What is the capital of Italy? {=Rome ~Milan ~Turin}'];
        yield 'a shared frame and shared options' => ['In which year ending is the mark blue, 0 or 5? {=0 ~5}', 'In which year ending is the mark blue, 1 or 6? {~1 =6}'];
        yield 'names that are nearly alike' => ['What is the capital of Gambia? {=Banjul ~Lusaka}', 'What is the capital of Zambia? {=Lusaka ~Banjul}'];
        yield 'a number' => ['What is 12 times 12? {#144}', 'What is 12 times 13? {#156}'];
        yield 'a sign' => ['What is 2 + 3? {#5}', 'What is 2 * 3? {#6}'];
        yield 'not' => ['The queen lays eggs in the comb. {T}', 'The queen lays no eggs in the comb. {F}'];
        yield 'who does what' => ['Does the drone feed the worker? {F}', 'Does the worker feed the drone? {T}'];
        yield 'a stem that asks nothing by itself' => ['Which of these is right? {=Wax melts ~Wax sinks ~Wax rots}', 'Which of these is right? {=Bees sleep ~Bees bark ~Bees snow}'];
        yield 'codes in capitals' => ['Which country has the code ES? {=Spain}', 'Which country has the code IT? {=Italy}'];
        yield 'other pictures' => ['[html]What is this? <img src\="a.png" alt\="x"> {=a bee}', '[html]What is this? <img src\="b.png" alt\="x"> {=a bee}'];
        yield 'texts without an answer' => ['Read the passage on the board.', 'Read the passage on the board.'];
    }

    #[DataProvider('different')]
    public function testOneThatAsksSomethingElseIsNone(string $one, string $other): void
    {
        self::assertSame([], self::among("{$one}\n\n{$other}"));
    }

    public function testOtherSheetsAreLookedThroughAndNamed(): void
    {
        $found = Repeats::among(self::prints('Which bee mates with the queen? {=drone ~worker}'), self::prints("One? {T}\n\nWhich bee mates with a queen? {=drone ~nurse}", new Neighbour('a', 'Autumn')));

        self::assertSame(['Autumn', 2], [$found[0]->earlier->neighbour?->title, $found[0]->earlier->number]);
    }

    public function testACopyOfASheetIsToldOnceForTheSheet(): void
    {
        $questions = ['Which bee mates with the queen? {=drone}', 'What is the old name of a straw hive? {=skep}', 'How warm is it in the brood nest? {#35}', 'Who guards the flight hole? {=guard bees}'];
        $autumn = self::prints(implode("\n\n", $questions), new Neighbour('a', 'Autumn'));
        $found = static function (string $source) use ($autumn): array {
            $sheet = ReadSheet::of(SourceText::fromUtf8($source), new Gift());

            return array_map(static fn (PlacedFinding $placed) => [$placed->question, $placed->finding->case, $placed->finding->other?->sheet, $placed->finding->other?->question, $placed->finding->arguments['count'] ?? null], [...(new StemRepeated())->check($sheet, new SheetWishes(neighbours: $autumn))]);
        };
        self::assertSame([[null, 'copy', 'a', null, 4]], $found(implode("\n\n", $questions)));
        self::assertSame([[null, 'copy', 'a', null, 3], [5, '', null, null, null]], $found("{$questions[0]}\n\n{$questions[1]}\n\n{$questions[2]}\n\nWax? {T}\n\nWax? {T}"), 'What repeats within the sheet is told all the same.');
        self::assertSame([[1, 'elsewhere', 'a', 2, null], [2, 'elsewhere', 'a', 1, null]], $found("{$questions[1]}\n\n{$questions[0]}"), 'Two are no copy.');
        self::assertSame([], $found('Wax? {T}'));
    }

    public function testTakingOneOutIsOffered(): void
    {
        $source = "Wax? {T}\n\nHoney? {T}\n\nWax? {T}\n";
        [$placed] = [...(new StemRepeated())->check(ReadSheet::of(SourceText::fromUtf8($source), new Gift()), new SheetWishes())];
        self::assertFalse($placed->finding->fix?->isSafe);
        self::assertSame("Wax? {T}\n\nHoney? {T}\n\n", TextEdit::allIn($source, $placed->finding->fix->edits));
    }

    /** Python counts the edits; the likeness is what they leave of the longer stem. */
    public function testTheLikenessIsTheEditDistanceByCharacters(): void
    {
        $one = 'What is the old name of a straw hive?';
        foreach (['What is the old country name of a straw hive?', 'What is an old name of the straw hive?', 'What is the old name of a sträw hive?'] as $other) {
            $python = 'import sys
a, b = (s.lower() for s in sys.argv[1:])
row = list(range(len(b) + 1))
for i, x in enumerate(a, 1):
    row, last = [i], row
    for j, y in enumerate(b, 1):
        row.append(min(last[j] + 1, row[-1] + 1, last[j - 1] + (x != y)))
print(100 * (max(len(a), len(b)) - row[-1]) // max(len(a), len(b)))';
            exec('python3 -c '.escapeshellarg($python).' '.escapeshellarg($one).' '.escapeshellarg($other), $output);
            $found = self::among("{$one} {=skep}\n\n{$other} {=skep}");
            self::assertSame([(int) $output[0]], array_map(static fn (Repeat $repeat) => $repeat->likeness, $found), $other);
            $output = [];
        }
        self::assertSame(100, self::among("{$one} {=skep}\n\n{$one} {=skep}")[0]->likeness);
    }

    public function testTenThousandStemsAreComparedWithoutComparingEachWithEach(): void
    {
        $stems = [];
        for ($number = 0; $number < 10_000; ++$number) {
            $stems[] = "Which of the bees flies to meadow {$number} in the valley of hive ".($number % 97)."? {=bee{$number}}";
        }
        $prints = self::prints(implode("\n\n", [...$stems, $stems[4_711]]));
        $found = Repeats::among($prints);

        self::assertSame([[4_712, 10_001]], array_map(static fn (Repeat $repeat) => [$repeat->earlier->number, $repeat->later->number], $found));
    }

    /** @return list<Repeat> */
    private static function among(string $source): array
    {
        return Repeats::among(self::prints($source));
    }

    /** @return list<StemPrint> */
    private static function prints(string $source, ?Neighbour $neighbour = null): array
    {
        return StemRepeated::printsOf(ReadSheet::of(SourceText::fromUtf8($source), new Gift()), $neighbour);
    }
}
