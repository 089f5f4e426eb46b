<?php

declare(strict_types=1);

namespace App\Tests;

/** One question changed where it is shown, and many named, scored and filed: the server says the edits, the browser makes them. */
final class WritingTest extends ApiTestCase
{
    private const TEXT = "One? {=a ~b}\r\n\r\nTwo \\{x\\}? {=a #yes\n~%50%b}\n";

    public function testTheTextsOfAQuestionComeWithoutTheirEscapes(): void
    {
        $id = $this->createSheet(self::TEXT);
        $texts = $this->ask($id, 'texts', ['question' => 2]);

        self::assertSame(['Two {x}?', null, 'option', ['multiple-response', 'short-answer', 'essay']], [$texts['stem'], $texts['title'], $texts['kind'], $texts['types']]);
        self::assertSame([['text' => 'a', 'match' => null, 'weight' => '100', 'feedback' => 'yes'], ['text' => 'b', 'match' => null, 'weight' => '50', 'feedback' => null]], $texts['entries']);
        self::assertContains('title', (array) $texts['parts']);
        self::assertSame([], $this->ask($this->createSheet("Which?\nA. a\nB. b\nANSWER: A\n"), 'texts', ['question' => 1])['parts'], 'Aiken has a place for nothing else.');
        self::assertSame('There is no question 3.', $this->ask($id, 'texts', ['question' => 3])['message']);
    }

    public function testAChangeComesAsEditsOfTheEditorsText(): void
    {
        $id = $this->createSheet(self::TEXT);
        $amended = $this->ask($id, 'amending', ['question' => 2, 'changes' => [['set' => 'option', 'at' => 'B', 'to' => 'bee']], 'was' => 'b']);

        self::assertSame([[['from' => 40, 'to' => 40, 'text' => 'ee']], 2, []], [$amended['edits'], $amended['question'], $amended['notes']]);
        self::assertSame(['Its wrong options are removed: a typed answer has none.', 'Partial marks are lost.'], $this->ask($id, 'amending', ['question' => 2, 'changes' => [['set' => 'type', 'to' => 'short-answer']]])['notes']);
    }

    public function testWhatWasChangedElsewhereIsNotOverwritten(): void
    {
        $id = $this->createSheet(self::TEXT);
        $refused = $this->ask($id, 'amending', ['question' => 1, 'changes' => [['set' => 'stem', 'to' => 'Mine?']], 'was' => 'Old?']);

        $this->assertStatus(422);
        self::assertStringStartsWith('This was changed in the text in the meantime: “One?”.', self::textAt($refused, 'message'));
        $this->call('POST', "/api/sheets/{$id}/amending", ['base' => 'other', 'question' => 1, 'changes' => [['remove' => 'question']]]);
        $this->assertStatus(409);
    }

    public function testNamesAndPointsAreProposedBeforeTheyAreTaken(): void
    {
        $id = $this->createSheet("\$CATEGORY: Bees\n\nOne? {T}\n\n::Old:: Two? {F}\n\nA text.\n");
        $names = $this->ask($id, 'naming', ['pattern' => '{last} {n}', 'all' => true]);
        self::assertSame([['question' => 1, 'before' => null, 'after' => 'Bees 1'], ['question' => 2, 'before' => 'Old', 'after' => 'Bees 2'], ['question' => 3, 'before' => null, 'after' => 'Bees 3']], $names['values']);
        self::assertCount(3, (array) $names['edits']);
        self::assertSame('A pattern has no part {x}. Known: {path}, {last}, {n}, {nn}, {nnn}, {words}.', $this->ask($id, 'naming', ['pattern' => '{x}'])['message']);

        $points = $this->ask($id, 'scoring', ['total' => '5']);
        self::assertSame([[1, '3'], [2, '2']], array_map(static fn (array $value) => [$value['question'], $value['after']], self::rows($points['values'])));
        self::assertSame(['Points become a comment, which quiz systems skip.'], $points['notes']);
        self::assertSame('2.3 is not a multiple of 1. Choose smaller steps or another total.', $this->ask($id, 'scoring', ['total' => '2.3'])['message']);
    }

    public function testQuestionsAreFiled(): void
    {
        $id = $this->createSheet("\$CATEGORY: A\n\nOne? {T}\n\n\$CATEGORY: B\n\nTwo? {F}\n");
        self::assertNotSame([], $this->ask($id, 'filing', ['way' => 'into', 'questions' => [1], 'path' => ['B']])['edits']);
        self::assertSame([['from' => 11, 'to' => 12, 'text' => 'X/Y']], $this->ask($id, 'filing', ['way' => 'rename', 'path' => ['A'], 'to' => ['X', 'Y']])['edits']);
        self::assertNotSame([], $this->ask($id, 'filing', ['way' => 'order', 'order' => [['B'], ['A']]])['edits']);
        self::assertSame('There is no question 9.', $this->ask($id, 'filing', ['way' => 'in-place', 'questions' => [9], 'path' => ['B']])['message']);
        $this->ask($id, 'filing', ['way' => 'in-place', 'questions' => [1], 'path' => ['']]);
        $this->assertStatus(422);
    }

    public function testASheetKnowsWhatItsPointsShouldComeTo(): void
    {
        $id = $this->createSheet("One? {T}\n\nTwo? {F}\n");
        self::assertSame('10', $this->call('PATCH', "/api/sheets/{$id}", ['expectedPoints' => '10'])['expectedPoints']);
        self::assertSame('The points come to 2, not to 10.', self::textAt($this->call('GET', "/api/sheets/{$id}/outlook"), 'findings.0.finding.message'));
        self::assertNull($this->call('PATCH', "/api/sheets/{$id}", ['expectedPoints' => ''])['expectedPoints']);
        self::assertStringStartsWith('The total must be a number', self::textAt($this->call('PATCH', "/api/sheets/{$id}", ['expectedPoints' => '1,5']), 'message'));
    }

    public function testASheetGoesOnInAnotherNotationAndKeepsItsText(): void
    {
        $id = $this->createSheet("Which?\nA. a\nB. b\nANSWER: A\n");
        $sheet = $this->call('PATCH', "/api/sheets/{$id}", ['rewriteAs' => 'gram']);
        self::assertSame(['gram', "Which?\n= a\n~ b\n"], [$sheet['notation'], $sheet['text']]);
        self::assertContains('new-notation', array_column((array) $this->call('GET', "/api/sheets/{$id}/states")['states'], 'reason'));
        $this->call('PATCH', "/api/sheets/{$id}", ['rewriteAs' => 'nothing']);
        $this->assertStatus(422);
    }

    public function testWhatGoingOnLosesIsSaidFirstAndNoTextIsLost(): void
    {
        $id = $this->createSheet("1. Bees fly.\nTrue   False\n\n2. Which?\na) x   b) y\n", 'starred');
        self::assertSame(['Question 1: Without T or F this becomes an essay.'], $this->call('GET', "/api/sheets/{$id}/going-on/gram")['losses']);
        self::assertSame(['Question 1: Without T or F this becomes an essay.'], $this->ask($id, 'tidying', ['goesOnIn' => 'gift'])['losses']);
        self::assertSame([], $this->ask($id, 'tidying', [])['losses']);
        $this->call('GET', "/api/sheets/{$id}/going-on/nothing");
        $this->assertStatus(422);

        $broken = $this->createSheet("One? {=a\n\n::Two:: Two? {T}\n");
        self::assertSame("// One? {=a\n\n:: Two\nTwo?\n= true\n", $this->call('PATCH', "/api/sheets/{$broken}", ['rewriteAs' => 'gram'])['text']);
    }

    public function testBoldOptionsAreStillOfferedAfterGoingOn(): void
    {
        $id = self::textAt($this->upload('Swarm week.docx', (string) file_get_contents(__DIR__.'/../demo/Swarm week.docx')), 'id');
        $offered = $this->call('GET', "/api/sheets/{$id}/outlook")['offered'];
        self::assertNotSame([], $offered);
        // Its picture stays with it.
        self::assertSame([], array_filter((array) $this->call('GET', "/api/sheets/{$id}/going-on/gram")['losses'], static fn (mixed $loss) => \is_string($loss) && str_contains($loss, 'picture')));
        $this->call('PATCH', "/api/sheets/{$id}", ['rewriteAs' => 'gram']);
        self::assertSame($offered, $this->call('GET', "/api/sheets/{$id}/outlook")['offered']);
    }

    public function testAPlaceIsUnderstoodAndWhatMayBeWrittenThereIsSuggested(): void
    {
        $this->createSheet("\$ Else / Where\n\nOne?\n= true\n", 'gram');
        $id = $this->createSheet("\$CATEGORY: Bées\r\n\r\nOne? {T}\r\n\r\n\$CATEGORY: \r\n");
        $place = $this->ask($id, 'place', ['offset' => 38]);
        self::assertSame(['Bées', 'Else/Where'], array_column((array) $place['suggestions'], 'label'));
        self::assertSame([38, 38, []], [self::numberAt($place, 'suggestions.0.from'), self::numberAt($place, 'suggestions.0.to'), self::at($place, 'suggestions.0.fields')]);

        $types = $this->ask($this->createSheet("One? {T}\n\n\n"), 'place', ['offset' => 11, 'isUnderstood' => true]);
        self::assertSame('Between the questions', $types['understood']);
        self::assertSame([['from' => 0, 'to' => 9], ['from' => 15, 'to' => 27]], \array_slice(self::rows(self::at($types, 'suggestions.0.fields')), 0, 2));
        $typed = $this->ask($id, 'place', ['offset' => 4, 'edits' => [['from' => 0, 'to' => 0, 'text' => "::\n\n"]]]);
        self::assertNull($typed['understood'], 'Nobody asked for it.');
        self::assertSame([' – 01'], array_map(static fn (array $one) => mb_substr(self::textAt($one, 'label'), -5), self::rows($this->ask($id, 'place', ['offset' => 2, 'edits' => [['from' => 0, 'to' => 0, 'text' => "::\n\n"]]])['suggestions'])));
        $this->ask($id, 'place', ['offset' => 1_000]);
        $this->assertStatus(422);
    }

    public function testPointsAreAddedUpByCategory(): void
    {
        $id = $this->createSheet("One? {T}\n\n\$CATEGORY: A/B\n\n// (2.5 points)\nTwo? {F}\n\nA text.\n");
        $outlook = $this->call('GET', "/api/sheets/{$id}/outlook");
        self::assertSame(['3.5', [['path' => [], 'questions' => 1, 'points' => '1'], ['path' => ['A', 'B'], 'questions' => 2, 'points' => '2.5']]], [$outlook['points'], $outlook['categories']]);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    private function ask(string $id, string $what, array $body): array
    {
        return $this->call('POST', "/api/sheets/{$id}/{$what}", ['base' => self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash')] + $body);
    }

    /** @return list<array<array-key, mixed>> */
    private static function rows(mixed $rows): array
    {
        return array_values(array_filter(\is_array($rows) ? $rows : [], is_array(...)));
    }
}
