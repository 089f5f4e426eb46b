<?php

declare(strict_types=1);

namespace App\Tests;

use App\Demo\QuestionStore;
use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\Numeric;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Question\TrueFalse;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Source\SourceText;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class DemoTest extends ApiTestCase
{
    private const FOLDER = __DIR__.'/../demo/';

    public function testAnEmptyShelfIsLaidOutOnceOnly(): void
    {
        $command = (new Application($this->browser->getKernel()))->find('notagram:demo');
        (new CommandTester($command))->execute([]);
        (new CommandTester($command))->execute([]);
        $sheets = self::at($this->call('GET', '/api/shelf'), 'sheets');

        self::assertIsArray($sheets);
        self::assertSame(
            ['Swarms and spring', 'Castes and their work', 'A year with bees', 'Winter course', 'Honey and hive products', 'How a colony lives', 'Winter losses (copy of a copy)', 'Foundation paper 2016', 'Spring test with key', 'Swarm week', 'Bees in many tongues', 'Question store'],
            array_map(static fn (mixed $sheet) => self::at($sheet, 'title'), $sheets),
        );
        self::assertSame([1_000, 10], [self::at($sheets[11], 'count'), self::at($sheets[6], 'expected')]);
    }

    public function testTheDraftsAreUnreadAndKnowTheirPassage(): void
    {
        (new CommandTester((new Application($this->browser->getKernel()))->find('notagram:demo')))->execute([]);
        $sheets = self::at($this->call('GET', '/api/shelf'), 'sheets');
        self::assertIsArray($sheets);
        $id = self::textAt($sheets[5], 'id');
        $origins = self::at($this->call('GET', "/api/sheets/{$id}/passages"), 'passages.0.origins');
        self::assertIsArray($origins);
        self::assertSame(range(1, 12), array_map(static fn (mixed $origin) => self::at($origin, 'question'), $origins));
    }

    public function testTheCleanSheetsAreClean(): void
    {
        foreach (['Castes and their work.gift.txt', 'Honey and hive products.txt', 'A year with bees.gram'] as $file) {
            self::assertSame([], self::codes(self::checked($file)), $file);
        }
    }

    public function testAnImportOfTheWinterCourseStopsAtQuestion20Of50(): void
    {
        $sheet = self::checked('Winter course.gift.txt')->sheet;
        $trial = (new Rehearsal())->ofFile($sheet, $sheet->source->text);
        self::assertSame([50, 19, 20, 30], [$trial->questions, \count($trial->taken), $trial->stoppedAt, $trial->notReached]);
    }

    public function testEveryTypeOfQuestionIsShown(): void
    {
        $types = array_map(static fn (Question $question) => $question->type(), self::questions(self::checked('Castes and their work.gift.txt')));

        self::assertSame([], array_udiff(QuestionType::cases(), $types, static fn (QuestionType $one, QuestionType $other) => $one->value <=> $other->value));
    }

    public function testEveryKindOfSlipIsPlanted(): void
    {
        $found = array_unique([
            ...self::codes(self::checked('Swarms and spring.txt')),
            ...self::codes(self::checked('Winter losses (copy of a copy).txt', 10)),
            ...self::codes(self::checked('Bees in many tongues.txt')),
        ]);
        $wanted = [
            'text.not-utf8', 'text.bom', 'text.replacement-char',
            'gift.brace-unclosed', 'gift.brace-unopened', 'gift.blank-line-in-answers', 'gift.missing-blank-line', 'gift.title-unclosed',
            'gift.weight-malformed', 'gift.mixed-marks', 'gift.text-before-answers', 'gift.entry-empty', 'gift.matching-too-few',
            'gift.category-tight', 'gift.text-after-answers',
            'aiken.stem-lines', 'aiken.stem-numbered', 'aiken.option-format', 'aiken.option-order', 'aiken.blank-line-inside',
            'aiken.answer-missing', 'aiken.answer-format', 'aiken.answer-unknown-letter', 'aiken.several-answers', 'aiken.stray-text',
            'marking.none', 'marking.weights-over', 'marking.weights-under', 'marking.tick-all-pays', 'marking.same-answer-twice',
            'sheet.count-differs',
        ];

        self::assertSame([], array_values(array_diff($wanted, $found)));
    }

    public function testManyScriptsAreHeld(): void
    {
        $text = self::checked('Bees in many tongues.txt')->sheet->source->text;
        foreach (['Greek', 'Cyrillic', 'Hebrew', 'Arabic', 'Latin'] as $script) {
            self::assertMatchesRegularExpression("/\\p{{$script}}/u", $text);
        }
    }

    /** The days that beekeepers learn: 16 for a queen, 21 for a worker, 24 for a drone (common practice, no source). */
    public function testWhatTheStoreSaysIsTrue(): void
    {
        $days = ['queen' => 16, 'worker' => 21, 'drone' => 24];
        $text = (new QuestionStore())->text();
        $questions = self::questions((new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0])));
        self::assertSame($text, (new QuestionStore())->text());
        $checkedOnes = 0;
        foreach ($questions as $question) {
            $stem = $question->stem->text;
            if (1 === preg_match('/laid on (.+)\. When does the (\w+) emerge/', $stem, $match)) {
                foreach ($question->options() as $option) {
                    if ($option->isKey) {
                        self::assertSame((new \DateTimeImmutable("{$match[1]} 2023"))->modify('+'.$days[$match[2]].' days')->format('j F'), $option->text->text);
                        ++$checkedOnes;
                    }
                }
            } elseif (1 === preg_match('/(\d+) frames of stores with (\d) kg/', $stem, $match) && $question->answers instanceof Numeric) {
                self::assertSame((string) ((int) $match[1] * (int) $match[2]), $question->answers->numbers[0]->first);
                ++$checkedOnes;
            } elseif (1 === preg_match('/emerged (\d+) days/', $stem, $match) && $question->answers instanceof TrueFalse) {
                self::assertSame('16' === $match[1], $question->answers->answer);
                ++$checkedOnes;
            } elseif (1 === preg_match('/in (\d) box(?:es)? of (\d+) frames/', $stem, $match)) {
                $keys = array_values(array_filter($question->options(), static fn ($option) => $option->isKey));
                // Where a slip took the key away, nothing is said.
                if ([] !== $keys) {
                    self::assertSame([(string) ((int) $match[1] * (int) $match[2])], array_map(static fn ($option) => $option->text->text, $keys));
                    ++$checkedOnes;
                }
            }
        }
        self::assertGreaterThan(780, $checkedOnes);
    }

    private static function checked(string $file, ?int $expected = null): CheckedSheet
    {
        $source = SourceText::fromBytes((string) file_get_contents(self::FOLDER.$file));

        return (new Checker())->check(ReadSheet::of($source, Notations::detect($source->text)), new SheetWishes($expected, pictures: new KeptPictures([self::hiveParts()])));
    }

    /** The one picture of the demo, as it is kept with its sheet. */
    private static function hiveParts(): KeptPicture
    {
        return new KeptPicture(1, 'hive-parts.png', 'image/png', null, static fn () => (string) file_get_contents(self::FOLDER.'hive-parts.png'));
    }

    /** @return list<string> */
    private static function codes(CheckedSheet $checked): array
    {
        return array_map(static fn (PlacedFinding $placed) => $placed->finding->code, $checked->findings());
    }

    /** @return list<Question> */
    private static function questions(CheckedSheet $checked): array
    {
        return array_values(array_filter(array_map(static fn (PlacedBlock $placed) => $placed->reading->question, $checked->sheet->blocks)));
    }
}
