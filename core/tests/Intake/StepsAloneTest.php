<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Refusals;
use Notagram\Intake\Tidy\StepReport;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Intake\Tidy\TidyStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each step does where all others are switched off, as a person may ask for it. */
final class StepsAloneTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a paper, and what the step alone makes of it */
    public static function steps(): iterable
    {
        yield 'hidden-characters' => [
            "1. Which\u{200B} bee mates?\na. worker\n*b. dr\u{AD}one\n",
            "1. Which bee mates?\na. worker\n*b. drone\n",
        ];
        yield 'quotation' => [
            "> 1. Which bee mates?\n> a. worker\n> *b. drone\n>\n> 2. Who lays eggs?\n> *a. queen\n> b. worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'markdown-signs' => [
            "**1. Which bee mates?**\n- a) worker\n- **b) drone**\n\n**2. Who lays eggs?**\n- a) worker\n- b) queen\n",
            "1. Which bee mates?\na) worker\nb) drone\n\n2. Who lays eggs?\na) worker\nb) queen\n",
        ];
        yield 'page-marks' => [
            "Spring test\n\n1. Which bee mates?\na. worker\nPage 1 of 2\n\fSpring test\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\nPage 2 of 2\n",
            "\n1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'name-lines' => [
            "Name: ______  Date: ____\n\n1. Which bee mates?\na. worker\n*b. drone\n",
            "\n1. Which bee mates?\na. worker\n*b. drone\n",
        ];
        yield 'titles' => [
            "Spring test 2016\n\n1. Which bee mates?\na. worker\n*b. drone\n",
            "\n1. Which bee mates?\na. worker\n*b. drone\n",
        ];
        yield 'run-on-questions' => [
            "1. Which bee mates? a. worker *b. drone 2. Who lays eggs? *a. queen b. worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'option-columns' => [
            "1. Which bee mates?\na. worker    c. nurse\nb. drone     d. guard\n\n2. Who lays eggs?\na. worker    c. drone\nb. queen     d. guard\n",
            "1. Which bee mates?\na. worker\nb. drone\nc. nurse\nd. guard\n\n2. Who lays eggs?\na. worker\nb. queen\nc. drone\nd. guard\n",
        ];
        yield 'wrapped-lines' => [
            "1. Which of the bees in a colony flies out to\nmate with a young queen?\na. worker\n*b. drone\n\n2. What is the name of the place where bees store the hon-\ney?\n*a. super\nb. brood box\n",
            "1. Which of the bees in a colony flies out to mate with a young queen?\na. worker\n*b. drone\n\n2. What is the name of the place where bees store the honey?\n*a. super\nb. brood box\n",
        ];
        yield 'bracketed-points' => [
            "1. Which bee mates? [2 marks]\na. worker\n*b. drone\n\n2. Who lays eggs? [1 mark]\n*a. queen\nb. worker\n",
            "1. (2 points) Which bee mates?\na. worker\n*b. drone\n\n2. (1 point) Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'true-false-columns' => [
            "True or false?\n\n1. Bees fly.          T    F\n2. Wasps make honey.  T    F\n",
            "True or false?\n\n1. Bees fly.\nTrue   False\n2. Wasps make honey.\nTrue   False\n",
        ];
        yield 'matching-lists' => [
            "1. Match each bee to its work.\n\n1) queen      A) mates\n2) drone      B) lays eggs\n3) worker     C) forages\n\nAnswer: 1-B, 2-A, 3-C\n\n2. Who?\na. x\n*b. y\n",
            "1. Match each bee to its work.\n\nqueen -> lays eggs\ndrone -> mates\nworker -> forages\n\n\n2. Who?\na. x\n*b. y\n",
        ];
        yield 'other-signs' => [
            "1/ Which bee mates?\na/ worker\nb/ drone\n\n2/ Who lays eggs?\na/ queen\nb/ worker\n",
            "1/ Which bee mates?\na. worker\nb. drone\n\n2/ Who lays eggs?\na. queen\nb. worker\n",
        ];
        yield 'roman-letters' => [
            "1. Which bee mates?\ni. worker\nii. drone\niii. nurse\n\n2. Who lays eggs?\ni. queen\nii. worker\niii. drone\n",
            "1. Which bee mates?\na. worker\nb. drone\nc. nurse\n\n2. Who lays eggs?\na. queen\nb. worker\nc. drone\n",
        ];
        yield 'option-letters' => [
            "1. Which bee mates?\n[ ] worker\n[x] drone\n\n2. Who lays eggs?\n[x] queen\n[ ] worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'marks-behind' => [
            "1. Which bee mates?\na. worker\nb. drone ✓\n\n2. Who lays eggs?\na. queen (correct)\nb. worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'answer-rules' => [
            "____ 1. Which bee mates?\na. worker\nb. drone\n\n_A__ 2. Who lays eggs?\na. queen\nb. worker\n",
            "1. Which bee mates?\na. worker\nb. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'answers-in-brackets' => [
            "1. Bees hibernate. (F)\n\n2. Drones have no sting. (T)\n",
            "1. Bees hibernate.\nFalse\n\n2. Drones have no sting.\nTrue\n",
        ];
        yield 'printed-blanks' => [
            "1. Honey is stored in the ..........\n\n2. A young queen is called a ______ queen.\n",
            "1. Honey is stored in the _____\n\n2. A young queen is called a ______ queen.\n",
        ];
        yield 'answer-lines' => [
            "1. Which bee mates?\na. worker\nb. drone\nCorrect answer: b\n\n2. Who lays eggs?\na. queen\nb. worker\nAns. (a)\n",
            "1. Which bee mates?\na. worker\nb. drone\nAnswer: b\n\n2. Who lays eggs?\na. queen\nb. worker\nAnswer: a\n",
        ];
        yield 'explanations' => [
            "1. Which bee mates?\na. worker\n*b. drone\n💡 Explanation: Workers never mate.\n",
            "1. Which bee mates?\na. worker\n*b. drone\nExplanation: Workers never mate.\n",
        ];
        yield 'bookkeeping' => [
            "1. Which bee mates?\na. worker\n*b. drone\nDifficulty: easy\nTopic: castes\nReference: p. 12\n",
            "1. Which bee mates?\na. worker\n*b. drone\n",
        ];
        yield 'writing-lines' => [
            "1. Describe how a swarm is hived.\n______________________\n______________________\n\n2. Which bee mates?\na. worker\n*b. drone\n",
            "1. Describe how a swarm is hived.\n...\n\n2. Which bee mates?\na. worker\n*b. drone\n",
        ];
        yield 'answer-key' => [
            "1. Which bee mates?\na. worker\nb. drone\n\n2. Who lays eggs?\na. queen\nb. worker\n\nAnswer key\n1. b\n2. a\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'sub-numbers' => [
            "1.1 Which bee mates?\na. worker\n*b. drone\n\n1.2 Who lays eggs?\n*a. queen\nb. worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'sections' => [
            "Part I: Multiple choice (2 points each)\n\n1. Which bee mates?\na. worker\n*b. drone\n\nPart II: True or false\n\n2. Bees fly.\nTrue\n",
            "\n1. (2 points) Which bee mates?\na. worker\n*b. drone\n\n\n2. Bees fly.\nTrue\n",
        ];
        yield 'kind-notes' => [
            "1. Which bee mates? (Multiple choice)\na. worker\n*b. drone\n\n2. [True/False] Bees fly.\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Bees fly.\nTrue   False\n",
        ];
        yield 'numbers' => [
            "3. Which bee mates?\na. worker\n*b. drone\n\n7. Who lays eggs?\n*a. queen\nb. worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
        yield 'blanks' => [
            "1.\tWhich  bee mates?\na.   worker\n*b.\tdrone\n",
            "1. Which bee mates?\na. worker\n*b. drone\n",
        ];
        yield 'blank-lines' => [
            "1. Which bee mates?\n\na. worker\n\n*b. drone\n\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
            "1. Which bee mates?\na. worker\n*b. drone\n\n2. Who lays eggs?\n*a. queen\nb. worker\n",
        ];
    }

    #[DataProvider('steps')]
    public function testAStepDoesItsWorkAloneAndSaysWhere(string $paper, string $tidied): void
    {
        $step = (string) $this->dataName();
        $result = Tidy::of($paper, self::allBut([$step]));
        self::assertSame($tidied, $result->text);
        $lines = explode("\n", $paper);
        foreach ($result->steps as $report) {
            self::assertTrue($step === $report->name || [] === $report->changes, "{$report->name} was switched off.");
            foreach ($report->changes as $change) {
                self::assertStringContainsString(trim(explode("\n", $change->before)[0]), $lines[$change->line - 1] ?? '', 'It says where.');
            }
        }
        self::assertContains($step, array_map(static fn (StepReport $report) => $report->name, $result->steps));
    }

    #[DataProvider('steps')]
    public function testASwitchedOffStepLeavesItsWorkUndone(string $paper): void
    {
        $step = (string) $this->dataName();
        $result = Tidy::of($paper, new Refusals([$step]));
        foreach ($result->steps as $report) {
            self::assertTrue($step !== $report->name || [] === $report->changes, "{$step} changed something.");
        }
    }

    public function testEveryStepIsAmongThem(): void
    {
        self::assertSame(self::names(), array_keys([...self::steps()]));
    }

    /** @param list<string> $kept */
    private static function allBut(array $kept): Refusals
    {
        return new Refusals(array_values(array_diff(self::names(), $kept)));
    }

    /** @return list<string> */
    private static function names(): array
    {
        return array_map(static fn (TidyStep $step) => $step->name(), Tidy::steps());
    }
}
