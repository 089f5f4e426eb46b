<?php

declare(strict_types=1);

namespace App\Tests;

use Notagram\Handover\Targets;
use Notagram\Tests\Handover\ZippedTarget;

final class SheetTest extends ApiTestCase
{
    public function testTheNotationOfAPastedTextIsFoundOut(): void
    {
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet("Which?\nA. one\nB. two\nANSWER: B\n"));

        self::assertSame('aiken', $sheet['notation']);
        self::assertSame('choice', self::at($sheet, 'reading.bodies.0.question.type'));
    }

    public function testOffsetsAreTheBrowsersWhateverTheText(): void
    {
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet("🐝é? {=a ~b\n"));
        $finding = (array) self::at($sheet, 'reading.bodies.0.findings.0');

        self::assertSame('gift.brace-unclosed', $finding['code']);
        // The bee counts two, é one, ? one, the blank one.
        self::assertSame(5, $finding['from']);
        self::assertSame([['from' => 11, 'to' => 11, 'text' => '}']], self::at($finding, 'fix.edits'));
    }

    public function testAFileIsDecodedKeptAndDecodedAnew(): void
    {
        $id = self::textAt($this->upload('Café.txt', "Caf\xE9? {T}\n"), 'id');
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        self::assertSame("Café? {T}\n", $sheet['text']);
        self::assertSame('windows-1252', self::at($sheet, 'encoding.name'));
        self::assertSame('text.not-utf8', self::at($sheet, 'reading.ofSheet.0.code'));

        $anew = $this->call('PATCH', "/api/sheets/{$id}", ['encoding' => 'windows-1251']);
        self::assertSame("Cafй? {T}\n", $anew['text']);
        $back = $this->call('PATCH', "/api/sheets/{$id}", ['encoding' => 'windows-1252']);
        self::assertSame("Café? {T}\n", $back['text']);

        $agreed = $this->call('PATCH', "/api/sheets/{$id}", ['plainUtf8' => true]);
        self::assertSame([], self::at($agreed, 'reading.ofSheet'));
        $this->browser->request('GET', "/api/sheets/{$id}/mended-file");
        self::assertSame("Café? {T}\n", $this->browser->getResponse()->getContent());
        self::assertStringContainsString("filename*=utf-8''Caf%C3%A9.txt", (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
    }

    public function testTheExpectedNumberIsSetAndTakenBack(): void
    {
        $id = $this->createSheet("One? {T}\n");
        self::assertSame(2, $this->call('PATCH', "/api/sheets/{$id}", ['expected' => 2])['expected']);
        self::assertSame('sheet.count-differs', self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'findings.0.finding.code'));
        self::assertNull($this->call('PATCH', "/api/sheets/{$id}", ['expected' => 0])['expected']);
        self::assertSame([], $this->call('GET', "/api/sheets/{$id}/outlook")['findings']);
    }

    public function testMendingSaysItsEditsInTheBrowsersPlaces(): void
    {
        $id = $this->createSheet("🐝? {T}\nTwo? {F}\n");
        $hash = self::at($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        $mended = $this->call('POST', "/api/sheets/{$id}/mending", ['base' => $hash]);

        self::assertSame([['code' => 'gift.missing-blank-line', 'times' => 1]], $mended['changes']);
        self::assertSame([['from' => 8, 'to' => 8, 'text' => "\n"]], $mended['edits']);
        $this->call('POST', "/api/sheets/{$id}/mending", ['base' => 'another']);
        $this->assertStatus(409);
    }

    public function testEachTargetIsWeighedBeforeOneIsChosen(): void
    {
        $id = $this->createSheet("Which? {=a ~b}\n\n::Say:: Say. {}\n\nWhich then? {~a ~b}\n");
        $prospects = $this->call('GET', "/api/sheets/{$id}/prospects");
        self::assertSame(self::at($this->call('GET', "/api/sheets/{$id}"), 'reading.hash'), $prospects['hash']);
        self::assertContains(['target' => 'gift', 'whole' => 2, 'changed' => 0, 'notReady' => 1, 'dropped' => 0], (array) $prospects['targets']);
        self::assertContains(['target' => 'aiken', 'whole' => 1, 'changed' => 0, 'notReady' => 0, 'dropped' => 2], (array) $prospects['targets']);
    }

    public function testHandOverWritesEachBlockAndNamesItsLosses(): void
    {
        $id = $this->createSheet("Which? {=a ~b}\n\nSay. {}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $written = $this->call('GET', "/api/sheets/{$id}/handover/aiken");

        self::assertSame(self::at($sheet, 'reading.digest'), $written['digest']);
        self::assertSame(["Which?\nA. a\nB. b\nANSWER: A", '', ''], array_column((array) $written['blocks'], 'text'), 'One for each block, blank lines among them.');
        self::assertSame('Aiken has no essays.', self::at($written, 'blocks.2.losses.0.message'));
        self::assertSame('Test (Aiken).txt', $written['fileName']);
        $this->browser->request('GET', "/api/sheets/{$id}/file/aiken");
        self::assertSame("Which?\nA. a\nB. b\nANSWER: A\n", $this->browser->getResponse()->getContent());
        self::assertStringContainsString('"Test (Aiken).txt"', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
        $this->call('GET', "/api/sheets/{$id}/handover/nothing");
        $this->assertStatus(404);
    }

    public function testAListIsNumberedWhereItIsPutTogether(): void
    {
        $id = $this->createSheet("One? {T}\n\nOne? {T}\n");
        $written = $this->call('GET', "/api/sheets/{$id}/handover/".rawurlencode('starred:A),stars-after'));

        self::assertSame(["1. One?\nTrue", '', "2. One?\nTrue"], array_column((array) $written['blocks'], 'text'));
    }

    /** A target that writes bytes needs nothing but itself. */
    public function testATargetMayBeAFileOfAnotherKind(): void
    {
        $id = $this->createSheet("One? {T}\n\nTwo? {=a\n");
        $this->browser->disableReboot();
        self::getContainer()->set(Targets::class, new Targets([...Targets::standard()->all, new ZippedTarget()]));

        $target = self::at($this->call('GET', '/api/offer'), 'targets.11');
        self::assertSame(['Zipped', false], [self::at($target, 'label'), self::at($target, 'isByBlock')]);
        $written = $this->call('GET', "/api/sheets/{$id}/handover/zipped");
        self::assertSame('This question could not be read, so it cannot be written.', self::at($written, 'blocks.2.losses.0.message'));
        self::assertFalse(self::at($written, 'isText'));
        $this->browser->request('GET', "/api/sheets/{$id}/file/zipped");
        $response = $this->browser->getResponse();
        self::assertStringStartsWith("PK\x03\x04", (string) $response->getContent());
        self::assertSame('application/zip', $response->headers->get('Content-Type'));
        self::assertStringContainsString('"Test (Zipped).zip"', (string) $response->headers->get('Content-Disposition'));
    }

    public function testAPaperIsShownAsThePageThatItIsAndRunsNothing(): void
    {
        $id = $this->createSheet("<script>alert(1)</script>One? {T}\n");
        $this->browser->request('GET', "/api/sheets/{$id}/page/".rawurlencode('paper:key-last-page'));
        $response = $this->browser->getResponse();
        self::assertStringContainsString('<title>Test</title>', (string) $response->getContent());
        self::assertStringNotContainsString('<script', (string) $response->getContent());
        self::assertStringContainsString("default-src 'none'", (string) $response->headers->get('Content-Security-Policy'));
        self::assertStringContainsString("frame-ancestors 'self'", (string) $response->headers->get('Content-Security-Policy'));
        $this->call('GET', "/api/sheets/{$id}/page/gift");
        $this->assertStatus(404);
        self::assertTrue(self::at($this->call('GET', '/api/offer'), 'targets.9.isPage'));
        self::assertFalse(self::at($this->call('GET', "/api/sheets/{$id}/handover/paper"), 'isText'));
        $pdf = $this->call('GET', "/api/sheets/{$id}/handover/paper:as-pdf");
        self::assertNull(self::at($pdf, 'fileSize'), 'It is written for those who take it away.');
        self::assertStringEndsWith('.pdf', self::textAt($pdf, 'fileName'));
        $this->browser->request('GET', "/api/sheets/{$id}/file/paper:as-pdf");
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }

    public function testTheShelfShowsTheStateOfEachQuestion(): void
    {
        $id = $this->createSheet("One? {T}\n\nTwo {=a\n\n::x:: Three? {~a ~b}\n\nMatch. {=a -> b =c -> d}\n");
        $find = fn (): mixed => array_values(array_filter((array) $this->call('GET', '/api/shelf')['sheets'], static fn (mixed $sheet) => \is_array($sheet) && $sheet['id'] === $id))[0] ?? null;

        self::assertSame('sbfd', self::at($find(), 'states'));
        self::assertSame(2, self::at($find(), 'sound'));
        $this->call('PATCH', "/api/sheets/{$id}", ['notation' => 'aiken']);
        self::assertSame('', self::at($find(), 'states'), 'What the shelf remembers is forgotten with the notation.');
        $this->call('DELETE', "/api/sheets/{$id}");
        $this->assertStatus(204);
        self::assertNull($find());
        $this->call('GET', "/api/sheets/{$id}");
        $this->assertStatus(404);
        $this->call('POST', "/api/sheets/{$id}/return");
        self::assertNotNull($find());
    }

    public function testATitleIsCleanedAndNeverAPath(): void
    {
        $id = self::textAt($this->upload("../../etc/pa\x01sswd.txt", "One? {T}\n"), 'id');
        $this->call('PATCH', "/api/sheets/{$id}", ['title' => "  a/b\\c\n\"d\"  "]);
        $this->browser->request('GET', "/api/sheets/{$id}/file/gift");

        self::assertSame('a b c d (GIFT).txt', (string) preg_replace('/^.*filename="([^"]*)".*$/', '$1', (string) $this->browser->getResponse()->headers->get('Content-Disposition')));
    }

    public function testWhatIsSwitchedOffIsNotMendedInTheFileEither(): void
    {
        $id = $this->createSheet("Which bee mates?\nA) drone\nB) worker\nANSWER:A\n", 'aiken');
        $file = function () use ($id): string {
            $this->browser->request('GET', "/api/sheets/{$id}/mended-file");

            return (string) $this->browser->getResponse()->getContent();
        };
        self::assertStringContainsString('ANSWER: A', $file());
        $this->call('PATCH', "/api/sheets/{$id}", ['switchedOff' => ['aiken.answer-format']]);

        self::assertStringContainsString('ANSWER:A', $file());
    }

    public function testATextThatIsNoListOfQuestionsHasNoSoundOne(): void
    {
        $id = $this->createSheet("term;meaning;page\ndrone;a male bee;3\nqueen;she lays;4\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        self::assertFalse(self::at($sheet, 'reading.isRecognised'));
        self::assertSame(['sheet.nothing-recognised', 'fault'], [self::at($sheet, 'reading.ofSheet.0.code'), self::at($sheet, 'reading.ofSheet.0.level')]);
        self::assertSame([0, 'f'], [self::at($this->call('GET', '/api/shelf'), 'sheets.0.sound'), self::at($this->call('GET', '/api/shelf'), 'sheets.0.states')]);
    }
}
