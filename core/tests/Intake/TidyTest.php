<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\RegularList;
use Notagram\Intake\Tidy\Tidied;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each step says what it did, and can be refused. */
final class TidyTest extends TestCase
{
    private const PAPER = <<<'PAPER'
        Spring test
        Name: ____________  Date: ______

        ____ 1.	Which bee mates?
        	a) worker	c) queen
        	b) drone	d) none

        Key
        1. b
        PAPER;

    public function testEachStepSaysWhatItDidAndWhere(): void
    {
        $tidied = Tidy::of(self::PAPER);
        self::assertSame("1. Which bee mates?\na) worker\n*b) drone\nc) queen\nd) none\n", $tidied->text);
        self::assertSame('Spring test', $tidied->title);
        self::assertSame(['name-lines' => [2], 'titles' => [1], 'option-columns' => [5, 6], 'answer-rules' => [4], 'answer-key' => [8, 9, 6], 'blanks' => [4], 'blank-lines' => [3]], self::linesByStep($tidied));
    }

    public function testARefusedStepChangesNothing(): void
    {
        $tidied = Tidy::of(self::PAPER, new Refusals(['answer-key', 'titles']));
        self::assertStringContainsString("Key\n1. b\n", $tidied->text);
        self::assertStringStartsWith("Spring test\n", $tidied->text);
        self::assertStringNotContainsString('*', $tidied->text);
        self::assertNull($tidied->title);
        foreach ($tidied->steps as $step) {
            if (\in_array($step->name, ['answer-key', 'titles'], true)) {
                self::assertSame([], $step->changes);
                self::assertNotSame([], $step->refused);
            }
        }
    }

    public function testAStepCanBeRefusedAtOneLine(): void
    {
        $paper = "1. One?\n☐ a box\n☐ another\n\n2. Two?\n☐ a box\n☐ another\n";
        $tidied = Tidy::of($paper, new Refusals([], ['option-letters' => [6, 7]]));
        self::assertSame("1. One?\na. a box\nb. another\n\n2. Two?\n☐ a box\n☐ another\n", $tidied->text);
    }

    public function testEveryLineOfTheOriginalIsAccountedFor(): void
    {
        $tidied = Tidy::of(self::PAPER);
        self::assertSame(['1. Which bee mates?'], $tidied->became[4]);
        self::assertArrayNotHasKey(1, $tidied->became);
        $lines = array_merge(...array_values($tidied->became));
        self::assertSame(rtrim($tidied->text), trim(implode("\n", $lines)), 'Columns are shown in the order in which they are read.');
    }

    /** @return iterable<string, array{string, string, string}> a step, a text, and what becomes of it */
    public static function steps(): iterable
    {
        yield 'numbers of parts' => ['sub-numbers', "1. Multiple choice\n1.1 One?\na. x\nb. y\n1.2 Two?\na. x\nb. y\n", "1. One?\na. x\nb. y\n\n2. Two?\na. x\nb. y\n"];
        yield 'bold questions, rules and answers of Markdown' => ['markdown-signs', "## Quiz\n\n**1. Which bee mates?**\n\nA) worker\nB) drone\n\n**Answer: B) drone**\n\n---\n\n**Question 2:** Which forages?\n\n- a. drone\n- b. worker\n\n**Correct answer:** b\n", "1. Which bee mates?\nA) worker\nB) drone\nAnswer: B) drone\n\n2. Which forages?\na. drone\nb. worker\nAnswer: b\n"];
        yield 'a frame of backticks' => ['markdown-signs', "```text\n1. Which?\na. one\nb. two\n```\n", "1. Which?\na. one\nb. two\n"];
        yield 'bullets that look like marks' => ['markdown-signs', "1. **Which mates?**\n*   A) worker\n*   B) drone ✅\n*   C) queen ❌\n", "1. Which mates?\nA) worker\n*B) drone\nC) queen\n"];
        yield 'an option that stands out' => ['markdown-signs', "1. Which mates?\na) worker\n**b) drone**\n", "1. Which mates?\na) worker\n*b) drone\n"];
        yield 'dashes' => ['other-signs', "1- One?\na- x\nb- y\n\n2- Two?\na- x\nb- y\n", "1. One?\na. x\nb. y\n\n2. Two?\na. x\nb. y\n"];
        yield 'bare letters in a column' => ['other-signs', "1. One?\nA  x\nB  y\nC  z\n", "1. One?\nA. x\nB. y\nC. z\n"];
        yield 'a star before a bracket' => ['other-signs', "1. One?\n[A] x\n*[B] y\n", "1. One?\nA. x\n*B. y\n"];
        yield 'questions on one line' => ['run-on-questions', "1. One? a) x b) y c) z 2. Two? a) u b) v c) w 3. Three? a) p b) q c) r\n", "1. One?\na) x\nb) y\nc) z\n\n2. Two?\na) u\nb) v\nc) w\n\n3. Three?\na) p\nb) q\nc) r\n"];
        yield 'an answer in brackets under it' => ['answer-lines', "1. One?\na) x\nb) y\nAns. (b)\n", "1. One?\na) x\nb) y\nAnswer: b\n"];
        yield 'a narrow rule after Answer' => ['answer-lines', "1. Name it.\nAnswer: ________\n", "1. Name it.\nAnswer:\n"];
        yield 'a wide rule after Answer' => ['answer-lines', "1. Tell of it.\nAnswer: ________________________________________\n", "1. Tell of it.\n...\n"];
        yield 'Roman letters out of order in columns' => ['roman-letters', "1. One?\n(i) w    (iii) y\n(ii) x    (iv) z\nAnswer: iii\n", "1. One?\n(a) w\n(b) x\n(c) y\n(d) z\nAnswer: c\n"];
        yield 'Roman letters and their key' => ['roman-letters', "1. One?\ni. x\nii. y\n\n2. Two?\ni. x\nii. y\n\nKey: 1. ii 2. i\n", "1. One?\na. x\n*b. y\n\n2. Two?\n*a. x\nb. y\n"];
        yield 'statements with their T and F' => ['true-false-columns', "4. True or false?\na) Bees fly.     T   F\nb) Bees read.    T   F\n", "1. Bees fly.\nTrue   False\n\n2. Bees read.\nTrue   False\n"];
        yield 'statements with brackets before them' => ['answer-rules', "1. True or false?\n(  ) Bees fly.\n( F ) Bees read.\n____ Bees hum.\n", "1. Bees fly.\nTrue   False\n\n2. Bees read.\nFalse\n\n3. Bees hum.\nTrue   False\n"];
        yield 'a statement that says it is one' => ['sections', "1. True or false: bees hum.\n\n2. Question two.\n...\n", "1. True or false: bees hum.\nTrue   False\n\n2. Question two.\n...\n"];
        yield 'slashes behind numbers' => ['numbers', "1/ One?\na) x\nb) y\n2/ Two?\na) x\nb) y\n", "1. One?\na) x\nb) y\n\n2. Two?\na) x\nb) y\n"];
        yield 'boxes side by side behind a stem' => ['option-columns', "1. One? ☐ x ☑ y ☐ z\n", "1. One?\na. x\n*b. y\nc. z\n"];
        yield 'two lists and what goes with what' => ['matching-lists', "1. Match.\nA. queen    1. forages\nB. worker    2. lays\n    3. sings\nAnswer: A-2, B-1\n", "1. Match.\nqueen -> lays\nworker -> forages\n-> sings\n"];
        yield 'brackets as boxes side by side' => ['true-false-columns', "1. Bees fly.\n[ ] richtig     [x] falsch\n", "1. Bees fly.\nfalsch\n"];
        yield 'rules behind statements' => ['answer-rules', "True or false?\n\n1. Bees fly.   ______\n2. Bees read ______\n", "1. Bees fly.\nTrue   False\n\n2. Bees read ______\n"];
        yield 'sections with letters' => ['sections', "A) Choose the best answer.\n\n1. One?\na. x\nb. y\n\nB) True or false?\n\n2. Bees fly.\n", "1. One?\na. x\nb. y\n\n2. Bees fly.\nTrue   False\n"];
        yield 'exercises above numbered questions' => ['sections', "Exercice 1 : Coche la bonne réponse.\n\n1. L'abeille est\na. un insecte\nb. un oiseau\n", "1. L'abeille est\na. un insecte\nb. un oiseau\n"];
        yield 'numbers without a sign, points without a word' => ['bracketed-points', "1 Which bee mates? (1)\n\n2 Name another. (3)\n", "1. (1 point) Which bee mates?\n\n2. (3 points) Name another.\n"];
        yield 'boxes before letters' => ['option-letters', "1. One?\n☐ A. x\n☑ B. y\n", "1. One?\nA. x\n*B. y\n"];
        yield 'ticks and words behind options' => ['marks-behind', "1. One?\na) x ✓\nb) y\n\n2. Two?\na) x\nb) y (richtig)\n", "1. One?\n*a) x\nb) y\n\n2. Two?\na) x\n*b) y\n"];
        yield 'a word parted at a line end that is whole elsewhere' => ['wrapped-lines', "1. A bee that guards the hive against robbers is a guard, and an in-\nspector is no inspector of hers.\nTrue\n", "1. A bee that guards the hive against robbers is a guard, and an inspector is no inspector of hers.\nTrue\n"];
        yield 'a letter as the answer, whatever comes below it' => ['explanations', "1. One?\na) x\nb) y\nAnswer: b\nBecause: y is it.\n\n2. Two?\n*a) x\nb) y\n💡 Reason: x is it.\n", "1. One?\na) x\nb) y\nAnswer: b\nBecause: y is it.\n\n2. Two?\n*a) x\nb) y\nExplanation: x is it.\n"];
        yield 'Roman numbers with a dash' => ['roman-letters', "1. What is a super?\ni – a box\nii – a queen\niii – a smoker\n", "1. What is a super?\na. a box\nb. a queen\nc. a smoker\n"];
        yield 'true and false as a list' => ['true-false-columns', "1. Bees make honey.\n- True\n- False\nAnswer: True\n\n2. Drones sting.\n• True\n• False\n", "1. Bees make honey.\nTrue   False\nAnswer: True\n\n2. Drones sting.\nTrue   False\n"];
        yield 'points at the margin' => ['bracketed-points', "1. One?\t____/2\na) x\nb) y\n", "1. (2 points) One?\na) x\nb) y\n"];
        yield 'answers in brackets behind stems' => ['answers-in-brackets', "1. Bees fly. (T)\n2. Bees read. [F]\n3. One? (b)\na) x\nb) y\n", "1. Bees fly.\nTrue\n\n2. Bees read.\nFalse\n\n3. One?\na) x\n*b) y\n"];
        yield 'a key that says the text of the option, too' => ['answer-key', "1. Who?\na) a drone of the hive\nb) the queen of the hive\n\n2. What?\na) wax and honey\nb) mud\n\nKey\n1. B. The queen of the hive\n2. A) wax and honey – They need both.\n", "1. Who?\na) a drone of the hive\n*b) the queen of the hive\n\n2. What?\n*a) wax and honey\nb) mud\nExplanation: They need both.\n"];
        yield 'a key with reasons on lines of their own' => ['answer-key', "1. Bees fly.\nTrue   False\n\n2. They make ____ of nectar.\n\nKey\n1. True\n   Both kinds do.\n2. honey\n   They dry it\n   for days.\n", "1. Bees fly.\nTrue\nExplanation: Both kinds do.\n\n2. They make ____ of nectar.\nAnswer: honey\nExplanation: They dry it for days.\n"];
        yield 'a reason behind an answer goes before the explanation below it' => ['answer-lines', "1. They make ____ of nectar.\nCorrect answer: honey (They dry it for days.)\nExplanation: It keeps for years.\n", "1. They make ____ of nectar.\nAnswer: honey\nExplanation: They dry it for days. It keeps for years.\n"];
        yield 'a sentence below an answer says why' => ['explanations', "1. Bees fly.\nTrue   False\nAnswer: True\n*Both kinds do, in May.*\n", "1. Bees fly.\nTrue   False\nAnswer: True\nExplanation: Both kinds do, in May.\n"];
        yield 'a word that only names true and false' => ['true-false-columns', "1. Bees fly.\nTrue or false?\nAnswer: True\n", "1. Bees fly.\nTrue   False\nAnswer: True\n"];
        yield 'bold by underscores' => ['markdown-signs', "__1. Which?__\na) x\nb) y\n\n__2. Who?__\na) x\nb) y\n", "1. Which?\na) x\nb) y\n\n2. Who?\na) x\nb) y\n"];
        yield 'emphasis within a sentence stays' => ['numbers', "3. Which _one_ of *them*?\na) x\nb) y\n", "1. Which _one_ of *them*?\na) x\nb) y\n"];
        yield 'a key as a table' => ['answer-key', "1. One?\na) x\nb) y\n\n2. Bees fly.\n\n1\t2\nb\tT\n", "1. One?\na) x\n*b) y\n\n2. Bees fly.\nTrue\n"];
        yield 'a key that says where it stands' => ['answer-key', "1. One?\na) x\nb) y\n\n2. Two?\na) x\nb) y\n\nAnswers on page 8: 1b, 2a\n", "1. One?\na) x\n*b) y\n\n2. Two?\n*a) x\nb) y\n"];
        yield 'the points of a section of one' => ['sections', "I. Answer in a sentence. (3 points)\n1. Why?\n...\n\nII. Write. (4 points)\n2. How?\n...\n\n3. When?\n...\n", "1. (3 points) Why?\n...\n\n2. How?\n...\n\n3. When?\n...\n"];
    }

    #[DataProvider('steps')]
    public function testAStepMakesWhatAPersonWouldAndSaysSo(string $step, string $paper, string $meant): void
    {
        $tidied = Tidy::of($paper);
        self::assertSame($meant, $tidied->text);
        self::assertArrayHasKey($step, self::linesByStep($tidied));
        self::assertSame([], Tidy::of($meant)->steps, 'It does so once.');
        $refused = Tidy::of($paper, new Refusals([$step]));
        self::assertNotSame($meant, $refused->text);
        self::assertArrayNotHasKey($step, self::linesByStep($refused));
    }

    /** @return iterable<string, array{string}> what must stay as it stands */
    public static function sound(): iterable
    {
        yield 'a question that starts like a name line' => ["1. Name: which bee scouts?\na. a forager\nb. a drone\n"];
        yield 'a year with a full stop' => ["1. When was the club founded? Not in\n1987. Choose.\na. 1990\nb. 2. May 1991\n"];
        yield 'statements in Roman numbers' => ["1. Which are true?\nI. Bees fly.\nII. Bees read.\nIII. Bees hum.\na. I and III\nb. II\n"];
        yield 'a poem' => ["1. Who wrote this?\nThe bee she hums\nAbove the clover\nAnd never comes\nBut to go over\na. nobody\nb. a keeper\n"];
        yield 'a table of values' => ["1. What does it show?\nday   hive 1   hive 2\n1     20.5     19.0\na. weight\nb. time\n"];
        yield 'code' => ["1. What does it print?\n    for (i = 0; i < 2; i++) {\n        print(i);\n    }\na. 0 1\nb. 1 2\n"];
        yield 'a list in a stem' => ["1. Put in order: egg, larva, pupa.\nAnswer: egg larva pupa / egg, larva, pupa\n"];
        yield 'stars and points' => ["1. (2 points) Which?\n*a) x\nb) y\n\n2. Wax floats.\nTrue\n\n3. Tell.\n...\n"];
        yield 'parts of a task' => ["1. Explain in your own words:\ni) why bees swarm\nii) how they dance\n"];
        yield 'a talk of A and B' => ["1. Read the talk.\nA: Where is she?\nB: In the hive.\nWho asks?\na) A\nb) B\n"];
        yield 'numbers in brackets behind some stems' => ["1. Which year was it (1)\na. one\nb. two\n\n2. And which then?\na. one\nb. two\n"];
        yield 'amounts at the start of lines' => ["1. How much honey goes in?\n2 Cups of it.\na. yes\nb. no\n"];
        yield 'emphasis within sentences' => ["1. Which is **not** a bee?\na. *Apis* drone\n*b. wasp\n"];
        yield 'stars that mark' => ["1. Which are bees?\n* a. drone\n* b. queen\nc. wasp\n"];
        yield 'a rule of dashes within a table' => ["1. What does it show?\nday   hive\n---\n1     20\na. weight\nb. time\n"];
        yield 'a long text above the first question that is no title' => [implode("\n\n", array_map(static fn (int $number) => "Paragraph {$number} tells of the bees.", range(1, 9)))."\n\n1. Which?\na. one\nb. two\n"];
        yield 'one sign in brackets' => ["1. The temperature is (T)\na) 35\nb) 10\n\n2. Tell.\n...\n"];
        yield 'numbers that go on from another page' => ["7. Which?\n*a. x\nb. y\n\n8. Which then?\na. x\n*b. y\n"];
        yield 'a number with a decimal point' => ["1. A comb weighs\n1.1 kg or more. Does it?\na. yes\nb. no\n"];
        yield 'two Roman lists in one stem' => ["1. Compare.\ni) bees\nii) wasps\ni) flies\nAnswer: four\n"];
        yield 'two lists with a letter twice' => ["1. Match.\nA. queen    1. forages\nA. worker    2. lays\nAnswer: A-2\n"];
        yield 'a side in brackets behind an option' => ["1. Which hand holds the smoker?\na) the left one (left)\nb) the other (right)\n"];
        yield 'nothing' => [''];
        yield 'a letter to the club' => ["Dear beekeepers,\nthe meeting is on 3. May.\n"];
    }

    #[DataProvider('sound')]
    public function testSentencesThatOnlyLookLikeOneOfTheseStay(string $text): void
    {
        $tidied = Tidy::of($text);
        $words = static fn (string $some): string => trim((string) preg_replace('/\s+/', ' ', $some));
        self::assertSame($words($text), $words($tidied->text));
        if (1 === preg_match('/\n {4}|\S {3}\S|\nThe bee|\nI\./', $text)) {
            self::assertSame($text, $tidied->text, 'Its lines stay.');
        }
    }

    public function testMovedAnswersThatFitNowhereStayInTheKey(): void
    {
        $tidied = Tidy::of("1. Which?\na. x\nb. y\n\nAnswers\n1. B\n2. C\n");
        self::assertSame("1. Which?\na. x\n*b. y\n\nKey\n2? C\n", $tidied->text);
    }

    /** It works without PHP's search for objects that hold themselves, so it must leave none, and must leave that search as it was. */
    public function testNothingIsLeftToBeSearchedFor(): void
    {
        gc_collect_cycles();
        gc_disable();
        Tidy::of("1. Which?\na) x  b) y\n2. Who?\na) x  b) y\n\nKey\n1 a\n2 b\n");
        self::assertFalse(gc_enabled());
        self::assertSame(0, gc_collect_cycles());
        gc_enable();
        Tidy::of("1. Which?\n");
        self::assertTrue(gc_enabled());
    }

    /** The questions get numbers of their own, which the rest of the key knows nothing of. */
    public function testWhatIsLeftOfAKeyAnswersNoQuestionThatGetsItsNumber(): void
    {
        $options = "\na. x\nb. y\n\n";
        $tidied = Tidy::of("3. Which?{$options}4. Who?{$options}6. How?{$options}Answers\n3. B\n6. A\n2. A\n");
        self::assertStringEndsWith("3. How?\n*a. x\nb. y\n\nKey\n2? A\n", $tidied->text);
        self::assertSame(['Which? - x + y', 'Who? - x - y', 'How? + x - y'], Gist::of($tidied->text));
    }

    public function testAKeyMayCountThroughWhatThePartsCountAnew(): void
    {
        $part = "Part %s\n1. Which?\na) x\nb) y\n2. Who?\na) x\nb) y\n\n";
        $tidied = Tidy::of(\sprintf($part, 'A').\sprintf($part, 'B')."Answers\n1. a\n2. b\n3. b\n4. a\n");
        self::assertSame(['Which? + x - y', 'Who? - x + y', 'Which? - x + y', 'Who? + x - y'], Gist::of($tidied->text));
        self::assertSame([], $tidied->notes);
    }

    /** Terms that count from 1 again are not answered by the key's entries for other questions. */
    public function testAKeyAnswersListsOnlyWhereItsNumbersAreTheirs(): void
    {
        $lists = "Match the animals to their young.\n1. cow        a. foal\n2. horse      b. calf\n";
        self::assertStringContainsString("cow -> calf\nhorse -> foal\n", Tidy::of($lists."\nKey: 1 b 2 a\n")->text);
        self::assertStringNotContainsString('->', Tidy::of("1. Which?\na) x\nb) y\n2. Which then?\na) x\nb) y\n\n{$lists}\nKey: 1 b 2 a\n")->text);
    }

    public function testWhatStaysWhereItIsIsNamed(): void
    {
        $notes = static fn (string $text): array => InEnglish::all(Tidy::of($text)->notes);
        self::assertSame(['Some answers of the key fit no question and stay at the end: 2 C.'], $notes("1. Which?\na. x\nb. y\n\nAnswers\n1. B\n2. C\n"));
        self::assertSame(['There is an answer key, but it fits none of the questions. It stays where it is.'], $notes("1. Which?\na. x\nb. y\n\nAnswers\n7. D\n8. C\n"));
        self::assertSame(['This text belongs to no question and stays where it is: “Best wishes, and see you on Friday.”.'], $notes("1. Which?\na. x\nb. y\n\n2. Which then?\na. x\nb. y\n\nBest wishes, and see you on Friday.\n"));
        self::assertSame([], $notes("1. Which?\na. x\n*b. y\n"));
        self::assertSame([], $notes("Dear beekeepers,\nthe meeting is on 3. May.\n"), 'A letter is no old test.');
    }

    public function testHiddenCharactersLeaveJoinersInWords(): void
    {
        self::assertSame("1. Ta\u{200D}g des 👩\u{200D}🌾 Imkers?\na. Honig\nb. Wachs\n", Tidy::of("1. Ta\u{200D}g des 👩\u{200D}🌾 Im\u{AD}kers?\u{200B}\na. Ho\u{AD}nig\nb.\u{A0}Wachs\n")->text);
    }

    /** Papers with pieces cut out and put in: nothing breaks, nothing is lost unsaid, and a second time changes nothing. */
    public function testMutilatedPapersLoseNoWordUnsaid(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(5));
        $pieces = ["\n", "\n\n", '1. ', 'a) ', '____', 'T  F', "Key\n", 'Answers: ', "\t", '(2 points)', '☐ ', "Part I\n", '*', "\r\n", "\u{A0}", 'é🐝', 'Name: ___', ' -> ', '...', "\f", 'i) ', "\nii) ", ' (T)', ' ✓', "\nA: ", "\nB: ", "\n1- ", '[A] ', "\n1.1 ", "\t/2", "\nAns. (b)\n", ' – F', "\n1\t2\nA\tB", '☐ '];
        $papers = [];
        foreach (new \GlobIterator(__DIR__.'/papers/*.txt', \FilesystemIterator::CURRENT_AS_PATHNAME) as $path) {
            \assert(\is_string($path));
            array_push($papers, ...array_map(static fn (string $paper) => explode("\n=====\n", $paper)[0], explode("\n##### ", (string) file_get_contents($path))));
        }
        for ($times = 0; $times < 800; ++$times) {
            $characters = mb_str_split(str_replace("\u{AD}", '', $papers[$random->getInt(0, \count($papers) - 1)]));
            for ($changes = $random->getInt(1, 6); $changes > 0; --$changes) {
                array_splice($characters, $random->getInt(0, \count($characters)), $random->getInt(0, 6), [$pieces[$random->getInt(0, \count($pieces) - 1)]]);
            }
            $paper = implode('', $characters);
            $tidied = Tidy::of($paper);
            $told = $tidied->text;
            foreach ($tidied->steps as $step) {
                foreach ($step->changes as $change) {
                    $told .= ' '.$change->before;
                }
            }
            preg_match_all('/\p{L}{3,}/u', $paper, $words);
            foreach ($words[0] as $word) {
                self::assertStringContainsString($word, $told, $paper);
            }
            self::assertSame($tidied->text, Tidy::of($tidied->text)->text, $paper);
        }
    }

    /** Whoever takes a list for regular leaves out the second look, so what might be more than words must not pass. */
    public function testOnlyThePlainestListNeedsNoSecondLook(): void
    {
        $plain = "1. Which bee mates?\na) worker\n*b) drone\n\n2. What is a “nuc”?\na) a box, 5–6 frames\n*b) *c) none\n";
        self::assertFalse(RegularList::is($plain), 'A label behind a star.');
        $plain = str_replace('*b) *c) none', '*b) none', $plain);
        self::assertTrue(RegularList::is($plain));
        foreach (['2. What' => '3. What', 'a) worker' => 'b) worker', '*b) none' => '*b. none', 'none' => 'none ✓', 'worker' => 'worker b) nurse', 'mates?' => 'mates? ____', 'drone' => 'drone ', "?\na) a box" => "?\nChoose.\na) a box"] as $from => $to) {
            self::assertFalse(RegularList::is(str_replace($from, $to, $plain)), $to);
        }
    }

    /** @return array<string, list<int>> */
    private static function linesByStep(Tidied $tidied): array
    {
        $lines = [];
        foreach ($tidied->steps as $step) {
            foreach ($step->changes as $change) {
                $lines[$step->name][] = $change->line;
            }
        }

        return $lines;
    }

    /** Whatever the next section is called, and whether it gives points or not. */
    public function testPointsEndWithTheirSection(): void
    {
        foreach (['True or false', 'Part II. Short questions', 'More questions', 'B. Now some harder ones'] as $heading) {
            $tidied = Tidy::of("Multiple choice (2 points each)\n\n1. Which bee mates?\na) drone\nb) worker\n\n{$heading}\n\n2. Wax floats.\nTrue   False\n")->text;

            self::assertStringContainsString('1. (2 points) Which bee mates?', $tidied, $heading);
            self::assertStringContainsString('2. Wax floats.', $tidied, $heading);
        }
    }
}
