<?php

declare(strict_types=1);

namespace Notagram\Tests\Draft;

use Notagram\Draft\Reply;
use Notagram\Draft\WrittenDrafts;
use Notagram\Message\Sentences;
use Notagram\Notation\Example;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\QuestionType;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What assistants answer, with all that they put around it. */
final class ReplyTest extends TestCase
{
    private const GIFT = "::Eggs:: Which bee lays the eggs? {\n  =the queen\n  ~a worker\n  ~a drone\n}\n\nA drone has a sting. {F}\n\nBees turn {=nectar} into honey.\n";

    #[TestWith(['%s'])]
    #[TestWith(["Sure! Here are three questions in GIFT:\n\n%s\nLet me know if you would like more."])]
    #[TestWith(["Here you are:\n\n```gift\n%s```\n\nShall I write more?"])]
    #[TestWith(["```\n%s```"])]
    #[TestWith(["```gift\n%s"])]
    #[TestWith(["// From the passage\n%s"])]
    public function testChatterAndFencesAroundTheQuestionsAreLeftOut(string $around): void
    {
        $written = $this->read(\sprintf($around, self::GIFT));
        self::assertSame([['choice', true], ['true-false', true], ['gap', true]], self::typesIn($written));
        self::assertStringNotContainsString('```', $written->text);
        self::assertStringNotContainsString('more', $written->text);
    }

    public function testWhatIsLeftOutIsNamed(): void
    {
        $written = $this->read("Sure! Three questions:\n\n```gift\n".self::GIFT."```\n\nShall I write more?");
        self::assertSame(
            ['Left out, because it is no question: “Sure! Three questions:”', 'Left out, because it is no question: “Shall I write more?”'],
            array_map(Sentences::english()->of(...), $written->notes),
        );
    }

    public function testQuestionsInSeveralFencesAreAllTaken(): void
    {
        $written = $this->read("First:\n```\nA drone has a sting. {F}\n```\nSecond:\n```\nA worker has a sting. {T}\n```\n");
        self::assertSame([['true-false', true], ['true-false', true]], self::typesIn($written));
    }

    public function testAPrintedTestIsTidiedAndGoesOnInTheNotationThatIsWanted(): void
    {
        $written = $this->read("Of course! Here is your quiz:\n\n**1. Which bee lays the eggs?**\nA) a worker\nB) the queen\nC) a drone\n\n**2. What do bees collect?**\nA) nectar\nB) milk\nC) bread\n\n**Answer Key**\n1. B\n2. A\n\nFeel free to ask for more!");
        self::assertSame("// [tag:draft]\nWhich bee lays the eggs? {\n  ~a worker\n  =the queen\n  ~a drone\n}\n\n// [tag:draft]\nWhat do bees collect? {\n  =nectar\n  ~milk\n  ~bread\n}\n", $written->text);
    }

    public function testAPrintedTestInMarkdownIsKnownByItsLists(): void
    {
        $written = $this->read("Absolutely! Below is your quiz:\n\n---\n\n### Question 1\nWhich bee lays the eggs?\n\n- A. a worker\n- B. the queen ✓\n- C. a drone\n\n### Question 2\nBees turn nectar into ________.\n\n**Answer:** honey\n\n---\n\nHope this helps! Would you like more?\n");
        self::assertSame([['choice', true], ['gap', true]], self::typesIn($written));
        self::assertStringContainsString("  ~a worker\n  =the queen\n", $written->text);
    }

    public function testANotationWithoutCommentsTellsWhereItsDraftsBegin(): void
    {
        $written = $this->read(self::GIFT, 'aiken');
        self::assertStringNotContainsString('draft', $written->text);
        self::assertSame([0, strpos($written->text, 'A drone has a sting.')], $written->starts());
        self::assertNotSame([], $written->notes, 'A question that it cannot hold is named.');
    }

    public function testAStarredListTakesAllOfThem(): void
    {
        self::assertSame([['choice', false], ['true-false', false], ['gap', false]], self::typesIn($this->read(self::GIFT, 'starred')));
    }

    public function testWhatCannotBeReadIsKept(): void
    {
        $written = $this->read("A drone has a sting. {F}\n\nWhich bee lays the eggs? {=the queen ~a worker\n\nA worker has a sting. {T}\n");
        self::assertStringContainsString('Which bee lays the eggs? {=the queen ~a worker', $written->text);
    }

    /** Whatever notation an assistant was asked for, and however it frames what it wrote, the questions are those. */
    public function testFramedInAnyWayTheQuestionsAreThose(): void
    {
        $random = new Randomizer(new Mt19937(9));
        $oneOf = static fn (string ...$of): string => $of[$random->getInt(0, \count($of) - 1)];
        for ($times = 0; $times < 120; ++$times) {
            $notation = Notations::all()[$random->getInt(0, \count(Notations::all()) - 1)];
            $examples = array_values(array_filter($notation->examples(), static fn (Example $example) => !\in_array($example->type, [QuestionType::Stimulus, QuestionType::Essay], true)));
            $texts = array_map(static fn (Example $example) => trim($example->text), \array_slice($random->shuffleArray($examples), 0, $random->getInt(2, 4)));
            if ($notation->writer()->isNumbered()) {
                $texts = array_map(static fn (string $text, int $place) => ($place + 1).'. '.preg_replace('/^\d+[.)]\s+/', '', $text), $texts, array_keys($texts));
            }
            $meant = ReadSheet::of(SourceText::fromUtf8(implode("\n\n", $texts)."\n"), $notation);
            $fence = $oneOf('```', "```{$notation->id()}", '````', '');
            $reply = $oneOf("Sure! Here are your questions:\n\n", "Here you go.\n\n", '')
                .('' === $fence ? '' : "{$fence}\n").implode("\n\n", $texts)."\n".('' === $fence ? '' : rtrim($fence, 'abcdefghijklmnopqrstuvwxyz')."\n")
                .$oneOf("\nLet me know if you would like more!\n", "\nWould you like me to add explanations?\n", '');
            $written = Reply::read($reply, $notation);
            self::assertNotNull($written, $reply);
            $is = ReadSheet::of(SourceText::fromUtf8($written->text), $notation);
            self::assertSame(self::gists($meant), self::gists($is), "{$reply}\n---\n{$written->text}");
        }
    }

    /** @return list<array<string, mixed>> each question, without the mark of a draft */
    private static function gists(ReadSheet $sheet): array
    {
        $gists = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number && null !== $placed->reading->question) {
                $gists[] = array_diff_key(Essence::of($placed->reading->question), ['comments' => 0, 'tags' => 0, 'id' => 0]);
            }
        }

        return $gists;
    }

    #[TestWith(['I am sorry, but I cannot help with that.'])]
    #[TestWith([''])]
    #[TestWith(["```\n```"])]
    #[TestWith(['{"questions": ['])]
    public function testAReplyWithoutQuestionsIsNone(string $reply): void
    {
        self::assertNull(Reply::read($reply, self::notation('gift')));
    }

    private function read(string $reply, string $into = 'gift'): WrittenDrafts
    {
        $written = Reply::read($reply, self::notation($into));
        self::assertNotNull($written);

        return $written;
    }

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? throw new \LogicException('It is a notation.');
    }

    /** @return list<array{?string, ?bool}> of each question its type, and whether it is marked as a draft */
    private static function typesIn(WrittenDrafts $written): array
    {
        return array_map(static fn (PlacedBlock $placed) => [$placed->reading->question?->type()->value, $placed->reading->question?->isDraft()], WrittenDrafts::questionsIn($written->sheet()));
    }
}
