<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\NotationTarget;
use Notagram\Handover\Table\CsvFile;
use Notagram\Handover\Table\TableTarget;
use Notagram\Handover\Target;
use Notagram\Intake\Table\Columns;
use Notagram\Intake\Table\RowReader;
use Notagram\Intake\Table\TableFiles;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use Notagram\Tests\Notation\RandomQuestions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The promise of handing over, for questions that no author has written: what comes out otherwise than it went in is named at
 * its question, and what is named does come out otherwise.
 */
final class NamedLossesTest extends TestCase
{
    /** What each loss may change of a question. One that is not listed may change anything. */
    private const CHANGES = [
        'left-out/title' => ['title'],
        'left-out/format' => ['stemFormat'],
        'left-out/feedback' => ['options.feedback', 'accepted.feedback', 'numbers.feedback', 'feedbackWhenRight', 'feedbackWhenWrong'],
        'left-out/explanation' => ['explanation'],
        'left-out/points' => ['points'],
        'left-out/comments' => ['comments'],
        'left-out/tags' => ['tags'],
        'left-out/id' => ['id'],
        'number' => ['stem'],
        'html' => ['stem', 'options.text'],
        'markdown' => ['stemFormat'],
        'line-breaks/any' => ['stem', 'options.text'],
        'line-breaks/stem' => ['stem', 'gapAt'],
        'line-breaks/answers' => ['options.text', 'accepted.text', 'pairs.prompt', 'pairs.match'],
        'line-breaks/explanation' => ['explanation'],
        'partial-marks' => ['options.weight'],
        'gap-to-choice' => ['gapAt', 'type'],
        'true-false-to-choice' => ['answer', 'type', 'options.text', 'options.key', 'options.weight', 'options.feedback'],
        'starred/gap' => ['gapAt', 'type'],
        'starred/one-answer' => ['type'],
        'starred/several-answers' => ['type'],
        'starred/number' => ['type', 'accepted.text', 'accepted.weight', 'accepted.feedback', 'numbers.value', 'numbers.tolerance', 'numbers.min', 'numbers.max'],
        'starred/tolerance' => ['numbers.tolerance', 'numbers.min', 'numbers.max'],
        'starred/weights' => ['options.weight'],
        'starred/weights-of-accepted' => ['accepted.weight', 'numbers.weight'],
        'table/weights' => ['options.weight'],
    ];
    /** What is named for the sake of those who take it, though it comes back to us. */
    private const STILL_HERE = ['gift/points', 'gift/one-pair', 'table/range', 'unmarked-goes'];

    /** @return iterable<string, array{Target}> */
    public static function targets(): iterable
    {
        foreach (Notations::all() as $notation) {
            yield $notation->id() => [new NotationTarget($notation)];
        }
        yield 'csv' => [new TableTarget(new CsvFile())];
    }

    #[DataProvider('targets')]
    public function testWhatComesOutOtherwiseIsNamedAndWhatIsNamedComesOutOtherwise(Target $target): void
    {
        $written = $target->write(self::sheet($target));
        $going = array_values(array_filter($written->blocks, static fn (HandedOverBlock $block) => '' !== $block->text && !$block->placed->reading->question?->answers instanceof Stimulus));
        $arrived = self::arrived($target, $written);
        self::assertCount(\count($going), $arrived);
        $faults = [];
        foreach ($going as $index => $block) {
            $was = $block->placed->reading->question ?? throw new \LogicException($block->text);
            $names = array_map(static fn (Loss $loss) => substr($loss->message->id, \strlen('loss/')), $block->losses);
            $changed = self::changed($was, $arrived[$index]);
            $may = array_merge(...array_map(static fn (string $name) => self::CHANGES[$name] ?? $changed, $names), ...[[]]);
            foreach (array_diff($changed, $may) as $part) {
                $faults[] = "{$part} changed unsaid (".implode(', ', $names)."): {$block->text}";
            }
            foreach (array_diff($names, self::STILL_HERE) as $name) {
                if ([] === array_intersect(self::CHANGES[$name] ?? $changed, $changed)) {
                    $faults[] = "{$name} was said and nothing changed: {$block->text}";
                }
            }
        }
        self::assertSame([], $faults, implode("\n\n", $faults));
    }

    /** Random questions with what they may carry; without those of which the target itself says that they may be taken for something else. */
    private static function sheet(Target $target): ReadSheet
    {
        $gift = Notations::find('gift') ?? throw new \LogicException();
        $random = new RandomQuestions(41);
        $texts = [];
        for ($times = 0; \count($texts) < 400; ++$times) {
            $text = $gift->writer()->write(new BlockReading(BlockKind::Question, $random->next()))->text;
            $text = match ($times % 12) {
                3 => "// by Tom\n{$text}",
                5 => "// [id:q{$times}] [tag:spring]\n{$text}",
                7 => 1 === preg_match('~^(?:::|\[|//)~', $text) ? $text : "[markdown]{$text}",
                default => $text,
            };
            $alone = ReadSheet::of(SourceText::fromUtf8("{$text}\n"), $gift);
            $losses = array_merge(...array_map(static fn (HandedOverBlock $block) => $block->losses, $target->write($alone)->blocks), ...[[]]);
            if ([] === array_filter($losses, static fn (Loss $loss) => LossKind::Dropped === $loss->kind || 1 === preg_match('/look-alike|arrow-in|starred\/text/', $loss->message->id))) {
                $texts[] = $text;
            }
        }

        return ReadSheet::of(SourceText::fromUtf8(implode("\n\n", $texts)."\n"), $gift);
    }

    /** @return list<?Question> */
    private static function arrived(Target $target, HandedOver $written): array
    {
        $notation = Notations::find($target->id());
        if (null !== $notation) {
            $blocks = ReadSheet::of(SourceText::fromUtf8($written->bytes()), $notation)->blocks;

            return array_values(array_map(
                static fn ($placed) => $placed->reading->question,
                array_filter($blocks, static fn ($placed) => null !== $placed->number && !$placed->reading->question?->answers instanceof Stimulus),
            ));
        }
        $table = TableFiles::read($written->bytes(), 'x.csv') ?? throw new \LogicException();
        $columns = Columns::of($table);
        $questions = array_map(static fn ($row) => RowReader::read($row, $columns)->question, \array_slice($table->rows, 1));

        return array_values(array_filter($questions, static fn (?Question $one) => !$one?->answers instanceof Stimulus));
    }

    /** @return list<string> */
    private static function changed(Question $was, ?Question $is): array
    {
        $old = self::parts($was);
        $new = null === $is ? [] : self::parts($is);

        return array_values(array_filter(array_unique([...array_keys($old), ...array_keys($new)]), static fn (string $part) => ($old[$part] ?? null) !== ($new[$part] ?? null)));
    }

    /** @return array<string, mixed> the parts of a question that say something, each with what all its answers have of it */
    private static function parts(Question $question): array
    {
        $of = [];
        $parts = ['comments' => $question->notes()] + Essence::of($question);
        foreach (['options', 'accepted', 'numbers', 'pairs'] as $list) {
            $entries = \is_array($parts[$list] ?? null) ? $parts[$list] : [];
            unset($parts[$list]);
            foreach ($entries as $place => $entry) {
                foreach (\is_array($entry) ? $entry : [] as $name => $value) {
                    if (null !== $value && ('weight' !== $name || 'options' === $list || '100' !== $value)) {
                        $of["{$list}.{$name}"][$place] = $value;
                    }
                }
            }
        }
        if ('auto' === ($parts['stemFormat'] ?? '')) {
            unset($parts['stemFormat']);
        }

        return array_filter($parts + $of, static fn (mixed $part) => null !== $part && [] !== $part);
    }
}
