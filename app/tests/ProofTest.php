<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\DataProvider;

/** What the browser is given to show of each type of question. */
final class ProofTest extends ApiTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function questions(): iterable
    {
        yield 'one answer' => ['x {=a#good ~%25%b ~c}', [
            'type' => 'choice', 'stem' => 'x',
            'options.0' => ['html' => 'a', 'key' => true, 'weight' => '100', 'feedback' => 'good'],
            'options.1' => ['html' => 'b', 'key' => false, 'weight' => '25', 'feedback' => null],
        ]];
        yield 'several answers, with a true minus and two decimals' => ['x {~%33.33333%a ~%66.66667%b ~%-100%c}', [
            'type' => 'multiple-response', 'options.0.weight' => '33.33', 'options.1.weight' => '66.67', 'options.2.weight' => '−100', 'options.2.key' => false,
        ]];
        yield 'true or false' => ['x {F#no#yes####because}', ['type' => 'true-false', 'answer' => false, 'feedbackWhenWrong' => 'no', 'feedbackWhenRight' => 'yes', 'explanation' => 'because', 'options' => []]];
        yield 'typed answers' => ['x {=wax =%50%beeswax}', ['type' => 'short-answer', 'accepted.0.text' => 'wax', 'accepted.1.weight' => '50']];
        yield 'numbers as people write them' => ['x {#=35:1 =%50%30..40 =%10%7}', ['type' => 'numeric', 'accepted.0.text' => '35 ± 1', 'accepted.1.text' => '30 … 40', 'accepted.2.text' => '7']];
        yield 'matching' => ['x {=<b>a</b> -> 1 < 2 =b -> c =-> d}', ['type' => 'matching', 'pairs.0' => ['prompt' => '<b>a</b>', 'match' => '1 &lt; 2'], 'pairs.2.prompt' => '']];
        yield 'a typed gap shows its answer in place' => ['Bees make {=<i>wax</i>} daily.', ['type' => 'gap', 'stem' => 'Bees make <span class="gap"><span class="gap-answer">&lt;i&gt;wax&lt;/i&gt;</span></span> daily.']];
        yield 'a chosen gap shows its key' => ['Bees make {~milk =wax}.', ['type' => 'gap', 'stem' => 'Bees make <span class="gap"><span class="gap-answer">wax</span></span>.', 'options.1.key' => true]];
        yield 'an essay' => ["// (3 points)\n::T:: x {}", ['type' => 'essay', 'title' => 'T', 'points' => '3', 'options' => []]];
        yield 'markup is made safe' => ['[html]<p onclick\="x()">y<script>z</script></p> {T}', ['stem' => '<p>y</p>']];
        yield 'Markdown is rendered, in options too' => ['[markdown]*x* {=`a` ~b}', ['stem' => '<p><em>x</em></p>', 'options.0.html' => '<p><code>a</code></p>']];
    }

    /** @param array<string, mixed> $expected */
    #[DataProvider('questions')]
    public function testAQuestionIsShownAsAPupilSeesIt(string $text, array $expected): void
    {
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet($text, 'gift'));
        $question = self::at($sheet, 'reading.bodies.0.question');

        foreach ($expected as $path => $value) {
            self::assertSame($value, self::at($question, $path), $path);
        }
    }

    public function testABlockThatCannotBeReadHasNoQuestionButItsReason(): void
    {
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet("x {#warm}\n\ny {=a\n", 'gift'));

        self::assertSame('broken', self::at($sheet, 'reading.bodies.0.kind'));
        self::assertNull(self::at($sheet, 'reading.bodies.0.question'));
        self::assertSame('gift.number-malformed', self::at($sheet, 'reading.bodies.0.findings.0.code'));
        self::assertSame('broken', self::at($sheet, 'reading.splice.put.2.kind'));
    }

    public function testEqualBlocksAreSentOnce(): void
    {
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet(str_repeat("x {T}\n\n", 50), 'gift'));

        self::assertCount(100, (array) self::at($sheet, 'reading.splice.put'));
        self::assertCount(2, (array) self::at($sheet, 'reading.bodies'));
    }

    public function testTouchingIsPartOfABlocksName(): void
    {
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet("x {T}\n\nx {T}\n\nx {T}\nx {T}\n", 'gift'));
        $ids = array_column((array) self::at($sheet, 'reading.splice.put'), 'id');

        self::assertSame($ids[0], $ids[2]);
        self::assertNotSame($ids[2], $ids[4], 'The same text, but with a finding of its own.');
        self::assertNotSame($ids[2], $ids[5]);
        self::assertNotSame($ids[4], $ids[5]);
    }

    public function testWhatIsOfferedToChooseFromIsSaid(): void
    {
        $offer = $this->call('GET', '/api/offer');

        self::assertSame(['gift', 'aiken', 'starred', 'gram'], array_column((array) self::at($offer, 'notations'), 'id'));
        self::assertCount(9, (array) self::at($offer, 'notations.0.examples'));
        self::assertContains('windows-1252', array_column((array) self::at($offer, 'encodings'), 'name'));
    }
}
