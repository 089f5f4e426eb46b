<?php

declare(strict_types=1);

namespace App\Tests;

/** What only all questions together show, what is switched off, and what another encoding would give. */
final class OutlookTest extends ApiTestCase
{
    public function testTheOutlookNamesRepeatsAcrossTheShelf(): void
    {
        $other = self::textAt($this->call('POST', '/api/sheets', ['title' => 'Autumn test', 'text' => "Which bee mates with the queen? {=drone ~worker ~nurse}\n", 'notation' => 'gift']), 'id');
        $id = $this->createSheet("Read this.\n\nWhich of the bees mates with a queen? {=drone ~guard ~scout}\n");
        $outlook = $this->call('GET', "/api/sheets/{$id}/outlook");

        self::assertSame(2, self::at($outlook, 'findings.0.question'));
        self::assertSame('craft.stem-repeated', self::at($outlook, 'findings.0.finding.code'));
        self::assertStringContainsString('question 1 of “Autumn test”', self::textAt($outlook, 'findings.0.finding.message'));
        self::assertSame(['sheet' => $other, 'question' => 1], self::at($outlook, 'findings.0.finding.other'));
        self::assertSame('Remove this question', self::at($outlook, 'findings.0.finding.fix.label'));
        self::assertSame(0, self::at($outlook, 'findings.0.finding.from'), 'It counts from the start of its block.');
    }

    public function testTheOutlookSaysWhatGuessingEarns(): void
    {
        $id = $this->createSheet(str_repeat("Which? {=a ~b ~c ~d}\n\n", 10));
        $marks = (array) $this->call('GET', "/api/sheets/{$id}/outlook")['marks'];

        // P(X >= 5; n = 10, p = 1/4), checked with Python's fractions.
        self::assertSame(['total' => '10', 'guess' => '2.5', 'halfChance' => ['least' => '8', 'most' => '8', 'exact' => '40961/524288']], $marks);
    }

    public function testTheOutlookKnowsTheNumberThatIsExpected(): void
    {
        $id = $this->createSheet("One? {T}\n\n// Two? {F}\n");
        $this->call('PATCH', "/api/sheets/{$id}", ['expected' => 2]);
        $outlook = $this->call('GET', "/api/sheets/{$id}/outlook");

        self::assertSame('sheet.count-differs', self::at($outlook, 'findings.0.finding.code'));
        self::assertStringContainsString('this comment looks like a question', self::textAt($outlook, 'findings.0.finding.advice'));
        self::assertSame(10, self::at($outlook, 'findings.0.finding.from'));
    }

    public function testWhatIsSwitchedOffIsMarkedAndChangesWhatIsSound(): void
    {
        $id = $this->createSheet("Which? {=a ~ ~b}\n");
        $before = $this->call('GET', "/api/sheets/{$id}");
        self::assertSame('gift.entry-empty', self::at($before, 'reading.bodies.0.findings.0.code'));
        self::assertFalse(self::at($before, 'reading.bodies.0.findings.0.off'));

        $after = $this->call('PATCH', "/api/sheets/{$id}", ['switchedOff' => ['gift.entry-empty', 'gift.entry-empty']]);

        self::assertSame(['gift.entry-empty'], $after['switchedOff']);
        self::assertTrue(self::at($after, 'reading.bodies.0.findings.0.off'));
        self::assertNotSame(self::at($before, 'reading.bodies.0.id'), self::at($after, 'reading.bodies.0.id'), 'The browser must not keep what was said before.');
        self::assertSame(1, self::at($this->call('GET', '/api/shelf'), 'sheets.0.sound'));
    }

    public function testCodesMustBeTexts(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $this->call('PATCH', "/api/sheets/{$id}", ['switchedOff' => [str_repeat('x', 100)]]);

        $this->assertStatus(422);
    }

    public function testAllOfAKindIsMendedWithBeforeAndAfter(): void
    {
        $id = $this->createSheet("One? {=a =b ~c}\n\nTwo? {T}\n\nThree? {=a =b ~c}\n");
        $hash = self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        $mended = $this->call('POST', "/api/sheets/{$id}/mending", ['base' => $hash, 'code' => 'gift.mixed-marks']);

        self::assertSame([['code' => 'gift.mixed-marks', 'times' => 2]], $mended['changes']);
        self::assertSame(['line' => 1, 'before' => 'One? {=a =b ~c}', 'after' => 'One? {~%50%a ~%50%b ~%-100%c}'], self::at($mended, 'places.0'));
        self::assertSame(5, self::at($mended, 'places.1.line'));
        self::assertFalse($mended['plainUtf8']);
    }

    public function testAnotherEncodingIsShownBeforeItIsChosen(): void
    {
        $bytes = "Wo ist die K\xF6nigin? {=hier ~dort}\n";
        $id = self::textAt($this->upload('old.txt', $bytes), 'id');
        $decoding = $this->call('GET', "/api/sheets/{$id}/decoding?encoding=windows-1251");

        self::assertSame('Windows-1251 (Cyrillic)', self::at($decoding, 'encoding.label'));
        self::assertSame(1, $decoding['differing']);
        self::assertSame(['line' => 1, 'before' => 'Wo ist die Königin? {=hier ~dort}', 'after' => 'Wo ist die Kцnigin? {=hier ~dort}'], self::at($decoding, 'lines.0'));
        self::assertSame(1, $this->call('GET', "/api/sheets/{$id}/decoding?encoding=UTF-8")['lost']);
        $this->call('GET', "/api/sheets/{$id}/decoding?encoding=nonsense");
        $this->assertStatus(422);
    }

    public function testHowSureTheEncodingIsComesWithTheSheet(): void
    {
        $id = self::textAt($this->upload('old.txt', "\xB5g {T}\n"), 'id');

        self::assertSame('guess', $this->call('GET', "/api/sheets/{$id}")['certainty']);
        self::assertSame('certain', $this->call('PATCH', "/api/sheets/{$id}", ['encoding' => 'windows-1252'])['certainty']);
    }

    /** What is asked for after each pause of a person who writes holds no worker for long, however long the sheet is. */
    public function testVeryManyQuestionsAreNotCompared(): void
    {
        $id = $this->createSheet(str_repeat("One? {T}\n\n", 20_001));
        $start = hrtime(true);
        $outlook = $this->call('GET', "/api/sheets/{$id}/outlook");

        self::assertSame([false, [], null], [$outlook['isCompared'], $outlook['findings'], $outlook['marks']]);
        self::assertLessThan(1.0, (hrtime(true) - $start) / 1e9);

        $id = $this->createSheet(str_repeat("One? {T}\n\n", 5_001));
        $outlook = $this->call('GET', "/api/sheets/{$id}/outlook");
        self::assertSame([false, '50'], [$outlook['isCompared'], self::at($outlook, 'marks.halfChance.least')]);
        self::assertNotContains('craft.stem-repeated', array_column(array_column((array) $outlook['findings'], 'finding'), 'code'));
    }
}
