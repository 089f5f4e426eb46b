<?php

declare(strict_types=1);

namespace Notagram\Tests\Gathering;

use Notagram\Gathering\CannotGather;
use Notagram\Gathering\Excerpt;
use Notagram\Gathering\GatheredText;
use Notagram\Gathering\TextPlace;
use Notagram\Gathering\TextSearch;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use Notagram\Tests\Notation\RandomQuestions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sheets that no author has written: what is picked from them stands together as it was, and what is looked for is found wherever it stands. */
final class RandomGatheringTest extends TestCase
{
    private Randomizer $random;
    private RandomQuestions $questions;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(11));
        $this->questions = new RandomQuestions(11);
    }

    /** @return iterable<string, array{Notation}> */
    public static function notations(): iterable
    {
        foreach (Notations::all() as $notation) {
            yield $notation->id() => [$notation];
        }
    }

    #[DataProvider('notations')]
    public function testWhatIsPickedStandsTogetherAsItWas(Notation $notation): void
    {
        $refused = 0;
        for ($times = 0; $times < 60; ++$times) {
            $excerpts = [];
            foreach (range(0, $this->random->getInt(1, 3)) as $place) {
                $sheet = $this->sheet($notation);
                $numbers = array_keys(self::questionsIn($sheet));
                $picked = 0 === $this->random->getInt(0, 2) ? null : array_values(array_filter($numbers, fn () => 1 === $this->random->getInt(0, 1)));
                $excerpts[] = new Excerpt("Sheet {$place}", $sheet, $picked);
            }
            try {
                $gathered = self::read(GatheredText::of($excerpts), $notation);
            } catch (CannotGather) {
                ++$refused;
                continue;
            }
            $meant = array_merge(...array_map(static fn (Excerpt $excerpt) => array_values(array_filter(
                self::questionsIn($excerpt->sheet),
                static fn (int $number) => null === $excerpt->numbers || \in_array($number, $excerpt->numbers, true),
                \ARRAY_FILTER_USE_KEY,
            )), $excerpts));
            // What has no category comes first; else all stand in their order.
            $meant = [...array_filter($meant, static fn (array $one) => [] === $one['category']), ...array_filter($meant, static fn (array $one) => [] !== $one['category'])];
            self::assertSame($meant, array_values(self::questionsIn($gathered)), $gathered->source->text);
        }
        self::assertLessThan(8, $refused, 'Hardly any would read as others where they stand together.');
    }

    #[DataProvider('notations')]
    public function testWordsAreFoundWhereverTheyStand(Notation $notation): void
    {
        $plain = static fn (string $text): string => (string) preg_replace('/\s+/u', ' ', mb_strtolower($text, 'UTF-8'));
        $found = 0;
        for ($times = 0; $times < 100; ++$times) {
            $sheet = $this->sheet($notation);
            $text = $sheet->source->text;
            $words = trim(mb_substr($text, $this->random->getInt(0, max(0, mb_strlen($text) - 12)), $this->random->getInt(3, 12)));
            if ('' === $words || str_contains($words, "\u{FDD0}")) {
                continue;
            }
            $asked = strtr(1 === $this->random->getInt(0, 1) ? mb_strtoupper($words, 'UTF-8') : $words, [' ' => "  \n"]);
            $meant = $number = 0;
            $places = [];
            foreach ($sheet->blocks as $placed) {
                $number += null === $placed->number ? 0 : 1;
                if (str_contains($plain($placed->block->textIn($text)), $plain($words))) {
                    ++$meant;
                    $places[] = $placed->number;
                }
            }
            $is = (new TextSearch($asked))->in($text, $notation, 100);
            self::assertSame($places, array_map(static fn (TextPlace $place) => $place->question, $is), "“{$asked}” in\n{$text}");
            foreach ($is as $place) {
                self::assertSame($plain($words), $plain($place->match), $text);
            }
            $found += $meant;
        }
        self::assertGreaterThan(50, $found);
    }

    private function sheet(Notation $notation): ReadSheet
    {
        $texts = [];
        for ($number = 1, $count = $this->random->getInt(1, 4); $number <= $count; ++$number) {
            if (0 === $this->random->getInt(0, 2)) {
                $texts[] = $notation->writer()->write(new BlockReading(BlockKind::Category, category: [['A'], ['A', 'B'], ['C/D']][$this->random->getInt(0, 2)]))->text;
            }
            $written = $notation->writer()->write(new BlockReading(BlockKind::Question, $this->questions->next()));
            $texts[] = ($written->isNumbered && '' !== $written->text ? "{$number}. " : '').$written->text;
        }

        return self::read(implode("\n\n", array_filter($texts, static fn (string $text) => '' !== $text))."\n", $notation);
    }

    private static function read(string $text, Notation $notation): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), $notation);
    }

    /** @return array<int, array{category: list<string>, question: ?array<string, mixed>}> by number */
    private static function questionsIn(ReadSheet $sheet): array
    {
        $questions = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number) {
                $questions[$placed->number] = ['category' => $placed->category, 'question' => null === $placed->reading->question ? null : Essence::of($placed->reading->question)];
            }
        }

        return $questions;
    }
}
