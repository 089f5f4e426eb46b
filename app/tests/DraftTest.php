<?php

declare(strict_types=1);

namespace App\Tests;

use App\Command\DraftCommand;
use Notagram\Message\Sentences;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Console\Tester\CommandTester;

/** Questions drafted from a passage, from the command line and for the interface, until somebody has read them. */
final class DraftTest extends ApiTestCase
{
    private const PASSAGE = "The year\n\nThe queen is the only mother of the whole colony. A worker is a female bee that gathers food. The drone is the only male bee of the colony. A queen takes 16 days from egg to emergence.\nA worker takes 21 days from egg to emergence.\n";

    public function testTheCommandDraftsAndSaysWhereEachDraftCameFrom(): void
    {
        $command = $this->draft(['--count' => '5', '--format' => 'json']);
        self::assertSame(0, $command->getStatusCode());
        $json = self::decoded($command->getDisplay());
        self::assertSame(['gift', []], [$json['notation'], $json['notes']]);
        self::assertSame('choice', self::at($json, 'questions.0.type'));
        self::assertSame(['startLine' => 3, 'startColumn' => 1, 'endLine' => 3, 'endColumn' => 50], self::at($json, 'questions.0.from'));
        self::assertSame(['startLine' => 4, 'startColumn' => 1, 'endLine' => 4, 'endColumn' => 46], self::at($json, 'questions.4.from'));

        self::assertStringContainsString("\nANSWER: ", $this->draft(['--to' => 'aiken'])->getDisplay());
        self::assertStringContainsString('The passage gave 3 drafts of the 10 asked for', $this->draft(['--to' => 'aiken'])->getDisplay());
        $request = $this->draft(['--request' => true, '--types' => 'gap,choice', '--count' => '3'])->getDisplay();
        self::assertStringStartsWith("Write 3 quiz questions from the passage below:\n- 2 sentences with a gap", $request);
        self::assertStringContainsString('The drone is the only male bee of the colony.', $request);
    }

    /** @param array<string, string> $options */
    #[TestWith([['--count' => '0'], 2, 'The number of drafts must be from 1 to 200'])]
    #[TestWith([['--count' => '201'], 2, 'The number of drafts must be from 1 to 200'])]
    #[TestWith([['--types' => 'essay'], 2, '“essay” is not a type of draft. Known: gap, true-false, choice.'])]
    #[TestWith([['--types' => 'gap', '--to' => 'aiken'], 2, 'Aiken has no questions of the type “Gap”.'])]
    #[TestWith([['--to' => 'docx'], 2, '“docx” is not a known notation.'])]
    public function testWhatCannotBeDraftedIsSaid(array $options, int $status, string $sentence): void
    {
        $command = $this->draft($options);
        self::assertSame($status, $command->getStatusCode());
        self::assertStringContainsString($sentence, $command->getDisplay());
    }

    public function testAPassageWithoutASentenceGivesNoneAndSaysSo(): void
    {
        $command = $this->draft([], 'Bee');
        self::assertSame(1, $command->getStatusCode());
        self::assertStringContainsString('There is no sentence here', $command->getDisplay());
    }

    public function testADraftIsUnreadUntilSomebodyHasReadIt(): void
    {
        $drafts = $this->call('POST', '/api/drafts', ['passage' => self::PASSAGE, 'notation' => 'gift', 'count' => 5]);
        self::assertSame('The year', $drafts['title']);
        $id = $this->createSheet(self::textAt($drafts, 'text'), 'gift');
        self::assertSame([1, 2, 3, 4, 5], $this->unread($id));
        $this->call('POST', "/api/sheets/{$id}/drafts", ['base' => $this->base($id), 'passage' => self::PASSAGE, 'drafts' => $drafts['starts']]);
        $this->assertStatus(204);

        $passages = $this->call('GET', "/api/sheets/{$id}/passages");
        self::assertSame(self::PASSAGE, self::at($passages, 'passages.0.text'));
        $origins = self::at($passages, 'passages.0.origins');
        self::assertIsArray($origins);
        self::assertSame(['The queen is the only mother of the whole colony.', 'A worker is a female bee that gathers food.', 'The drone is the only male bee of the colony.', 'A queen takes 16 days from egg to emergence.', 'A worker takes 21 days from egg to emergence.'], array_map(static function (mixed $origin): string {
            self::assertIsArray($origin);
            self::assertIsInt($origin['from']);
            self::assertIsInt($origin['to']);

            return substr(self::PASSAGE, $origin['from'], $origin['to'] - $origin['from']);
        }, $origins));

        $read = $this->call('POST', "/api/sheets/{$id}/drafts/read", ['base' => $this->base($id), 'question' => 1]);
        self::assertSame([['from' => 0, 'to' => 15, 'text' => '']], $read['edits']);
        self::assertSame([1, 2, 3, 4, 5], $this->unread($id), 'Until the browser has made the edit.');
    }

    public function testWhereTheNotationHasNoCommentsTheSheetKnowsWhatNobodyHasRead(): void
    {
        $drafts = $this->call('POST', '/api/drafts', ['passage' => self::PASSAGE, 'notation' => 'aiken']);
        $id = self::textAt($this->call('POST', '/api/sheets', ['title' => 'Drafts', 'text' => $drafts['text'], 'notation' => 'aiken', 'passage' => self::PASSAGE, 'drafts' => $drafts['starts']]), 'id');
        self::assertSame([1, 2, 3], $this->unread($id));

        // What is typed above moves them; what is read is no draft any more.
        $this->call('POST', "/api/sheets/{$id}/edits", ['base' => $this->base($id), 'changeId' => '01960000-0000-7000-8000-000000000001', 'edits' => [['from' => 0, 'to' => 0, 'text' => "Who stings?\nA. a drone\nB. a worker\nANSWER: B\n\n"]]]);
        self::assertSame([2, 3, 4], $this->unread($id));
        self::assertSame([], $this->call('POST', "/api/sheets/{$id}/drafts/read", ['base' => $this->base($id), 'question' => 3])['edits']);
        self::assertSame([2, 4], $this->unread($id));

        // Neither a copy nor another notation nor a gathering reads them.
        $copy = self::textAt($this->call('POST', "/api/sheets/{$id}/copies"), 'id');
        self::assertSame([2, 4], $this->unread($copy));
        $this->call('PATCH', "/api/sheets/{$copy}", ['rewriteAs' => 'gift']);
        self::assertSame([2, 4], $this->unread($copy));
        $gathered = self::textAt($this->call('POST', '/api/gathered', ['from' => [['sheet' => $id, 'questions' => [1, 4]]], 'title' => 'Gathered']), 'id');
        self::assertSame([2], $this->unread($gathered));
        self::assertCount(1, (array) $this->call('GET', "/api/sheets/{$gathered}/passages")['passages']);
    }

    public function testAPlaceWithinACharacterOfTwoUnitsHurtsNobody(): void
    {
        $id = self::textAt($this->call('POST', '/api/sheets', ['title' => 'Drafts', 'text' => "🐝🐝 Which?\nA. a\nB. b\nANSWER: A\n", 'notation' => 'aiken', 'drafts' => [3]]), 'id');
        self::assertSame([1], $this->unread($id));
    }

    public function testAReplyIsTakenWithoutWhatStandsAroundIt(): void
    {
        $drafts = $this->call('POST', '/api/drafts', ['passage' => self::PASSAGE, 'notation' => 'gift', 'reply' => "Sure!\n\n```\nA drone has a sting. {F}\n```"]);
        self::assertSame("// [tag:draft]\nA drone has a sting. {F}\n", $drafts['text']);
        self::assertSame([['type' => 'true-false', 'count' => 1]], $drafts['counts']);
        self::assertSame(['Left out, because it is no question: “Sure!”'], $drafts['notes']);

        $this->call('POST', '/api/drafts', ['passage' => '', 'notation' => 'gift', 'reply' => 'I cannot help with that.']);
        $this->assertStatus(422);
    }

    /** @param array<string, mixed> $wish */
    #[TestWith([['count' => 0]])]
    #[TestWith([['types' => ['gap'], 'notation' => 'aiken']])]
    #[TestWith([['types' => ['essay']]])]
    #[TestWith([['notation' => 'docx']])]
    public function testABadWishIsRefused(array $wish): void
    {
        $this->call('POST', '/api/drafts', [...['passage' => self::PASSAGE, 'notation' => 'gift'], ...$wish]);
        $this->assertStatus(422);
    }

    /** @return list<int> the numbers of the drafts that nobody has read */
    private function unread(string $id): array
    {
        $numbers = [];
        foreach ((array) $this->call('GET', "/api/sheets/{$id}/outlook")['findings'] as $found) {
            if ('draft.unread' === self::at($found, 'finding.code')) {
                self::assertIsInt($number = self::at($found, 'question'));
                $numbers[] = $number;
            }
        }

        return $numbers;
    }

    private function base(string $id): string
    {
        return self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
    }

    /** @param array<string, string|bool> $options */
    private function draft(array $options, string $passage = self::PASSAGE): CommandTester
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'passage');
        file_put_contents($file, $passage);
        $command = new CommandTester(new DraftCommand(Sentences::english()));
        $command->execute(['file' => $file, ...$options]);
        unlink($file);

        return $command;
    }
}
