<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\Tidied;
use Notagram\Intake\Tidy\Tidy;
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
        self::assertSame(['name-lines' => [2], 'titles' => [1], 'option-columns' => [5], 'answer-rules' => [4], 'answer-key' => [8, 6], 'blank-lines' => [3]], self::linesByStep($tidied));
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
        self::assertSame(rtrim($tidied->text), trim(implode("\n", $lines)));
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
        self::assertSame("1. Which?\na. x\n*b. y\n\nKey\n2. C\n", $tidied->text);
    }

    public function testHiddenCharactersLeaveJoinersInWords(): void
    {
        self::assertSame("1. Ta\u{200D}g des 👩\u{200D}🌾 Imkers?\na. Honig\nb. Wachs\n", Tidy::of("1. Ta\u{200D}g des 👩\u{200D}🌾 Im\u{AD}kers?\u{200B}\na. Ho\u{AD}nig\nb.\u{A0}Wachs\n")->text);
    }

    /** Papers with pieces cut out and put in: nothing breaks, nothing is lost unsaid, and a second time changes nothing. */
    public function testMutilatedPapersLoseNoWordUnsaid(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(5));
        $pieces = ["\n", "\n\n", '1. ', 'a) ', '____', 'T  F', "Key\n", 'Answers: ', "\t", '(2 points)', '☐ ', "Part I\n", '*', "\r\n", "\u{A0}", 'é🐝', 'Name: ___', ' -> ', '...', "\f"];
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
}
