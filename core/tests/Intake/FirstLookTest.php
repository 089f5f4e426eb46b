<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\FirstLook;
use Notagram\Notation\Notations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FirstLookTest extends TestCase
{
    /** @return iterable<string, array{string, ?string}> */
    public static function names(): iterable
    {
        yield 'the title of a printed test' => ["Spring test\nName: ______\n\n1. Which bee mates?\n(a) worker\n(b) drone\n", 'Spring test'];
        yield 'a heading in Markdown' => ["## Bees and **hives**\n\n1. Which bee mates?\na) worker\nb) drone\n", 'Bees and hives'];
        yield 'the first question, where a chat greets' => ["Sure! Here are two questions:\n\n1. **Which bee mates?**\na) worker\nb) drone\n\n2. Which then?\na) x\nb) y\n", 'Which bee mates?'];
        yield 'a GIFT text with a greeting' => ["Certainly! Here is your quiz:\n\nBees make honey. {T}\n", 'Bees make honey.'];
        yield 'a comment above GIFT' => ["// Castes of the hive\n\n::Q1:: Drones sting. {F}\n", 'Castes of the hive'];
        yield 'the title of a GIFT question' => ["::Drones:: Drones sting. {F}\n", 'Drones'];
        yield 'words without tags' => ["[html]<p>What is a <b>nuc</b>?</p> {=a small colony}\n", 'What is a nuc?'];
        yield 'an instruction is no title' => ["Answer all the questions.\n\nWhat is wax?\nA. fat\nB. stone\nANSWER: A\n", 'What is wax?'];
        yield 'a long question, cut between words' => ["What would a beekeeper who opens the hive on a cold and windy day in early spring see?\nA. bees\nB. wasps\nANSWER: A\n", 'What would a beekeeper who opens the hive on a cold and …'];
        yield 'in Greek' => ["Τι είναι η κυψέλη; {=σπίτι ~πουλί}\n", 'Τι είναι η κυψέλη;'];
        yield 'only signs' => ["?? {T}\n", null];
        yield 'nothing' => ['', null];
    }

    #[DataProvider('names')]
    public function testATextIsCalledAfterWhatItSays(string $text, ?string $name): void
    {
        self::assertSame($name, FirstLook::at($text, Notations::detect($text))->name);
    }

    public function testOnlyAPrintedTestWaitsToBeTidied(): void
    {
        $isUntidy = static fn (string $text): bool => FirstLook::at($text, Notations::detect($text))->isUntidy;
        self::assertTrue($isUntidy("Spring test\n\n1. Which bee mates?\n(a) worker\n(b) drone\n"));
        self::assertFalse($isUntidy("1. Which bee mates?\na) worker\n*b) drone\n"), 'It is tidy.');
        self::assertFalse($isUntidy("Which bee mates?  {=drone ~worker}\n"), 'GIFT has its fixes.');
        $long = implode("\n", array_map(static fn (int $number) => "{$number}. Which bee mates?\n(a] worker\n(b] drone\n", range(1, 2_000)));
        self::assertTrue($isUntidy($long), 'By its start.');
    }
}
