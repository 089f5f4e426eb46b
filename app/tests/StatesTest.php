<?php

declare(strict_types=1);

namespace App\Tests;

use Symfony\Component\Uid\Uuid;

/** The texts that a sheet once had: listed, held against the one of today, taken away. */
final class StatesTest extends ApiTestCase
{
    public function testWhatWasKeptIsListedAndShownAgainstToday(): void
    {
        $id = $this->createSheet("One? {T}\n\nTwo? {=a\n");
        self::assertSame([['import', 2, 1]], $this->listed($id));
        $this->type($id, 0, 3, 'First', isMendOfMany: true);

        self::assertSame([['mend-of-many', 2, 1], ['import', 2, 1]], $this->listed($id));
        $state = $this->call('GET', "/api/sheets/{$id}/states/".self::textAt($this->call('GET', "/api/sheets/{$id}/states"), 'states.0.id'));
        self::assertSame("One? {T}\n\nTwo? {=a\n", $state['text']);
        self::assertSame([1, 'One? {T}', 'First? {T}'], [$state['differing'], self::at($state, 'places.0.before'), self::at($state, 'places.0.after')]);
    }

    public function testATextBroughtBackIsOneMoreState(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $this->type($id, 0, 3, 'First', isMendOfMany: true);
        $this->type($id, 0, 5, 'One', isMendOfMany: true);

        self::assertSame("One? {T}\n", $this->call('GET', "/api/sheets/{$id}")['text']);
        $states = (array) $this->call('GET', "/api/sheets/{$id}/states")['states'];
        self::assertCount(3, $states);
        self::assertSame("First? {T}\n", $this->call('GET', "/api/sheets/{$id}/states/".self::textAt($states, '0.id'))['text'], 'What was there before is kept.');
    }

    public function testAStateIsCountedInTheNotationThatItHad(): void
    {
        $id = $this->createSheet("Which?\nA. a\nB. b\nANSWER: A\n\nWho?\nA. a\nB. b\nANSWER: B\n", 'aiken');
        $this->call('PATCH', "/api/sheets/{$id}", ['rewriteAs' => 'gram']);

        self::assertSame([['new-notation', 2, 2], ['import', 2, 2]], $this->listed($id));
        self::assertSame('aiken', self::textAt($this->call('GET', "/api/sheets/{$id}/states"), 'states.0.notation'));
    }

    public function testAStateOfAnotherSheetIsNotShown(): void
    {
        $id = $this->createSheet('One? {T}');
        $other = $this->createSheet('Two? {T}');
        $state = self::textAt($this->call('GET', "/api/sheets/{$other}/states"), 'states.0.id');
        $answer = $this->call('GET', "/api/sheets/{$id}/states/{$state}");

        $this->assertStatus(404);
        self::assertSame('This earlier state is no longer there.', $answer['message']);
    }

    public function testTheFileComesBackAsItCame(): void
    {
        $bytes = "\xEF\xBB\xBFCaf\xC3\xA9? {T}\r\n";
        $id = self::textAt($this->upload('Été.txt', $bytes), 'id');
        $this->type($id, 0, 4, 'Tea');
        $this->browser->request('GET', "/api/sheets/{$id}/original-file");
        $response = $this->browser->getResponse();

        self::assertSame($bytes, $response->getContent());
        self::assertStringContainsString(rawurlencode('Été.txt'), (string) $response->headers->get('Content-Disposition'));
    }

    private function type(string $id, int $from, int $to, string $text, bool $isMendOfMany = false): void
    {
        $this->call('POST', "/api/sheets/{$id}/edits", ['changeId' => Uuid::v4()->toRfc4122(), 'base' => self::at($this->call('GET', "/api/sheets/{$id}"), 'reading.hash'), 'digest' => null, 'edits' => [['from' => $from, 'to' => $to, 'text' => $text]], 'isMendOfMany' => $isMendOfMany]);
        $this->assertStatus(200);
    }

    /** @return list<array{mixed, mixed, mixed}> why, questions, sound ones */
    private function listed(string $id): array
    {
        $listed = [];
        foreach ((array) $this->call('GET', "/api/sheets/{$id}/states")['states'] as $state) {
            self::assertIsArray($state);
            $listed[] = [$state['reason'], $state['questions'], $state['sound']];
        }

        return $listed;
    }
}
