<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Table;

use Notagram\Intake\Table\Columns;
use Notagram\Intake\Table\CsvText;
use Notagram\Intake\Table\TableSheet;
use Notagram\Notation\Notations;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows as teachers write them, and the GIFT that they become. */
final class RowReaderTest extends TestCase
{
    private const HEAD = "Category|Type|Question|A|B|C|D|Key|Points|Comment|Feedback 1\n";

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function rows(): iterable
    {
        yield 'a letter' => ['||Which lays?|drone|queen|||b', "Which lays? {\n  ~drone\n  =queen\n}", []];
        yield 'letters go by the column, past an empty one' => ['||Which lays?|drone||queen||C', "Which lays? {\n  ~drone\n  =queen\n}", []];
        yield 'a letter wins over what an option says' => ['||Which vitamin?|C|B|||B', "Which vitamin? {\n  ~C\n  =B\n}", []];
        yield 'what an option says wins over its number' => ['||How many?|2|3|4||3', "How many? {\n  ~2\n  =3\n  ~4\n}", []];
        yield 'a number' => ['||Which lays?|drone|queen|||2', "Which lays? {\n  ~drone\n  =queen\n}", []];
        yield 'several letters' => ['||Which are made?|wax|sugar|honey||A, C', "Which are made? {\n  ~%50%wax\n  ~%-100%sugar\n  ~%50%honey\n}", []];
        yield 'letters run together' => ['||Which are made?|wax|sugar|honey||AC', "Which are made? {\n  ~%50%wax\n  ~%-100%sugar\n  ~%50%honey\n}", []];
        yield 'several answers of which one is right' => ['|multiple response|Which are made?|wax|sugar|||A', "Which are made? {\n  ~%100%wax\n  ~%-100%sugar\n}", []];
        yield 'its own text, with a comma in it' => ['||Which?|wax, pure|sugar|||Wax, pure.', "Which? {\n  =wax, pure\n  ~sugar\n}", []];
        yield 'a key that fits nothing' => ['||Which?|wax|sugar|||E', "Which? {\n  ~wax\n  ~sugar\n}", ['Row 2: “E” names none of the options, so the question is not marked.']];
        yield 'no key' => ['||Which?|wax|sugar', "Which? {\n  ~wax\n  ~sugar\n}", []];
        yield 'true and false as options, of which nobody says which is right' => ['||A drone stings.|True|False', 'A drone stings. {}', []];
        yield 'true and false as options, and a key that is neither' => ['||A drone stings.|True|False|||C', 'A drone stings. {}', ['Row 2: “C” names none of the options, so the question is not marked.']];
        yield 'true and false as options' => ['||A drone stings.|True|False|||B', 'A drone stings. {FALSE}', []];
        yield 'a truth in another language' => ['|R/F|Eine Drohne sticht.|||||falsch', 'Eine Drohne sticht. {FALSE}', []];
        yield 'yes as a key' => ['||Do drones mate?|||||T', 'Do drones mate? {TRUE}', []];
        yield 'accepted answers' => ['||What seals gaps?|||||propolis / bee glue', "What seals gaps? {\n  =propolis\n  =bee glue\n}", []];
        yield 'a slash in an answer' => ['|short answer|Which unit?|||||km\/h / kph', "Which unit? {\n  =km/h\n  =kph\n}", []];
        yield 'a number with its tolerance' => ['|numeric|How warm?|||||35,5 ± 1', 'How warm? {#35.5:1}', []];
        yield 'a range' => ['||How warm?|||||34..36', 'How warm? {#34..36}', []];
        yield 'no number where one is wanted' => ['|numeric|How warm?|||||warm', 'How warm? {=warm}', ['Row 2: “warm” is not a number, so the answer is typed.']];
        yield 'pairs' => ['||Match.|drone -> mates|queen → lays', "Match. {\n  =drone -> mates\n  =queen -> lays\n}", []];
        yield 'a pair that is none' => ['|matching|Match.|drone -> mates|queen', '', ['Row 2 is not a question: “queen” is not a pair, such as “drone -> male”.']];
        yield 'a gap to choose' => ['|gap|The ___ lays.|drone|queen|||B', 'The {~drone =queen} lays.', []];
        yield 'a gap without a place' => ['|gap|Who lays?|||||queen', 'Who lays? {=queen}', ['Row 2: the question text has no gap, such as “_____”, so the answer stands below it.']];
        yield 'an essay, and what its marker looks for' => ['|essay|Describe a swarm.|||||the old queen leaves', 'Describe a swarm. {}', ['Row 2: the answer of an essay is for whoever marks it, and was left out.']];
        yield 'a question without an answer is an essay' => ['||Why do bees swarm?', 'Why do bees swarm? {}', []];
        yield 'a line that asks nothing' => ['||Unit 2', '', ['Row 2 is not a question: it has neither options nor an answer.']];
        yield 'no text' => ['Bees||||||A', '', ['Row 2 is not a question: it has no question text.']];
        yield 'points with their word, a comment, feedback' => ['||Which?|wax|sugar|||A|1,50 pts|Of course.|Yes', "// (1.5 points)\nWhich? {\n  =wax#Yes\n  ~sugar\n  ####Of course.\n}", []];
        yield 'points that are none' => ['||Which?|wax|sugar|||A|many', "Which? {\n  =wax\n  ~sugar\n}", ['Row 2: “many” is not a number of points, and was left out.']];
        yield 'a type that nobody knows' => ['|hotspot|Which?|wax|sugar|||A', "Which? {\n  =wax\n  ~sugar\n}", ['Row 2: “hotspot” is not a known type, so the cells of the row decided.']];
        yield 'signs of GIFT in a cell' => ['||What is {a=b}?|~x|#y|||A', "What is \\{a=b\\}? {\n  =\\~x\n  ~\\#y\n}", []];
        yield 'a category with a slash in a name' => ['Bees/A//B||Which?|wax|sugar|||A', "\$CATEGORY: Bees/A//B\n\nWhich? {\n  =wax\n  ~sugar\n}", []];
    }

    /** @param list<string> $notes */
    #[DataProvider('rows')]
    public function testARowIsReadAsItsTeacherMeansIt(string $row, string $gift, array $notes): void
    {
        $sheet = self::sheet($row);
        $manuscript = $sheet->manuscript(Notations::find('gift') ?? throw new \LogicException());
        self::assertSame('' === $gift ? '' : $gift."\n", $manuscript->text);
        self::assertSame($notes, array_map(InEnglish::of(...), $manuscript->notes));
    }

    public function testACategoryGoesOnWhereACellIsEmpty(): void
    {
        $text = self::sheet("Bees||One.|||||T\n||Two.|||||F\nHive||Three.|||||T")->manuscript(Notations::find('gift') ?? throw new \LogicException())->text;
        self::assertSame("\$CATEGORY: Bees\n\nOne. {TRUE}\n\nTwo. {FALSE}\n\n\$CATEGORY: Hive\n\nThree. {TRUE}\n", $text);
    }

    public function testARightAnswerInAColumnOfItsOwnIsOneOfTheOptions(): void
    {
        $table = CsvText::read("Question|Right answer|Wrong answer 1|Wrong answer 2\nWhich lays?|the queen|a drone|a worker\nWhich mates?|a drone|a worker|\nWhich guards?|a guard|a drone|a nurse", '|');
        $text = TableSheet::of($table, Columns::of($table))->manuscript(Notations::find('gift') ?? throw new \LogicException())->text;
        self::assertSame(3, substr_count($text, "\n  ="));
        self::assertSame(5, substr_count($text, "\n  ~"));
        foreach (['the queen', 'a drone', 'a guard'] as $right) {
            self::assertStringContainsString("\n  ={$right}\n", $text);
        }
        self::assertGreaterThan(0, preg_match('/\{\n  ~/', $text), 'It is not the first one everywhere.');
    }

    public function testTypesAreCountedAndLongListsOfNotesAreCut(): void
    {
        $sheet = self::sheet(str_repeat("||Unit\n", 50).'||One.|||||T');
        self::assertSame(['true-false' => 1], $sheet->counts());
        self::assertCount(41, $sheet->notes());
        self::assertSame('10 more rows want a look.', InEnglish::of($sheet->notes()[40]));
    }

    private static function sheet(string $rows): TableSheet
    {
        $table = CsvText::read(self::HEAD.$rows, '|');

        return TableSheet::of($table, Columns::of($table));
    }
}
