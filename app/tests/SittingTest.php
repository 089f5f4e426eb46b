<?php

declare(strict_types=1);

namespace App\Tests;

/** A sheet sat as a pupil sits it. */
final class SittingTest extends ApiTestCase
{
    private const TEXT = <<<'GIFT'
        // (2 points)
        Which lays eggs? {=the queen#yes ~a drone#Drones do not.}

        Which are female? {~%50%queen ~%50%worker ~%-100%drone####Two are.}

        A drone stings. {F#no#It has no sting.}

        Who is the mother? {=queen =%50%lady}

        How warm? {#35:1}

        Match. {=queen -> 16 days =worker -> 21 days}

        Write. {}

        Bees seal honey with {=wax} lids.

        Broken {=a

        Read this.

        GIFT;

    /** @return array<array-key, mixed> */
    private function begun(string $id, string $query = ''): array
    {
        return $this->call('GET', "/api/sheets/{$id}/sitting{$query}");
    }

    public function testAPupilGetsNothingThatGivesAnAnswerAway(): void
    {
        $id = $this->createSheet(self::TEXT, 'gift');
        $sitting = $this->begun($id, '?shuffles=1');
        self::assertSame([1, 2, 3, 4, 5, 6, 7, 8, 10], array_column((array) self::at($sitting, 'questions'), 'number'));
        self::assertSame(1, self::at($sitting, 'unreadable'));
        $letters = array_column((array) self::at($sitting, 'questions.1.options'), 'letter');
        sort($letters);
        self::assertSame(['A', 'B', 'C'], $letters);

        // The same sheet with other right answers looks the same to a pupil, but for what is sealed and mixed.
        $other = strtr(self::TEXT, ['=the queen#yes ~a drone#Drones do not.' => '~the queen =a drone', '~%50%queen ~%50%worker ~%-100%drone####Two are.' => '~%-100%queen ~%50%worker ~%50%drone', '{F#no#It has no sting.}' => '{T}', '=queen =%50%lady' => '=king', '#35:1' => '#99', '=queen -> 16 days =worker -> 21 days' => '=queen -> 21 days =worker -> 16 days', '{=wax} lids' => '{=wood} lids']);
        $seen = static fn (array $of) => array_diff_key($of, ['ticket' => null, 'title' => null]);
        self::assertSame($seen($this->begun($id)), $seen($this->begun($this->createSheet($other, 'gift'))));
        foreach (['yes', 'no sting', 'lady', '35', 'Two are'] as $secret) {
            self::assertStringNotContainsString($secret, (string) json_encode($seen($sitting)));
        }
        self::assertStringNotContainsString('queen', (string) base64_decode(self::textAt($sitting, 'ticket'), true));
    }

    public function testAnswersAreMarkedWithReasonsAndFeedback(): void
    {
        $id = $this->createSheet(self::TEXT, 'gift');
        $ticket = self::textAt($this->begun($id), 'ticket');
        $marked = $this->call('POST', '/api/sittings', ['ticket' => $ticket, 'answers' => [
            ['number' => 1, 'letters' => ['B']],
            ['number' => 2, 'letters' => ['A']],
            ['number' => 3, 'truth' => false],
            ['number' => 4, 'text' => ' QUEEN ', 'tries' => 2],
            ['number' => 5, 'text' => 'warm'],
            ['number' => 6, 'matches' => ['queen' => '16 days']],
            ['number' => 7, 'text' => 'words'],
            ['number' => 8],
        ], 'cost' => '100/3']);
        $this->assertStatus(200);
        self::assertSame(['0', '0.5', '1', '0.67', '0', '0.5', '0', '0'], array_column((array) self::at($marked, 'questions'), 'earned'));
        self::assertSame(['2.67', '9', '33', false], [self::at($marked, 'earned'), self::at($marked, 'of'), self::at($marked, 'percent'), self::at($marked, 'hasChanged')]);
        self::assertStringContainsString('Drones do not.', self::textAt($marked, 'questions.0.feedback.0'));
        self::assertStringContainsString('Two are.', self::textAt($marked, 'questions.1.explanation'));
        self::assertSame(['the queen'], self::at($marked, 'questions.0.right'));
        self::assertSame('Taken as “queen”: 100 %. Found at try 2, which costs 33⅓ %.', self::at($marked, 'questions.3.why'));
        self::assertSame(['queen → 16 days', 'worker → 21 days'], self::at($marked, 'questions.5.right'));
        self::assertTrue(self::at($marked, 'questions.6.isByHand'));
    }

    public function testATryIsToldRightOrWrongAndNoMore(): void
    {
        $ticket = self::textAt($this->begun($this->createSheet(self::TEXT, 'gift')), 'ticket');
        $tried = $this->call('POST', '/api/sittings', ['ticket' => $ticket, 'answers' => [['number' => 2, 'letters' => ['A']]], 'isFinal' => false]);
        self::assertSame(['Partly right.', null, null], [self::at($tried, 'questions.0.why'), self::at($tried, 'questions.0.right'), self::at($tried, 'questions.0.explanation')]);
    }

    public function testTheTextThatWasBegunIsMarkedWhateverBecameOfTheSheet(): void
    {
        $id = $this->createSheet("Which? {=a ~b}\n", 'gift');
        $ticket = self::textAt($this->begun($id, '?questions=1'), 'ticket');
        $hash = self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        $this->call('POST', "/api/sheets/{$id}/edits", ['changeId' => '0198c000-0000-7000-8000-000000000001', 'base' => $hash, 'digest' => null, 'edits' => [['from' => 8, 'to' => 12, 'text' => '~a =b']]]);
        $marked = $this->call('POST', '/api/sittings', ['ticket' => $ticket, 'answers' => [['number' => 1, 'letters' => ['A']]]]);
        self::assertSame(['1', true], [self::at($marked, 'earned'), self::at($marked, 'hasChanged')]);
    }

    public function testSomeQuestionsAreSatInTheOrderTheyWereDrawnIn(): void
    {
        $id = $this->createSheet(self::TEXT, 'gift');
        self::assertSame([4, 1], array_column((array) self::at($this->begun($id, '?questions=4,1,9,99,x'), 'questions'), 'number'));
        $draw = $this->call('GET', "/api/sheets/{$id}/draw?".http_build_query(['take' => '3 *', 'seed' => 'a']));
        self::assertSame([8, '37.5'], [self::at($draw, 'lines.0.of'), self::at($draw, 'lines.0.each')]);
        self::assertSame(['56', '3', '4'], [self::at($draw, 'sets'), self::at($draw, 'least'), self::at($draw, 'most')]);
        self::assertSame(self::at($draw, 'drawn'), self::at($this->call('GET', "/api/sheets/{$id}/draw?".http_build_query(['take' => '3 *', 'seed' => 'a'])), 'drawn'));
        foreach (['30 *' => 'asks for more than there are', '1 Wax' => 'There is no category', 'x' => 'does not say how many'] as $take => $sentence) {
            self::assertStringContainsString($sentence, self::textAt($this->call('GET', "/api/sheets/{$id}/draw?".http_build_query(['take' => $take])), 'message'));
            $this->assertStatus(422);
        }
    }

    public function testWhatCannotBeMarkedIsRefusedWithASentence(): void
    {
        $ticket = self::textAt($this->begun($this->createSheet(self::TEXT, 'gift')), 'ticket');
        foreach ([
            ['This sitting can no longer be marked. Throw it away and begin again.', ['ticket' => 'x'.$ticket, 'answers' => []]],
            ['This sitting can no longer be marked. Throw it away and begin again.', ['ticket' => '', 'answers' => []]],
            ['There is no question 9 in this sitting.', ['ticket' => $ticket, 'answers' => [['number' => 9, 'letters' => ['A']]]]],
            ['It has no option E.', ['ticket' => $ticket, 'answers' => [['number' => 1, 'letters' => ['E']]]]],
        ] as [$sentence, $body]) {
            $answer = $this->call('POST', '/api/sittings', $body);
            $this->assertStatus(422);
            self::assertSame($sentence, self::at($answer, 'message'));
        }
    }
}
