<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Terms;

use Notagram\Intake\Table\CsvText;
use Notagram\Intake\Terms\TermBlocks;
use Notagram\Intake\Terms\TermKind;
use Notagram\Intake\Terms\TermList;
use Notagram\Intake\Terms\TermPair;
use Notagram\Intake\Terms\TermSheet;
use Notagram\Intake\Terms\TermSide;
use Notagram\Notation\Notations;
use Notagram\Question\Choice;
use Notagram\Question\Matching;
use Notagram\Question\Option;
use Notagram\Question\ShortAnswer;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class TermsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function lists(): iterable
    {
        $pairs = ['drone|a male bee', 'queen|the bee that lays eggs', 'wax|what combs are made of'];
        foreach (['tabs' => "\t", 'blanks' => '    ', 'equals signs' => ' = ', 'hyphens' => ' - ', 'dashes' => ' – ', 'colons' => ': '] as $name => $sign) {
            yield $name => [str_replace('|', $sign, implode("\n", $pairs)), $pairs];
        }
        yield 'the definition first' => ["a male bee = drone\nthe bee that lays eggs = queen\nwhat combs are made of = wax", $pairs];
        yield 'numbered' => ["1. drone = a male bee\n\n2. queen = the bee that lays eggs\n3. wax = what combs are made of\n", $pairs];
        yield 'bullets' => ["• drone: a male bee\n• queen: the bee that lays eggs\n• wax: what combs are made of", $pairs];
        yield 'headings, which also say which side is which' => ["Meaning\tTerm\na\tdrone-like\nb\tqueen-like\nc\twaxen", ['drone-like|a', 'queen-like|b', 'waxen|c']];
        yield 'of equal length, the first is the term' => ["aa = bb\ncc = dd\nee = ff", ['aa|bb', 'cc|dd', 'ee|ff']];
        yield 'another sign within the definition' => ["drone = male: it mates\nqueen = female: it lays\nworker = female: it works", ['drone|male: it mates', 'queen|female: it lays', 'worker|female: it works']];
    }

    /** @param list<string> $pairs */
    #[DataProvider('lists')]
    public function testTheTwoSidesAreFound(string $text, array $pairs): void
    {
        self::assertSame($pairs, array_map(static fn (TermPair $pair) => "{$pair->term}|{$pair->definition}", TermList::recognised($text)->pairs ?? []));
    }

    /** @return iterable<string, array{string}> */
    public static function others(): iterable
    {
        yield 'prose' => ['Bees live in hives. They make wax.'];
        yield 'Aiken' => ["What is wax: food or not?\nA. food\nB. not\nANSWER: B"];
        yield 'a key' => ["ANSWER: A\nANSWER: B\nANSWER: C\nANSWER: D"];
        yield 'GIFT' => ["::a:: one {=b}\n::c:: two {=d}\n::e:: three {=f}"];
        yield 'two lines' => ["drone = male\nqueen = female"];
        yield 'a line without a definition' => ["drone = male\nqueen = female\nworker\nwax = food"];
    }

    #[DataProvider('others')]
    public function testATextThatMayBeAnythingIsNoList(string $text): void
    {
        self::assertNull(TermList::recognised($text));
    }

    public function testWhatIsNoPairIsNamedWhereAListWasAskedFor(): void
    {
        $list = TermList::in("drone = male\nBees\nqueen = female\nqueen = female");
        self::assertSame(['Line 2 has no definition, and was left out: “Bees”.', 'One line stands in the list twice, and counted once.'], array_map(InEnglish::of(...), $list->notes ?? []));
        self::assertNull(TermList::in("one\ntwo\nthree = four"));
    }

    public function testATableOfTwoColumnsIsAList(): void
    {
        $list = TermList::ofTable(CsvText::read("Term,Definition\ndrone,\"a male bee, mostly\"\nqueen,lays\nwax,"));
        self::assertSame(['drone|a male bee, mostly', 'queen|lays'], array_map(static fn (TermPair $pair) => "{$pair->term}|{$pair->definition}", $list->pairs ?? []));
        self::assertSame(['Line 4 has no definition, and was left out: “wax”.'], array_map(InEnglish::of(...), $list->notes ?? []));
        self::assertNull(TermList::ofTable(CsvText::read("a,b,c\nd,e,f")));
    }

    /** @return iterable<string, array{int, int, list<int>}> */
    public static function sizes(): iterable
    {
        yield 'even' => [8, 4, [4, 4]];
        yield 'one left over' => [9, 4, [4, 5]];
        yield 'two left over' => [10, 4, [4, 6]];
        yield 'three left over' => [11, 4, [4, 4, 3]];
        yield 'fewer than a block' => [3, 4, [3]];
        yield 'a single one' => [1, 4, [1]];
        yield 'threes' => [7, 3, [3, 4]];
    }

    /** @param list<int> $sizes */
    #[DataProvider('sizes')]
    public function testWhatIsLeftOverJoinsTheLastBlock(int $terms, int $size, array $sizes): void
    {
        $pairs = array_map(static fn (int $number) => new TermPair("term {$number}", "definition {$number}"), range(1, $terms));
        self::assertSame($sizes, array_map(\count(...), TermBlocks::of($pairs, $size)));
    }

    public function testNeitherATermNorADefinitionStandsInABlockTwice(): void
    {
        $pairs = [];
        for ($number = 0; $number < 40; ++$number) {
            $pairs[] = new TermPair('Term '.$number % 13, 'definition '.$number % 17);
        }
        $blocks = TermBlocks::of($pairs, 4);
        self::assertCount(40, array_merge(...$blocks));
        foreach ($blocks as $block) {
            foreach (TermSide::cases() as $side) {
                $texts = array_map(static fn (TermPair $pair) => $pair->side($side), $block);
                self::assertSame($texts, array_values(array_unique($texts)));
            }
        }
    }

    /** What is left over and stands in every block already is a block of its own: it is not lost, and stands nowhere twice. */
    public function testWhatFitsNowhereElseIsABlockOfItsOwn(): void
    {
        self::assertSame(['a b c d', 'A'], self::named(TermBlocks::of(self::meaning('a', 'b', 'c', 'd', 'A'), 4)), 'Large or small, it is the same term.');
        self::assertSame(['a b c d', 'a e f g', 'a'], self::named(TermBlocks::of(self::meaning('a', 'b', 'c', 'd', 'a', 'a', 'e', 'f', 'g'), 4)));
        self::assertSame(['a b c d e', 'a'], self::named(TermBlocks::of(self::meaning('a', 'b', 'c', 'd', 'a', 'e'), 4)), 'The one that fits joins, the other does not.');
    }

    /** @return list<TermPair> */
    private static function meaning(string ...$terms): array
    {
        $pairs = [];
        foreach ($terms as $term) {
            $pairs[] = new TermPair($term, 'meaning '.\count($pairs));
        }

        return $pairs;
    }

    /**
     * @param list<non-empty-list<TermPair>> $blocks
     *
     * @return list<string>
     */
    private static function named(array $blocks): array
    {
        return array_map(static fn (array $block) => implode(' ', array_map(static fn (TermPair $pair) => $pair->term, $block)), $blocks);
    }

    public function testOfListsAtRandomNothingIsLostAndNothingStandsTwiceInABlock(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($list = 0; $list < 300; ++$list) {
            $terms = $random->getInt(1, 12);
            $pairs = [];
            for ($count = $random->getInt(1, 30); $count > 0; --$count) {
                $pairs[] = new TermPair('term '.$random->getInt(1, $terms), 'meaning '.$random->getInt(1, $terms));
            }
            $size = $random->getInt(3, 6);
            $blocks = TermBlocks::of($pairs, $size);
            $ids = array_map(spl_object_id(...), array_merge(...$blocks));
            sort($ids);
            $meant = array_map(spl_object_id(...), $pairs);
            sort($meant);
            self::assertSame($meant, $ids);
            foreach ($blocks as $block) {
                self::assertLessThanOrEqual($size + 2, \count($block));
                foreach (TermSide::cases() as $side) {
                    $texts = array_map(static fn (TermPair $pair) => $pair->side($side), $block);
                    self::assertSame($texts, array_values(array_unique($texts)));
                }
            }
        }
    }

    public function testEachTermIsRightOnceAmongAllOfItsBlock(): void
    {
        $sheet = TermSheet::of(self::list(12));
        self::assertSame(12, array_sum(array_map(static fn (int $block) => \count($sheet->questionsOf($block)), array_keys($sheet->blocks))));
        foreach (array_keys($sheet->blocks) as $block) {
            $letters = $orders = [];
            foreach ($sheet->questionsOf($block) as $question) {
                self::assertInstanceOf(Choice::class, $question->answers);
                $keys = array_keys(array_filter($question->answers->options, static fn (Option $option) => $option->isKey));
                self::assertCount(1, $keys);
                self::assertSame(str_replace('definition', 'term', $question->stem->text), $question->answers->options[$keys[0]]->text->text);
                $letters[] = $keys[0];
                $orders[] = implode('|', array_map(static fn (Option $option) => $option->text->text, $question->answers->options));
            }
            sort($letters);
            self::assertSame([0, 1, 2, 3], $letters);
            self::assertCount(1, array_unique($orders));
        }
        $gift = Notations::find('gift') ?? throw new \LogicException();
        self::assertSame($sheet->manuscript($gift)->text, TermSheet::of(self::list(12))->manuscript($gift)->text);
    }

    public function testABlockBecomesWhatIsChosenForIt(): void
    {
        $sheet = TermSheet::of(self::list(8), 4, TermSide::Term, TermKind::Typed, [1 => TermKind::Matching]);
        self::assertSame(5, array_sum(array_map(static fn (int $block) => \count($sheet->questionsOf($block)), array_keys($sheet->blocks))));
        $typed = $sheet->questionsOf(0)[0];
        self::assertSame('term 1', $typed->stem->text);
        self::assertSame('definition 1', ($typed->answers instanceof ShortAnswer ? $typed->answers : throw new \LogicException())->accepted[0]->text);
        $matching = $sheet->questionsOf(1)[0];
        self::assertSame('Match each term with its definition.', $matching->stem->text);
        self::assertSame(['term 5', 'definition 5'], [($matching->answers instanceof Matching ? $matching->answers : throw new \LogicException())->pairs[0]->prompt->text, $matching->answers->pairs[0]->match]);
    }

    public function testTheSentenceOfMatchingIsInTheLanguageOfTheList(): void
    {
        $list = TermList::recognised("Drohne = eine männliche Biene, die nicht sticht\nKönigin = die Biene, die die Eier legt\nWachs = das, woraus die Waben sind");
        self::assertNotNull($list);
        self::assertSame('Ordne jeder Beschreibung den passenden Begriff zu.', TermSheet::of($list, kind: TermKind::Matching)->questionsOf(0)[0]->stem->text);
    }

    private static function list(int $terms): TermList
    {
        return TermList::in(implode("\n", array_map(static fn (int $number) => "term {$number} = definition {$number}", range(1, $terms)))) ?? throw new \LogicException();
    }
}
