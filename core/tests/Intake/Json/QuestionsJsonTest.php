<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Json;

use Notagram\Handover\Json\JsonTarget;
use Notagram\Handover\Json\QuestionJson;
use Notagram\Intake\Json\JsonPart;
use Notagram\Intake\Json\QuestionFromJson;
use Notagram\Intake\Json\QuestionsJson;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use Notagram\Tests\Notation\RandomQuestions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionsJsonTest extends TestCase
{
    public function testEveryQuestionComesBackEqual(): void
    {
        $random = new RandomQuestions(5);
        for ($times = 0; $times < 1_500; ++$times) {
            $json = json_encode(QuestionJson::whole($random->next()), \JSON_THROW_ON_ERROR);
            $again = QuestionFromJson::of(new JsonPart(json_decode($json, true, flags: \JSON_THROW_ON_ERROR)));
            self::assertSame($json, json_encode(QuestionJson::whole($again), \JSON_THROW_ON_ERROR));
        }
    }

    public function testAFileIsTakenBackInItsOwnNotation(): void
    {
        $text = "// by Tom [id:q1] [tag:spring]\n::One:: [markdown]Which *bee*? {\n  =[html]<b>queen</b>#yes\n  ~drone\n}\n\n\$CATEGORY: Bees/Hive\n\n// (2.5 points)\nHow warm? {#34..36}\n\nRead this.\n";
        $gift = self::notation('gift');
        $target = new JsonTarget();
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), $gift);
        $file = $target->write($sheet);
        self::assertSame($file->bytes(), $target->write($sheet)->bytes());
        $read = QuestionsJson::read($file->bytes());
        self::assertSame('gift', $read?->notation->id());
        $again = ReadSheet::of(SourceText::fromUtf8($read->manuscript()->text), $gift);
        self::assertSame($file->bytes(), $target->write($again)->bytes());
        self::assertStringContainsString('"id": "q1"', $file->bytes());

        $starred = ReadSheet::of(SourceText::fromUtf8("1. Which?\n*a. queen\nb. drone\n\n2. True?\nTrue*\nFalse\n"), self::notation('starred'));
        self::assertStringStartsWith("1. Which?\n", QuestionsJson::read($target->write($starred)->bytes())?->manuscript()->text ?? '');
        self::assertSame('', $target->write(ReadSheet::of(SourceText::fromUtf8("// nothing\n"), $gift))->bytes());
    }

    /** @return iterable<string, array{string, string}> */
    public static function foreign(): iterable
    {
        $question = '{"type":"choice","title":null,"points":1,"stem":"Which?","stemFormat":"auto","explanation":null,"options":[{"text":"a","weight":"100","key":true,"feedback":null}]}';
        $file = static fn (string $questions, string $version = '1'): string => '{"format":"notagram-questions","version":'.$version.',"notation":"gift","questions":['.$questions.']}';
        yield 'a list' => ['[1, 2]', 'This JSON does not hold questions as Notagram writes them.'];
        yield 'other data' => ['{"name": "bees"}', 'This JSON does not hold questions as Notagram writes them.'];
        yield 'broken' => [substr($file($question), 0, -3), 'This JSON is broken, so nothing of it was read: Syntax error.'];
        yield 'too deep' => ['{"a":'.str_repeat('[', 20).str_repeat(']', 20).'}', 'This JSON is broken, so nothing of it was read: Maximum stack depth exceeded.'];
        yield 'newer' => [$file($question, '2'), 'This JSON was written by a newer Notagram. Update this one, and try again.'];
        yield 'an unknown notation' => [str_replace('"gift"', '"chalk"', $file($question)), 'This JSON does not hold questions as Notagram writes them (at notation).'];
        yield 'no list of questions' => ['{"format":"notagram-questions","version":1,"notation":"gift","questions":{"a":1}}', 'This JSON does not hold questions as Notagram writes them (at questions).'];
        yield 'an unknown type' => [$file($question.','.str_replace('choice', 'hotspot', $question)), 'This JSON does not hold questions as Notagram writes them (at questions/1/type).'];
        yield 'a weight that is a word' => [$file(str_replace('"100"', '"full"', $question)), 'This JSON does not hold questions as Notagram writes them (at questions/0/options/0/weight).'];
        yield 'a text that is a number' => [$file(str_replace('"text":"a"', '"text":1', $question)), 'This JSON does not hold questions as Notagram writes them (at questions/0/options/0/text).'];
        yield 'no stem' => [$file(str_replace('"stem":"Which?",', '', $question)), 'This JSON does not hold questions as Notagram writes them (at questions/0/stem).'];
    }

    #[DataProvider('foreign')]
    public function testWhatIsNoFileOfOursIsRefusedWithItsPlace(string $json, string $sentence): void
    {
        try {
            QuestionsJson::read($json, 'questions.json');
            self::fail('It was read.');
        } catch (UnreadableDocument $exception) {
            self::assertSame($sentence, InEnglish::of($exception->reason));
        }
    }

    public function testWhatIsNotCalledJsonAndSaysNothingOfItIsATextAsAnyOther(): void
    {
        self::assertNull(QuestionsJson::read("{\n  =a ~b}"));
        self::assertNull(QuestionsJson::read('Which? {=a ~b}', 'a.txt'));
    }

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? throw new \LogicException();
    }
}
