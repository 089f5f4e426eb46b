<?php

declare(strict_types=1);

namespace App\Tests;

use App\Command\ScoreCommand;
use Notagram\Message\Sentences;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Tester\CommandTester;

/** Answers marked from the command line. */
final class ScoreTest extends TestCase
{
    private const TEXT = "// (2 points)\nWhich? {~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-50%d}\n\nWrite. {}\n\nHow warm? {#35:1}\n\nRead this.\n";

    public function testAnswersAreMarkedExactly(): void
    {
        $command = $this->score('{"1": ["A", "C"], "2": "words", "3": "35,5"}', ['--format' => 'json']);
        self::assertSame(0, $command->getStatusCode());
        self::assertSame([
            'earned' => '7/3',
            'of' => '4',
            'byHand' => [2],
            'questions' => [
                ['number' => 1, 'earned' => '4/3', 'of' => '2', 'why' => '2 of 3 right at 33⅓ % each.'],
                ['number' => 2, 'earned' => '0', 'of' => '1', 'why' => 'To be marked by hand.'],
                ['number' => 3, 'earned' => '1', 'of' => '1', 'why' => 'It fits 35:1: 100 %.'],
            ],
        ], json_decode($command->getDisplay(), true));
        self::assertStringContainsString("3. 0 of 1: No answer.\n0 of 4 points.\n", $this->score('{}')->getDisplay());
        self::assertStringContainsString('-1 of 2', $this->score('{"1": ["D"]}', ['--below-zero' => 'question'])->getDisplay());
    }

    /** @param array<string, string> $options */
    #[TestWith(['{"7": "A"}', [], 'There is no question 7 that could be answered.'])]
    #[TestWith(['{"1": ["E"]}', [], 'Question 1: It has no option E.'])]
    #[TestWith(['["A"]', [], 'is no JSON object with the answers'])]
    #[TestWith(['no JSON', [], 'is no JSON object with the answers'])]
    #[TestWith(['{}', ['--below-zero' => 'maybe'], '--below-zero takes one of: no, question, sheet.'])]
    public function testWhatCannotBeMarkedIsSaidAndNothingIsScored(string $answers, array $options, string $sentence): void
    {
        $command = $this->score($answers, $options);
        self::assertSame(2, $command->getStatusCode());
        self::assertStringContainsString($sentence, $command->getDisplay());
        self::assertStringNotContainsString('points.', $command->getDisplay());
    }

    /** @param array<string, string> $options */
    private function score(string $answers, array $options = []): CommandTester
    {
        $folder = sys_get_temp_dir().'/'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("{$folder}/sheet.gift", self::TEXT);
        file_put_contents("{$folder}/answers.json", $answers);
        $command = new CommandTester(new ScoreCommand(Sentences::english()));
        $command->execute(['file' => "{$folder}/sheet.gift", '--answers' => "{$folder}/answers.json", ...$options]);

        return $command;
    }
}
