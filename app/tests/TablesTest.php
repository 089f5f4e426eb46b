<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\DataProvider;

/** Tables and lists of terms on their way to the desk. */
final class TablesTest extends ApiTestCase
{
    private const TABLE = "Question\tA\tB\tKey\nWhich bee lays?\tdrone\tqueen\tB\nWhich bee mates?\tdrone\tworker\tA\nUnit 2\n";
    private const TERMS = "drone = a male bee\nqueen = the bee that lays eggs\nworker = the bee that works\nwax = what combs are made of\n";

    /** @return iterable<string, array{string, string, string}> */
    public static function arrivals(): iterable
    {
        $rows = "Bees;Which bee lays?;drone;queen;B\nBees;Which mates?;drone;queen;A\n";
        yield 'a table of semicolons by its name' => [$rows, 'Spring.csv', 'Spring'];
        yield 'a workbook' => [(string) file_get_contents(__DIR__.'/../../core/tests/Intake/Table/files/club.xlsx'), 'club.xlsx', 'club'];
        yield 'an OpenDocument workbook' => [(string) file_get_contents(__DIR__.'/../../core/tests/Intake/Table/files/club.ods'), 'club.ods', 'club'];
        yield 'a list of terms' => [self::TERMS, 'terms.txt', 'terms'];
        yield 'a table without the name of one' => [self::TABLE, 'table.txt', 'table'];
    }

    #[DataProvider('arrivals')]
    public function testWhatHasRowsWaitsToBecomeQuestions(string $bytes, string $name, string $title): void
    {
        $created = $this->upload($name, $bytes);
        $this->assertStatus(201);
        self::assertSame([$title, true], [self::at($created, 'title'), self::at($created, 'untidy')]);
        $sheet = $this->sheet(self::textAt($created, 'id'));
        self::assertTrue(self::at($sheet, 'isTabular'));
        $table = $this->table($sheet);
        self::assertGreaterThan(0, array_sum(array_column((array) self::at($table, 'counts'), 'count')));
        self::assertNotSame('', self::textOf($sheet, $table));
    }

    public function testColumnsAreFoundAndCanBeTold(): void
    {
        $sheet = $this->pasted(self::TABLE);
        self::assertSame('Pasted table', self::at($sheet, 'title'));
        $table = $this->table($sheet);
        self::assertSame([['holds' => 'stem', 'heading' => 'Question'], ['holds' => 'option 1', 'heading' => 'A'], ['holds' => 'option 2', 'heading' => 'B'], ['holds' => 'key', 'heading' => 'Key']], self::at($table, 'columns'));
        self::assertSame([['type' => 'choice', 'count' => 2]], self::at($table, 'counts'));
        self::assertSame([2, 3, 4], array_column((array) self::at($table, 'rows'), 'number'));
        self::assertSame(['choice', 'choice', null], array_column((array) self::at($table, 'rows'), 'becomes'));
        self::assertSame(['Row 4 is not a question: it has neither options nor an answer.'], self::at($table, 'notes'));
        self::assertSame("Which bee lays? {\n  ~drone\n  =queen\n}\n\nWhich bee mates? {\n  =drone\n  ~worker\n}\n", self::textOf($sheet, $table));

        $told = $this->table($sheet, ['columns' => ['stem', 'key', '-', '-'], 'notation' => 'gram']);
        self::assertSame([['type' => 'short-answer', 'count' => 2]], self::at($told, 'counts'));
        self::assertStringStartsWith("Which bee lays?\n", self::textOf($sheet, $told));
        $aiken = $this->table($sheet, ['columns' => ['stem', 'key', '-', '-'], 'notation' => 'aiken']);
        self::assertSame(['Questions 1, 2: This stays in the text as a comment.'], self::at($aiken, 'losses'));
    }

    public function testAPersonSaysWhetherTheFirstRowHoldsHeadings(): void
    {
        $sheet = $this->pasted("Ask\tOne\tTwo\tSol\nWhich bee lays?\tdrone\tqueen\tB\nWhich bee mates?\tdrone\tworker\tA\n");
        $found = $this->table($sheet);
        self::assertSame([false, 3, 'option 3'], [self::at($found, 'hasHead'), self::at($found, 'rowCount'), self::at($found, 'columns.3.holds')]);
        $headed = $this->table($sheet, ['hasHead' => true]);
        self::assertSame([true, 2, ['holds' => 'key', 'heading' => 'Sol']], [self::at($headed, 'hasHead'), self::at($headed, 'rowCount'), self::at($headed, 'columns.3')]);
        self::assertStringStartsWith('Which bee lays? {', self::textOf($sheet, $headed));

        $known = $this->pasted(self::TABLE);
        $unheaded = $this->table($known, ['hasHead' => false]);
        self::assertSame([false, 4, 'Question'], [self::at($unheaded, 'hasHead'), self::at($unheaded, 'rowCount'), self::at($unheaded, 'rows.0.cells.0')]);
    }

    public function testTermsBecomeWhatIsChosen(): void
    {
        $sheet = $this->pasted(self::TERMS);
        self::assertSame('Pasted terms', self::at($sheet, 'title'));
        $table = $this->table($sheet);
        self::assertSame([true, false, 1], [self::at($table, 'asTerms'), self::at($table, 'mayBeTable'), self::at($table, 'blockCount')]);
        self::assertSame([['type' => 'choice', 'count' => 4]], self::at($table, 'counts'));
        $matching = $this->table($sheet, ['kind' => 'typed', 'kinds' => ['matching'], 'asked' => 'term']);
        self::assertSame([['type' => 'matching', 'count' => 1]], self::at($matching, 'counts'));
        self::assertStringStartsWith("Match each term with its definition. {\n  =drone -> a male bee\n", self::textOf($sheet, $matching));
    }

    public function testTwoColumnsMayBeEither(): void
    {
        $sheet = $this->sheet(self::textAt($this->upload('two.csv', "drone,a male bee\nqueen,the bee that lays\nwax,what combs are made of\n"), 'id'));
        $terms = $this->table($sheet);
        self::assertSame([true, true, true], [self::at($terms, 'asTerms'), self::at($terms, 'mayBeTable'), self::at($terms, 'mayBeTerms')]);
        $table = $this->table($sheet, ['asTerms' => false]);
        self::assertSame([false, [['type' => 'short-answer', 'count' => 3]]], [self::at($table, 'asTerms'), self::at($table, 'counts')]);
    }

    public function testACopiedTableKeepsItsCells(): void
    {
        $created = $this->call('POST', '/api/sheets', ['title' => null, 'text' => 'x', 'html' => '<table><tr><td>Question</td><td>A</td><td>B</td><td>Key</td></tr><tr><td>Which<br>lays?</td><td>drone</td><td>queen</td><td>B</td></tr></table>']);
        $sheet = $this->sheet(self::textAt($created, 'id'));
        self::assertSame("Question\tA\tB\tKey\n\"Which\nlays?\"\tdrone\tqueen\tB\n", self::at($sheet, 'text'));
        self::assertTrue(self::at($sheet, 'isTabular'));
    }

    public function testATemplateToFillInIsTakenBackAsQuestions(): void
    {
        foreach (['xlsx', 'csv'] as $ending) {
            $this->browser->request('GET', "/api/table-template.{$ending}");
            $response = $this->browser->getResponse();
            self::assertStringContainsString("Questions.{$ending}", (string) $response->headers->get('Content-Disposition'));
            $sheet = $this->sheet(self::textAt($this->upload("Questions.{$ending}", (string) $response->getContent()), 'id'));
            $counts = self::at($this->table($sheet), 'counts');
            self::assertIsArray($counts);
            self::assertSame(array_fill(0, 9, 2), array_column($counts, 'count'));
        }
    }

    public function testATableIsHandedOver(): void
    {
        $id = $this->createSheet("// by Tom\nWhich bee lays? {=queen ~drone}\n");
        $written = $this->call('GET', "/api/sheets/{$id}/handover/csv");
        self::assertSame('choice | Which bee lays? | queen | drone | A', self::textAt($written, 'blocks.0.text'));
        self::assertSame('Comments are lost: CSV cannot store them.', self::textAt($written, 'blocks.0.losses.0.message'));
        $this->browser->request('GET', "/api/sheets/{$id}/file/csv");
        self::assertSame("category,title,type,stem,points,option 1,option 2,key,feedback\r\n,,choice,Which bee lays?,,queen,drone,A,\r\n", $this->browser->getResponse()->getContent());
    }

    public function testWhatIsNoTableIsRefused(): void
    {
        $sheet = $this->sheet($this->createSheet('One? {T}'));
        self::assertFalse(self::at($sheet, 'isTabular'));
        $this->refused($sheet, [], 422);
        $pasted = $this->pasted(self::TABLE);
        $this->refused($pasted, ['base' => 'other'], 409);
        $this->refused($pasted, ['columns' => ['author']], 422);
        $this->refused($pasted, ['size' => 2], 422);
    }

    /**
     * @param array<array-key, mixed> $sheet
     * @param array<string, mixed>    $wish
     */
    private function refused(array $sheet, array $wish, int $status): void
    {
        $this->table($sheet, $wish);
        $this->assertStatus($status);
    }

    /** @return array<array-key, mixed> */
    private function pasted(string $text): array
    {
        return $this->sheet(self::textAt($this->call('POST', '/api/sheets', ['title' => null, 'text' => $text]), 'id'));
    }

    /** @return array<array-key, mixed> */
    private function sheet(string $id): array
    {
        return $this->call('GET', "/api/sheets/{$id}");
    }

    /**
     * @param array<array-key, mixed> $sheet
     * @param array<string, mixed>    $wish
     *
     * @return array<array-key, mixed>
     */
    private function table(array $sheet, array $wish = []): array
    {
        return $this->call('POST', '/api/sheets/'.self::textAt($sheet, 'id').'/table', ['base' => self::textAt($sheet, 'reading.hash'), ...$wish]);
    }

    /**
     * @param array<array-key, mixed> $sheet
     * @param array<array-key, mixed> $table
     */
    private static function textOf(array $sheet, array $table): string
    {
        $text = self::textAt($sheet, 'text');
        $edits = self::at($table, 'edits');
        self::assertIsArray($edits);
        foreach (array_reverse($edits) as $edit) {
            $text = mb_substr($text, 0, self::numberAt($edit, 'from')).self::textAt($edit, 'text').mb_substr($text, self::numberAt($edit, 'to'));
        }

        return $text;
    }
}
