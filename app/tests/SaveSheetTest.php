<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Sheet;
use App\Reading\SheetReader;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Uid\Uuid;

final class SaveSheetTest extends ApiTestCase
{
    public function testOnlyWhatChangedTravels(): void
    {
        $id = $this->createSheet("One? {T}\n\nTwo? {F}\n\nThree? {T}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $saved = $this->save($id, $sheet, [['from' => 13, 'to' => 13, 'text' => ' really']]);

        $this->assertStatus(200);
        self::assertSame(2, self::at($saved, 'reading.splice.keepStart'));
        self::assertSame(2, self::at($saved, 'reading.splice.keepEnd'));
        self::assertCount(1, (array) self::at($saved, 'reading.bodies'));
        self::assertSame('Two really?', self::at($saved, 'reading.bodies.0.question.stem'));
        self::assertSame("One? {T}\n\nTwo really? {F}\n\nThree? {T}\n", self::at($this->call('GET', "/api/sheets/{$id}"), 'text'));
    }

    public function testALargeSheetOpensWithWhatIsSeenAndBringsTheRestWhenAskedTo(): void
    {
        $id = $this->createSheet(implode("\n\n", array_map(static fn (int $number) => "Question {$number}? {T}", range(1, 300))));
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        /** @var list<string> $names */
        $names = array_column((array) self::at($sheet, 'reading.splice.put'), 'id');
        $bodies = array_column((array) self::at($sheet, 'reading.bodies'), null, 'id');
        self::assertCount(599, $names, 'Where every question stands is known at once.');
        self::assertCount(SheetReader::IN_SIGHT, $bodies);

        $rest = $this->call('GET', "/api/sheets/{$id}/bodies?from=300");
        $bodies += array_column((array) $rest['bodies'], null, 'id');
        self::assertArrayHasKey($names[598], $bodies);
        self::assertArrayNotHasKey($names[298], $bodies);
        $asTarget = array_column((array) $this->call('GET', "/api/sheets/{$id}/bodies?from=0&target=aiken")['bodies'], null, 'id');
        self::assertSame([], array_diff($names, array_keys($asTarget)));
        self::assertStringStartsWith('Question 150?', self::textAt($asTarget[$names[298]], 'written.text'));

        self::assertSame(['bodies' => []], $this->call('GET', "/api/sheets/{$id}/bodies?from=599"));
        $this->call('GET', "/api/sheets/{$id}/bodies?from=-1");
        $this->assertStatus(404);
    }

    public function testALargePasteComesInPartsToo(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $pasted = implode('', array_map(static fn (int $number) => "\nQuestion {$number}? {T}\n", range(1, SheetReader::AT_MOST)));
        $saved = $this->save($id, $this->call('GET', "/api/sheets/{$id}"), [['from' => 9, 'to' => 9, 'text' => $pasted]]);

        self::assertCount(2 * SheetReader::AT_MOST, (array) self::at($saved, 'reading.splice.put'));
        self::assertCount(SheetReader::AT_MOST, (array) self::at($saved, 'reading.bodies'));
    }

    public function testWhatTheBrowserHasIsKnownEvenWhereNothingWasKept(): void
    {
        $id = $this->createSheet("One? {T}\n\nTwo? {F}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $cache = self::getContainer()->get(CacheItemPoolInterface::class);
        self::assertInstanceOf(CacheItemPoolInterface::class, $cache);
        $cache->clear();
        $saved = $this->save($id, $sheet, [['from' => 13, 'to' => 13, 'text' => '!']]);

        self::assertSame(2, self::at($saved, 'reading.splice.keepStart'));
    }

    public function testLineEndingsAndWhatWasNotTouchedStay(): void
    {
        $created = $this->upload('mixed.txt', "One? {T}\r\n\r\nTwo? {F}\r\n\nThree 🐝? {T}\r\n");
        $id = self::textAt($created, 'id');
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        self::assertSame("One? {T}\n\nTwo? {F}\n\nThree 🐝? {T}\n", $sheet['text']);
        // After the bee, which is two of the browser's units.
        $saved = $this->save($id, $sheet, [['from' => 28, 'to' => 28, 'text' => "!\nor"]]);

        self::assertSame(Sheet::hashOf("One? {T}\r\n\r\nTwo? {F}\r\n\nThree 🐝!\r\nor? {T}\r\n"), self::at($saved, 'reading.hash'));
    }

    public function testLineEndingsAreMadeAlikeWhenAskedFor(): void
    {
        $id = self::textAt($this->upload('mixed.txt', "One? {T}\r\n\r\nTwo? {F}\n"), 'id');
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        self::assertSame(['text.mixed-line-endings', 'line-endings', []], [self::at($sheet, 'reading.ofSheet.0.code'), self::at($sheet, 'reading.ofSheet.0.fix.of'), self::at($sheet, 'reading.ofSheet.0.fix.edits')]);

        $alike = $this->call('PATCH', "/api/sheets/{$id}", ['oneLineEnding' => true]);
        self::assertSame([], self::at($alike, 'reading.ofSheet'));
        self::assertSame('crlf', $alike['lineEnding']);
    }

    public function testATextThatStandsThereIsNeverOverwritten(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $this->save($id, $sheet, [['from' => 0, 'to' => 3, 'text' => 'First']]);
        $conflict = $this->save($id, $sheet, [['from' => 0, 'to' => 3, 'text' => 'Second']]);

        $this->assertStatus(409);
        self::assertSame("First? {T}\n", $conflict['text']);
        self::assertSame("First? {T}\n", $this->call('GET', "/api/sheets/{$id}")['text']);
    }

    public function testARequestThatCameTwiceIsAppliedOnce(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $changeId = Uuid::v4()->toRfc4122();
        $this->save($id, $sheet, [['from' => 0, 'to' => 0, 'text' => 'x']], $changeId);
        $again = $this->save($id, $sheet, [['from' => 0, 'to' => 0, 'text' => 'x']], $changeId);

        $this->assertStatus(200);
        self::assertSame(0, self::at($again, 'reading.splice.keepStart'), 'The answer does not know what arrived, so it brings all.');
        self::assertSame("xOne? {T}\n", $this->call('GET', "/api/sheets/{$id}")['text']);
    }

    public function testTheIdOfAnotherChangeIsRefused(): void
    {
        $ids = [$this->createSheet("One? {T}\n"), $this->createSheet("One? {T}\n")];
        $sheet = $this->call('GET', "/api/sheets/{$ids[0]}");
        $changeId = Uuid::v4()->toRfc4122();
        $this->save($ids[0], $sheet, [['from' => 0, 'to' => 0, 'text' => 'x']], $changeId);
        foreach ([[$ids[1], 'x'], [$ids[0], 'y']] as [$id, $text]) {
            $answer = $this->save($id, $sheet, [['from' => 0, 'to' => 0, 'text' => $text]], $changeId);

            $this->assertStatus(422);
            self::assertSame('Another change was saved under the same id before. Reload the page and type it again.', $answer['message']);
        }
        self::assertSame("One? {T}\n", $this->call('GET', "/api/sheets/{$ids[1]}")['text']);
    }

    public function testAnEditWithinACharacterIsRefused(): void
    {
        $id = $this->createSheet("Bee 🐝? {T}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $this->save($id, $sheet, [['from' => 5, 'to' => 5, 'text' => 'x']]);

        $this->assertStatus(422);
        self::assertSame("Bee 🐝? {T}\n", $this->call('GET', "/api/sheets/{$id}")['text']);
    }

    public function testEditsThatDoNotFitAreRefused(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        foreach ([
            [['from' => 0, 'to' => 99, 'text' => '']],
            [['from' => 5, 'to' => 2, 'text' => '']],
            [['from' => 4, 'to' => 6, 'text' => ''], ['from' => 0, 'to' => 1, 'text' => '']],
        ] as $edits) {
            $this->save($id, $sheet, $edits);
            $this->assertStatus(422);
        }
        self::assertSame("One? {T}\n", $this->call('GET', "/api/sheets/{$id}")['text']);
    }

    /** The law of incremental reading: splices lead where a full read leads. */
    public function testSplicesLeadWhereAFullReadLeads(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        $pieces = ["\n", "\n\n", '{', '}', '=a ~b', "\n\nNew? {T}\n\n", '::t::', "\n\$CATEGORY: A\n", 'é🐝', '// c', ' '];
        $id = $this->createSheet(implode("\n", array_map(static fn (int $number) => "Question {$number}? {=a ~b}\n", range(1, 12))));
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        $blocks = array_column((array) self::at($sheet, 'reading.splice.put'), 'id');
        $bodies = array_column((array) self::at($sheet, 'reading.bodies'), null, 'id');
        for ($step = 0; $step < 60; ++$step) {
            $length = mb_strlen(self::textAt($sheet, 'text')) + (int) preg_match_all('/[\xF0-\xF4]/', self::textAt($sheet, 'text'));
            $places = array_map(static fn () => $random->getInt(0, $length), range(1, 2));
            sort($places);
            if ($this->isInsideACharacter(self::textAt($sheet, 'text'), $places)) {
                continue;
            }
            $edits = [['from' => $places[0], 'to' => min($places[1], $places[0] + $random->getInt(0, 9)), 'text' => $pieces[$random->getInt(0, \count($pieces) - 1)]]];
            if ($this->isInsideACharacter(self::textAt($sheet, 'text'), [$edits[0]['to']])) {
                continue;
            }
            $saved = $this->save($id, $sheet, $edits);
            $this->assertStatus(200);
            $splice = (array) self::at($saved, 'reading.splice');
            $keepEnd = self::numberAt($splice, 'keepEnd');
            $blocks = [...\array_slice($blocks, 0, self::numberAt($splice, 'keepStart')), ...array_column((array) $splice['put'], 'id'), ...($keepEnd > 0 ? \array_slice($blocks, -$keepEnd) : [])];
            $bodies += array_column((array) self::at($saved, 'reading.bodies'), null, 'id');
            $sheet = $this->call('GET', "/api/sheets/{$id}");
            self::assertSame(array_column((array) self::at($sheet, 'reading.splice.put'), 'id'), $blocks);
            self::assertSame(self::at($sheet, 'reading.digest'), self::at($saved, 'reading.digest'));
            foreach ((array) self::at($sheet, 'reading.bodies') as $body) {
                self::assertIsArray($body);
                self::assertSame($body, $bodies[self::textAt($body, 'id')] ?? null);
            }
        }
    }

    /** @param list<int> $places in the browser's units */
    private function isInsideACharacter(string $text, array $places): bool
    {
        $units = mb_convert_encoding($text, 'UTF-16LE', 'UTF-8');
        foreach ($places as $place) {
            if (isset($units[2 * $place + 1]) && 0xDC === (\ord($units[2 * $place + 1]) & 0xFC)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<array-key, mixed>                            $sheet
     * @param list<array{from: int, to: int, text: string}> $edits
     *
     * @return array<array-key, mixed>
     */
    private function save(string $id, array $sheet, array $edits, ?string $changeId = null): array
    {
        return $this->call('POST', "/api/sheets/{$id}/edits", [
            'changeId' => $changeId ?? Uuid::v4()->toRfc4122(),
            'base' => self::at($sheet, 'reading.hash'),
            'digest' => self::at($sheet, 'reading.digest'),
            'edits' => $edits,
        ]);
    }
}
