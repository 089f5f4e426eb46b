<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Question;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a writer writes without naming a loss is read back as it was, and written the same again: for questions that no author has written. */
final class RandomQuestionsTest extends TestCase
{
    /** @return iterable<string, array{Notation}> */
    public static function notations(): iterable
    {
        foreach (['gift', 'gram'] as $id) {
            yield $id => [Notations::find($id) ?? throw new \LogicException()];
        }
    }

    #[DataProvider('notations')]
    public function testWhatIsWrittenWithoutALossIsReadAsItWas(Notation $notation): void
    {
        $questions = new RandomQuestions(31);
        $compared = 0;
        for ($times = 0; $times < 2_500; ++$times) {
            $question = $questions->next();
            $reading = new BlockReading(BlockKind::Question, $question);
            $written = $notation->writer()->write($reading);
            if ('' === $written->text || [] !== array_filter($written->losses, static fn (Loss $loss) => LossKind::Refused !== $loss->kind && 'loss/gift/points' !== $loss->message->id)) {
                continue;
            }
            ++$compared;
            $sheet = ReadSheet::of(SourceText::fromUtf8($written->text."\n"), $notation);
            self::assertCount(1, $sheet->blocks, $written->text);
            $again = $sheet->blocks[0]->reading;
            self::assertNotNull($again->question, $written->text);
            self::assertEquals(self::essence($question), self::essence($again->question), $written->text);
            self::assertSame($written->text, $notation->writer()->write($again)->text);
        }
        self::assertGreaterThan(1_000, $compared);
    }

    /** @return array<string, mixed> what a text holds of a question */
    private static function essence(Question $question): array
    {
        $json = Essence::of($question);
        // Whether a text is Markdown may be told by its marks alone.
        unset($json['comments'], $json['stemFormat']);

        return $json;
    }
}
