<?php

declare(strict_types=1);

namespace App\Tests;

/** A document is brought in, tidied and marked by edits that the browser makes. */
final class BringInTest extends ApiTestCase
{
    private const PAPER = "Spring test\nName: ______\n\n1. Which bee mates?\na. worker   b. drone\n";

    public function testADocumentOpensWhereItIsTidied(): void
    {
        $created = $this->upload('Foundation paper 2016.docx', (string) file_get_contents(__DIR__.'/../demo/Foundation paper 2016.docx'));
        $this->assertStatus(201);
        self::assertTrue(self::at($created, 'untidy'));
        $sheet = $this->call('GET', '/api/sheets/'.self::textAt($created, 'id'));
        self::assertSame('starred', self::textAt($sheet, 'notation'));
        self::assertStringContainsString("1. Which bee lays the fertilised eggs of a colony?\nA. a drone\n", self::textAt($sheet, 'text'));
        $this->call('PATCH', '/api/sheets/'.self::textAt($created, 'id'), ['encoding' => 'windows-1252']);
        $this->assertStatus(422);
    }

    public function testTheSamplesOfTheEmptyShelfOpenWhereTheyAreTidied(): void
    {
        $samples = self::at($this->call('GET', '/api/offer'), 'samples');
        self::assertIsArray($samples);
        self::assertCount(6, $samples);
        foreach ($samples as $sample) {
            $created = $this->call('POST', '/api/samples/'.self::textAt($sample, 'name'));
            $this->assertStatus(201);
            // A package needs no tidying.
            self::assertSame('package' !== self::at($sample, 'name'), self::at($created, 'untidy'));
            self::assertSame(pathinfo(self::textAt($sample, 'fileName'), \PATHINFO_FILENAME), self::textAt($created, 'title'));
        }
        $this->call('POST', '/api/samples/passwd');
        $this->assertStatus(404);
    }

    public function testPicturesOfADocumentAreShownInItsProofAndNamedAsALoss(): void
    {
        $created = $this->upload('Swarm week.docx', (string) file_get_contents(__DIR__.'/../demo/Swarm week.docx'));
        $id = self::textAt($created, 'id');
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $body = self::bodyWith($sheet, 'Where does a swarm first settle?');
        self::assertStringContainsString('<img class="kept" src="/api/sheets/'.$id.'/pictures/1" alt="a cluster of bees hanging from a branch">', self::textAt($body, 'question.stem'));
        $this->browser->request('GET', "/api/sheets/{$id}/pictures/1");
        $picture = $this->browser->getResponse();
        self::assertSame('image/png', $picture->headers->get('Content-Type'));
        self::assertStringStartsWith("\x89PNG", (string) $picture->getContent());
        self::assertSame("default-src 'none'; sandbox", $picture->headers->get('Content-Security-Policy'), 'Opened by its own address, it does nothing.');
        $this->call('GET', "/api/sheets/{$id}/pictures/2");
        $this->assertStatus(404);

        $losses = json_encode($this->call('GET', "/api/sheets/{$id}/handover/gift"), \JSON_THROW_ON_ERROR);
        self::assertSame(1, substr_count($losses, ' stays here: the text only names it.'));
        self::assertStringContainsString('src=\\"data:image\\/png;base64,', json_encode($this->call('GET', "/api/sheets/{$id}/handover/gift:pictures-inside"), \JSON_THROW_ON_ERROR));
        $whole = self::textAt($this->call('POST', "/api/sheets/{$id}/copies"), 'id');
        self::assertSame($sheet['notes'], $this->call('GET', "/api/sheets/{$whole}")['notes'], 'A copy of a document knows what was left out,');
        $offered = self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'offered');
        self::assertNotSame([], $offered);
        self::assertSame($offered, self::at($this->call('GET', "/api/sheets/{$whole}/outlook"), 'offered'), 'and what was bold.');
        // Another text, such as one that lost a conflict, keeps the pictures.
        $copy = self::textAt($this->call('POST', '/api/sheets', ['title' => 'Copy', 'text' => self::textAt($sheet, 'text'), 'notation' => 'starred', 'picturesOf' => $id]), 'id');
        self::assertStringContainsString("/api/sheets/{$copy}/pictures/1", self::textAt(self::bodyWith($this->call('GET', "/api/sheets/{$copy}"), 'Where does a swarm'), 'question.stem'));
        $this->browser->request('GET', "/api/sheets/{$copy}/pictures/1");
        self::assertSame($picture->getContent(), $this->browser->getResponse()->getContent());
        // Another sheet has no picture of that number, whatever its text says.
        $other = $this->createSheet("1. See [picture 1].\na. x\n*b. y\n", 'starred');
        self::assertSame('See [picture 1].', self::textAt(self::bodyWith($this->call('GET', "/api/sheets/{$other}"), 'See'), 'question.stem'));
        $this->call('GET', "/api/sheets/{$other}/pictures/1");
        $this->assertStatus(404);
    }

    public function testTidyingGivesEditsThatMakeTheTidiedText(): void
    {
        $id = $this->createSheet(self::PAPER, 'starred');
        $base = $this->base($id);
        $tidied = $this->call('POST', "/api/sheets/{$id}/tidying", ['base' => $base, 'refusedSteps' => [], 'refusedLines' => []]);
        $this->assertStatus(200);
        self::assertSame("1. Which bee mates?\na. worker\nb. drone\n", self::made(self::PAPER, $tidied));
        self::assertSame(['kept', 'gone', 'new', 'kept'], array_column((array) self::at($tidied, 'rows.4.parts'), 'kind'));
        self::assertSame(['a. worker', "\n", 'b. drone'], [self::at($tidied, 'rows.4.parts.0.text'), self::at($tidied, 'rows.4.parts.2.text'), self::at($tidied, 'rows.4.parts.3.text')]);
        self::assertTrue(self::at($tidied, 'rows.0.leaves'));

        $refused = $this->call('POST', "/api/sheets/{$id}/tidying", ['base' => $base, 'refusedSteps' => ['titles'], 'refusedLines' => [2]]);
        self::assertSame("Spring test\n\nName: ______\n\n1. Which bee mates?\na. worker\nb. drone\n", str_replace("test\nName", "test\n\nName", self::made(self::PAPER, $refused)));
        self::assertSame(['name-lines'], self::at($refused, 'rows.1.steps'));
        self::assertSame([['kind' => 'kept', 'text' => 'Name: ______']], self::at($refused, 'rows.1.parts'));

        $this->call('POST', "/api/sheets/{$id}/tidying", ['base' => 'of another text', 'refusedSteps' => [], 'refusedLines' => []]);
        $this->assertStatus(409);
    }

    public function testASheetWaitsUntilItsTidiedTextIsUsedOrDismissed(): void
    {
        $id = $this->createSheet(self::PAPER, 'starred');
        self::assertTrue(self::at($this->call('GET', "/api/sheets/{$id}"), 'awaitsTidying'));
        self::assertSame(['questions' => 1, 'changes' => 4], self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'untidied'));
        self::assertTrue(self::at($this->call('GET', '/api/shelf'), 'sheets.0.awaitsTidying'));
        self::assertFalse(self::at($this->call('PATCH', "/api/sheets/{$id}", ['notation' => 'aiken']), 'awaitsTidying'), 'Aiken has its fixes.');
        self::assertTrue(self::at($this->call('PATCH', "/api/sheets/{$id}", ['notation' => 'starred']), 'awaitsTidying'));

        $this->call('PATCH', "/api/sheets/{$id}", ['awaitsTidying' => false]);
        self::assertNull(self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'untidied'));
        self::assertFalse(self::at($this->call('GET', '/api/shelf'), 'sheets.0.awaitsTidying'));
    }

    public function testTheShelfCountsTheAnswersToMark(): void
    {
        $this->createSheet("1. Which?\na. x\n*b. y\n\n2. Which then?\na. x\nb. y\n\n3. Tell.\n...\n", 'starred');
        self::assertSame(1, self::at($this->call('GET', '/api/shelf'), 'sheets.0.unmarked'), 'An essay has no answer to mark.');
    }

    public function testAPastedTextIsCalledAfterItsTitleAndEqualNamesGetANumber(): void
    {
        $paste = fn (string $text): string => self::textAt($this->call('POST', '/api/sheets', ['title' => null, 'text' => $text]), 'title');
        self::assertSame('Spring test', $paste(self::PAPER));
        self::assertSame('Spring test (2)', $paste(self::PAPER));
        self::assertSame('Spring test (3)', $paste(self::PAPER));
        self::assertSame('Pasted text', $paste("?\n"));
    }

    public function testTheOriginalStaysReachable(): void
    {
        $id = $this->createSheet(self::PAPER, 'starred');
        $this->call('POST', "/api/sheets/{$id}/edits", ['id' => 'one', 'base' => $this->base($id), 'digest' => '', 'edits' => [['from' => 0, 'to' => 11, 'text' => '']], 'target' => null, 'ofMany' => false]);
        self::assertSame(self::PAPER, self::textAt($this->call('GET', "/api/sheets/{$id}/original"), 'text'));
    }

    public function testAMarkIsAnEditAndNothingElse(): void
    {
        $text = "1. Which?\na. x é🐝\nb. y\n\n2. Bees fly.\nTrue   False\n\n3. Legs: ___\n";
        $id = $this->createSheet($text, 'starred');
        $mark = fn (int $question, string $what, mixed $answer): mixed => $this->call('POST', "/api/sheets/{$id}/marking", ['base' => $this->base($id), 'question' => $question, $what => $answer]);
        self::assertSame(str_replace('b. y', '*b. y', $text), self::made($text, $mark(1, 'keys', [1])));
        self::assertSame(str_replace('True   False', 'False', $text), self::made($text, $mark(2, 'truth', false)));
        self::assertSame(rtrim($text)."\nAnswer: six / 6\n", self::made($text, $mark(3, 'forms', 'six / 6')));
        $mark(3, 'keys', [0]);
        $this->assertStatus(422);
        $mark(9, 'keys', [0]);
        $this->assertStatus(422);
    }

    public function testAKeyListSaysWhatItWouldDo(): void
    {
        $text = "1. Which?\na. x\nb. y\n\n2. Which then?\na. x\nb. y\n";
        $id = $this->createSheet($text, 'starred');
        $key = $this->call('POST', "/api/sheets/{$id}/key", ['base' => $this->base($id), 'key' => '1 B 8 A']);
        self::assertSame(str_replace("a. x\nb. y\n\n2", "a. x\n*b. y\n\n2", $text), self::made($text, $key));
        self::assertSame(['There is no question 8.'], self::at($key, 'misfits'));
        self::assertSame(1, self::numberAt($key, 'unmarked'));
    }

    public function testRichTextIsReadWithItsLists(): void
    {
        $created = $this->call('POST', '/api/sheets', ['title' => 'Pasted', 'text' => "Which?\nx\ny", 'html' => '<ol><li>Which?<ol type="a"><li>x</li><li><b>y</b></li></ol></li></ol>']);
        $id = self::textAt($created, 'id');
        self::assertSame("1. Which?\na. x\nb. y\n", self::textAt($this->call('GET', "/api/sheets/{$id}"), 'text'));
        self::assertSame([['question' => 1, 'keys' => [1]]], self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'offered'));
    }

    /** What became of the question whose stem begins so. */
    private static function bodyWith(mixed $sheet, string $stem): mixed
    {
        $bodies = self::at($sheet, 'reading.bodies');
        self::assertIsArray($bodies);
        foreach ($bodies as $body) {
            if (null !== self::at($body, 'question') && str_starts_with(self::textAt($body, 'question.stem'), $stem)) {
                return $body;
            }
        }
        self::fail("No question begins with “{$stem}”.");
    }

    private function base(string $id): string
    {
        return self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
    }

    /** The text with the edits of an answer made, as the browser makes them. */
    private static function made(string $text, mixed $answer): string
    {
        $units = mb_convert_encoding($text, 'UTF-16LE', 'UTF-8');
        $edits = self::at($answer, 'edits');
        self::assertIsArray($edits);
        foreach (array_reverse($edits) as $edit) {
            $units = substr_replace($units, mb_convert_encoding(self::textAt($edit, 'text'), 'UTF-16LE', 'UTF-8'), 2 * self::numberAt($edit, 'from'), 2 * (self::numberAt($edit, 'to') - self::numberAt($edit, 'from')));
        }

        return mb_convert_encoding($units, 'UTF-8', 'UTF-16LE');
    }
}
