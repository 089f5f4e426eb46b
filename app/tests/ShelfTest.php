<?php

declare(strict_types=1);

namespace App\Tests;

/** Groups, copies, search, and sheets made of others. */
final class ShelfTest extends ApiTestCase
{
    private const APPLE = "::Apples:: Which bee visits apple blossom? {=mason bee ~wasp}\n";

    public function testGroupsAreNamedOrderedFoldedAndRemoved(): void
    {
        [$spring, $autumn] = [$this->group('  Spring '), $this->group('Autumn')];
        self::assertSame(['Spring', 'Autumn'], $this->names());
        $this->call('PATCH', "/api/groups/{$autumn}", ['position' => 0, 'isFolded' => true]);
        $this->call('PATCH', "/api/groups/{$spring}", ['name' => 'Early spring']);
        self::assertSame(['Autumn', 'Early spring'], $this->names());
        self::assertSame([true, false], array_column((array) $this->call('GET', '/api/shelf')['groups'], 'isFolded'));
        $this->call('PATCH', "/api/groups/{$autumn}", ['position' => 99]);
        self::assertSame(['Early spring', 'Autumn'], $this->names());

        $id = $this->createSheet(self::APPLE);
        $this->call('PATCH', "/api/sheets/{$id}", ['group' => $autumn]);
        self::assertSame($autumn, self::at($this->call('GET', '/api/shelf'), 'sheets.0.group'));
        $this->call('DELETE', "/api/groups/{$autumn}");
        self::assertSame(['Early spring'], $this->names());
        self::assertNull(self::at($this->call('GET', '/api/shelf'), 'sheets.0.group'), 'The sheet stays.');
    }

    public function testAGroupNeedsANameAndMustBeThere(): void
    {
        $refused = $this->call('POST', '/api/groups', ['name' => ' ']);
        $this->assertStatus(422);
        self::assertSame('A group needs a name of at most 100 characters.', $refused['message']);
        $this->call('PATCH', '/api/groups/'.$this->group('Spring'), ['name' => str_repeat('x', 101)]);
        $this->assertStatus(422);
        $this->call('PATCH', '/api/groups/nowhere', ['name' => 'x']);
        $this->assertStatus(404);
        $id = $this->createSheet(self::APPLE);
        self::assertSame('This group is no longer on the shelf.', $this->call('PATCH', "/api/sheets/{$id}", ['group' => 'nowhere'])['message']);
        $this->assertStatus(422);
    }

    public function testASheetIsPutIntoAGroupAndOutOfIt(): void
    {
        $id = $this->createSheet(self::APPLE);
        $group = $this->group('Spring');
        foreach ([$group, ''] as $wanted) {
            $this->call('PATCH', "/api/sheets/{$id}", ['group' => $wanted]);
            self::assertSame('' === $wanted ? null : $wanted, self::at($this->call('GET', '/api/shelf'), 'sheets.0.group'));
        }
    }

    public function testACopyIsSetTheSameWayAndHasANameOfItsOwn(): void
    {
        $id = $this->createSheet(self::APPLE);
        $group = $this->group('Spring');
        $this->call('PATCH', "/api/sheets/{$id}", ['group' => $group, 'expected' => 4, 'switchedOff' => ['craft.stem-repeated']]);
        $copy = $this->call('POST', "/api/sheets/{$id}/copies");
        self::assertSame('Test (2)', $copy['title']);
        $shown = $this->call('GET', '/api/sheets/'.self::textAt($copy, 'id'));
        self::assertSame([self::APPLE, 4, ['craft.stem-repeated']], [$shown['text'], $shown['expected'], $shown['switchedOff']]);
        self::assertSame([$group, $group], array_column((array) $this->call('GET', '/api/shelf')['sheets'], 'group'));
    }

    public function testWordsAreFoundInTheQuestionsOfAllSheets(): void
    {
        $this->createSheet("Wax? {T}\n");
        $id = $this->createSheet("Honey? {T}\n\n".self::APPLE);
        $removed = $this->createSheet(self::APPLE);
        $this->call('DELETE', "/api/sheets/{$removed}");
        $found = $this->call('GET', '/api/search?words=Apple%20%20blossom');
        self::assertSame(['hits' => [['sheet' => $id, 'title' => 'Test (2)', 'question' => 2, 'before' => '::Apples:: Which bee visits ', 'match' => 'apple blossom', 'after' => '? {=mason bee ~wasp}']], 'isAll' => true], $found);
        self::assertSame([], $this->call('GET', '/api/search?words=%20')['hits']);
        self::assertSame([], $this->call('GET', '/api/search?words=%FF')['hits'], 'Bytes that are no text are nowhere.');
        $this->assertStatus(200);
        $this->call('GET', '/api/search');
        $this->assertStatus(404);
    }

    public function testNoMorePlacesAreToldThanAnyoneReads(): void
    {
        for ($sheet = 0; $sheet < 6; ++$sheet) {
            $this->createSheet(str_repeat("Bees? {T}\n\n", 60));
        }
        $found = $this->call('GET', '/api/search?words=bees');
        self::assertCount(200, (array) $found['hits']);
        self::assertFalse($found['isAll']);
    }

    public function testNoTwoSheetsAreCalledTheSame(): void
    {
        $name = fn (string $title): mixed => $this->call('POST', '/api/sheets', ['title' => $title, 'text' => self::APPLE, 'notation' => 'gift'])['title'];
        $long = str_repeat('é', 200);

        self::assertSame([$long, str_repeat('é', 196).' (2)'], [$name($long.'!'), $name($long.'?')]);
        $second = $this->call('POST', '/api/sheets', ['title' => 'Hive (2)', 'text' => self::APPLE]);
        self::assertSame('Hive (3)', $this->call('POST', '/api/sheets/'.self::textAt($second, 'id').'/copies')['title'] ?? null);
        self::assertSame(['Untitled', 'Untitled (2)'], [$name(' '), $name("\u{200B}")]);
        self::assertSame(['Paper (1999)', 'Paper (1999) (2)'], [$name('Paper (1999)'), $name('Paper (1999)')]);
    }

    public function testSheetsAreJoinedAndQuestionsGathered(): void
    {
        $one = $this->createSheet("\$CATEGORY: Fruit\n\n".self::APPLE);
        $two = $this->createSheet("Honey? {T}\n\nWax? {T}\n");
        $joined = $this->call('POST', '/api/gathered', ['title' => 'Both', 'from' => [['sheet' => $one], ['sheet' => $two]]]);
        $this->assertStatus(201);
        self::assertSame("Honey? {T}\n\nWax? {T}\n\n\$CATEGORY: Fruit\n\n".self::APPLE, $this->call('GET', '/api/sheets/'.self::textAt($joined, 'id'))['text']);

        $gathered = $this->call('POST', '/api/gathered', ['from' => [['sheet' => $two, 'questions' => [2]], ['sheet' => $one, 'questions' => [1]]]]);
        self::assertSame('Wax?', $gathered['title']);
        self::assertSame("Wax? {T}\n\n\$CATEGORY: Fruit\n\n".self::APPLE, $this->call('GET', '/api/sheets/'.self::textAt($gathered, 'id'))['text']);
    }

    public function testWhatCannotBeGatheredIsRefusedWithItsReason(): void
    {
        $one = $this->createSheet(self::APPLE);
        $aiken = $this->createSheet("One?\nA. a\nB. b\nANSWER: A\n", 'aiken');
        $refusals = [
            '“Test” and “Test (2)” are in different notations. Hand one over in the notation of the other, add that file, and try again.' => [['sheet' => $one], ['sheet' => $aiken]],
            '“Test” has no question 7. Search again: the sheet was changed.' => [['sheet' => $one, 'questions' => [7]]],
            'This sheet is no longer on the shelf: it may have been removed in another tab.' => [['sheet' => 'nowhere']],
        ];
        foreach ($refusals as $reason => $from) {
            self::assertSame($reason, $this->call('POST', '/api/gathered', ['from' => $from])['message']);
            $this->assertStatus(422);
        }
        $this->call('POST', '/api/gathered', ['from' => []]);
        $this->assertStatus(422);
    }

    private function group(string $name): string
    {
        return self::textAt($this->call('POST', '/api/groups', ['name' => $name]), 'id');
    }

    /** @return list<mixed> */
    private function names(): array
    {
        return array_column((array) $this->call('GET', '/api/shelf')['groups'], 'name');
    }
}
