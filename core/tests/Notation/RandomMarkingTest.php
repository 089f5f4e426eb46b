<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Handover\NotationTarget;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\Key\KeyMisfit;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Gap;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A key list over questions that no author has written: each question that it names has the answer that the list says, or is
 * named as one that it does not fit; and nothing else of any question changes.
 */
final class RandomMarkingTest extends TestCase
{
    /** @var list<\Closure(int, string): string> how an entry is written in a list */
    private array $forms;
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(7));
        $this->forms = [
            static fn (int $number, string $answer) => "{$number}. {$answer}\n",
            static fn (int $number, string $answer) => "({$number}) {$answer}\n",
            static fn (int $number, string $answer) => "{$number}\t{$answer}\n",
            static fn (int $number, string $answer) => "| {$number} | {$answer} |\n",
            static fn (int $number, string $answer) => "{$number}: {$answer}\n",
            static fn (int $number, string $answer) => "{$number}. {$answer}; ",
        ];
    }

    /** @return iterable<string, array{Notation, int}> with how many questions the list fits at least */
    public static function notations(): iterable
    {
        foreach (['gift' => 350, 'aiken' => 120, 'starred' => 400, 'gram' => 350] as $id => $least) {
            yield $id => [Notations::find($id) ?? throw new \LogicException(), $least];
        }
    }

    #[DataProvider('notations')]
    public function testItMarksWhatItSaysAndNothingElse(Notation $notation, int $least): void
    {
        $questions = new RandomQuestions(5);
        $marked = 0;
        for ($times = 0; $times < 120; ++$times) {
            $sheet = $this->sheet($questions, $notation);
            $answers = [];
            foreach ($sheet->blocks as $placed) {
                $answer = null === $placed->number || null === $placed->reading->question ? null : $this->answer($placed->reading->question);
                if (null !== $answer) {
                    $answers[$placed->number] = $answer;
                }
            }
            $key = $this->spelled($sheet, $answers);
            $marking = KeyMarking::of($sheet, $key);
            $unfit = array_map(static fn (KeyMisfit $misfit) => $misfit->entry->number, $marking->misfits);
            $text = $sheet->source->text;
            foreach (array_reverse($marking->edits()) as $edit) {
                $text = substr_replace($text, $edit->text, $edit->span->start, $edit->span->length());
            }
            $after = ReadSheet::of(SourceText::fromUtf8($text), $notation);
            foreach ($sheet->blocks as $placed) {
                if (null === $placed->number || null === $placed->reading->question) {
                    continue;
                }
                $told = "{$key}\n\n{$sheet->source->text}\nbecame\n{$text}";
                $is = $after->numbered($placed->number)->reading->question;
                self::assertNotNull($is, $told);
                $isNamed = isset($answers[$placed->number]) && !\in_array(self::printed($sheet, $placed), $unfit, true);
                self::assertSame($isNamed ? $answers[$placed->number] : self::answered($placed->reading->question), self::answered($is), $told);
                self::assertSame(self::besides($placed->reading->question), self::besides($is), $told);
                $marked += $isNamed ? 1 : 0;
            }
        }
        self::assertGreaterThan($least, $marked);
    }

    private function sheet(RandomQuestions $questions, Notation $notation): ReadSheet
    {
        $gift = Notations::find('gift') ?? throw new \LogicException();
        $texts = [];
        for ($count = 0; $count < 6; ++$count) {
            $texts[] = $gift->writer()->write(new BlockReading(BlockKind::Question, $questions->next()))->text;
        }
        $written = (new NotationTarget($notation))->write(ReadSheet::of(SourceText::fromUtf8(implode("\n\n", $texts)."\n"), $gift))->bytes();

        return ReadSheet::of(SourceText::fromUtf8($written), $notation);
    }

    /** @return bool|list<int>|list<string>|null what the list shall say: the places of options, forms, or a truth; null for what has no such answer */
    private function answer(Question $question): bool|array|null
    {
        $options = $question->options();

        return match (true) {
            $question->answers instanceof TrueFalse => 1 === $this->random->getInt(0, 1),
            [] !== $options => $this->random->pickArrayKeys($options, 0 === $this->random->getInt(0, 3) ? $this->random->getInt(1, \count($options)) : 1),
            $question->answers instanceof ShortAnswer, $question->answers instanceof Gap => \array_slice(['drone', 'the queen', 'wax', '16 days'], $this->random->getInt(0, 2), $this->random->getInt(1, 2)),
            default => null,
        };
    }

    /** @param array<int, bool|list<int>|list<string>> $answers by question */
    private function spelled(ReadSheet $sheet, array $answers): string
    {
        $key = '';
        $form = $this->forms[$this->random->getInt(0, \count($this->forms) - 1)];
        foreach ($answers as $number => $answer) {
            $place = self::printed($sheet, $sheet->numbered($number));
            $key .= $form($place, match (true) {
                \is_bool($answer) => $this->oneOf($answer ? ['True', 'T', 'wahr', 'vrai'] : ['False', 'F', 'falsch', 'faux']),
                \is_string($answer[0] ?? null) => implode(' / ', $answer),
                default => implode($this->oneOf([', ', ' ', '', '/', ' and ']), array_map(static fn (int|string $index) => \chr(65 + (int) $index), $answer)),
            });
        }

        return $key;
    }

    /** The number by which a list calls a question. */
    private static function printed(ReadSheet $sheet, PlacedBlock $placed): int
    {
        return $sheet->notation->marker()->printedNumber($placed->block, $placed->block->textIn($sheet->source->text)) ?? $placed->number ?? 0;
    }

    /** @return bool|list<int>|list<string>|null as {@see answer()} says it */
    private static function answered(Question $question): bool|array|null
    {
        return match (true) {
            $question->answers instanceof TrueFalse => $question->answers->answer,
            [] !== $question->options() => array_keys(array_filter(array_map(static fn (Option $option) => $option->isKey, $question->options()))),
            default => array_map(static fn (AcceptedAnswer $answer) => $answer->text, $question->accepted()),
        };
    }

    /** @return array<string, mixed> all that is no matter of what is right */
    private static function besides(Question $question): array
    {
        $parts = Essence::of($question);
        // Several right answers are a type of their own.
        unset($parts['answer'], $parts['type'], $parts['gapAt'], $parts['accepted']);
        $parts['options'] = array_map(static fn (Option $option) => [$option->text->text, $option->feedback?->text], $question->options());

        return $parts;
    }

    /** @param non-empty-list<string> $of */
    private function oneOf(array $of): string
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
