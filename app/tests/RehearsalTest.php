<?php

declare(strict_types=1);

namespace App\Tests;

use App\Command\RehearseCommand;
use Notagram\Handover\Targets;
use Notagram\Message\Sentences;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Console\Tester\CommandTester;

/** A trial import, from the command line and for the interface. */
final class RehearsalTest extends ApiTestCase
{
    private const TEXT = "\$CATEGORY: Wax\n\nOne? {=a ~b}\n\nTwo? {=a ~b\n\nThree? {T}\n";

    public function testTheCommandCountsAndNamesWhatDoesNotArrive(): void
    {
        $command = $this->rehearse(['--format' => 'json']);
        self::assertSame(1, $command->getStatusCode());
        $json = self::decoded($command->getDisplay());
        self::assertSame(
            ['questions' => 3, 'taken' => 1, 'refused' => [['number' => 2, 'line' => 5, 'reason' => 'The answers have no end.', 'codes' => ['gift.brace-unclosed']]], 'stoppedAt' => 2, 'notReached' => 1, 'categories' => [['path' => ['Wax'], 'questions' => 1]], 'different' => []],
            array_diff_key($json, ['received' => null]),
        );
        self::assertSame([1, 'One?', ['Wax']], [self::at($json, 'received.0.number'), self::at($json, 'received.0.stem'), self::at($json, 'received.0.category')]);

        $text = $this->rehearse(['--on-fault' => 'skip']);
        self::assertSame("Question 2, line 5: The answers have no end.\n2 questions in “Wax”\n2 of 3 arrive.\n", $text->getDisplay());
        self::assertSame(0, $this->rehearse([], "One? {T}\n")->getStatusCode());
        self::assertSame(1, $this->rehearse([], '')->getStatusCode());
    }

    /** @param array<string, string> $options */
    #[TestWith([['--on-fault' => 'skip', '--keep-before' => 'no'], '--keep-before is for a receiver that stops.'])]
    #[TestWith([['--on-fault' => 'jump'], '--on-fault takes one of: stop, skip.'])]
    #[TestWith([['--keep-before' => 'some'], '--keep-before takes one of: yes, no.'])]
    #[TestWith([['--encoding' => 'latin'], '--encoding takes one of: utf-8, any.'])]
    #[TestWith([['--to' => 'paper'], '--to takes one of: gift, aiken, qti21, qti30, qti12.'])]
    public function testWhatCannotBeChosenIsSaid(array $options, string $sentence): void
    {
        $command = $this->rehearse($options);
        self::assertSame([2, $sentence], [$command->getStatusCode(), trim($command->getDisplay())]);
    }

    public function testTheInterfaceIsToldWhatEachQuestionBecame(): void
    {
        $id = $this->createSheet(self::TEXT, 'gift');
        $told = $this->call('GET', "/api/sheets/{$id}/rehearsal?onFault=stop-keep");
        self::assertSame(['gift', 3, 2, 1], [self::at($told, 'to'), self::at($told, 'questions'), self::at($told, 'stoppedAt'), self::at($told, 'notReached')]);
        self::assertSame([['number' => 1, 'type' => 'choice', 'title' => null, 'stem' => 'One?', 'answers' => [['text' => 'a', 'earns' => '100'], ['text' => 'b', 'earns' => '0']]]], self::at($told, 'taken'));
        self::assertSame([['number' => 2, 'line' => 5, 'reason' => 'The answers have no end.']], self::at($told, 'refused'));

        $aiken = $this->call('GET', "/api/sheets/{$id}/rehearsal?onFault=skip&to=aiken");
        self::assertSame('aiken', self::at($aiken, 'to'));
        $this->call('GET', "/api/sheets/{$id}/rehearsal?to=paper");
        $this->assertStatus(404);
        $this->call('GET', "/api/sheets/{$id}/rehearsal?onFault=jump");
        $this->assertStatus(404);
    }

    /** The file is rehearsed as it came, until its text is changed: then it goes out as UTF-8. */
    public function testAFileInAnotherEncodingIsRehearsedAsItCame(): void
    {
        $id = self::textAt($this->upload('café.gift.txt', mb_convert_encoding("Où? {=café ~thé}\n", 'Windows-1252', 'UTF-8')), 'id');
        self::assertSame('The file is not UTF-8.', self::at($this->call('GET', "/api/sheets/{$id}/rehearsal"), 'refused.0.reason'));
        self::assertSame('O??', self::at($this->call('GET', "/api/sheets/{$id}/rehearsal?anyEncoding=1"), 'taken.0.stem'));

        $hash = self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        $this->call('POST', "/api/sheets/{$id}/edits", ['changeId' => '0198c000-0000-7000-8000-000000000001', 'base' => $hash, 'digest' => null, 'edits' => [['from' => 0, 'to' => 0, 'text' => '::T:: ']]]);
        self::assertSame('Où?', self::at($this->call('GET', "/api/sheets/{$id}/rehearsal"), 'taken.0.stem'));
    }

    /** @param array<string, string> $options */
    private function rehearse(array $options, string $text = self::TEXT): CommandTester
    {
        $file = tempnam(sys_get_temp_dir(), 'rehearse');
        self::assertNotFalse($file);
        file_put_contents($file, $text);
        $command = new CommandTester(new RehearseCommand(Sentences::english(), Targets::standard()));
        $command->execute(['file' => $file, '--notation' => 'gift', ...$options]);
        unlink($file);

        return $command;
    }
}
