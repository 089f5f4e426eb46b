<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Check\Checker;
use Notagram\Handover\Json\QuestionJson;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Random questions, written here straight from how the notations are described and not by our writers, are read back and
 * compared field by field.
 */
final class OtherWriterTest extends TestCase
{
    private const QUESTIONS = 400;
    private const WORDS = ['queen', 'drone', 'worker', 'brood', 'nectar', 'Waben', 'été', 'μέλι', 'пчела', 'דבש', '🐝', '3.5', '50 %', 'a-b', '(sic)', '“quoted”', 'x²', 'C++', '$5', 'e.g.', '100', 'true'];

    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(20_261_125));
    }

    public function testGiftWrittenByAnotherHandIsReadAsMeant(): void
    {
        for ($round = 0; $round < 5; ++$round) {
            $text = '';
            $expected = [];
            $category = [];
            for ($index = 0; $index < self::QUESTIONS / 5; ++$index) {
                if ($this->chance(8)) {
                    $category = [$this->words(2), $this->words(1)];
                    $text .= '$CATEGORY: '.implode('/', $category)."\n\n";
                }
                [$source, $meant] = $this->gift();
                $text .= $source.$this->pick(["\n\n", "\n\n\n", "\n \t\n"]);
                $expected[] = $meant + ['category' => $category];
            }
            $text = $this->chance(2) ? $text : str_replace("\n", "\r\n", $text);
            $actual = [];
            foreach (ReadSheet::of(SourceText::fromUtf8($text), self::notation('gift'))->blocks as $placed) {
                if (null !== $placed->reading->question) {
                    $actual[] = self::essence($placed);
                }
            }
            self::assertCount(\count($expected), $actual);
            foreach ($expected as $index => $meant) {
                self::assertEquals($meant, $actual[$index], "Question {$index} of round {$round}");
            }
        }
    }

    public function testSoundGiftOfAnotherHandHasNoFault(): void
    {
        $text = '';
        for ($index = 0; $index < self::QUESTIONS; ++$index) {
            $text .= $this->gift()[0]."\n\n";
        }
        $summary = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), self::notation('gift')))->summary();

        self::assertSame(self::QUESTIONS, $summary->sound);
        self::assertSame(0, $summary->faults);
        self::assertSame(0, $summary->broken);
    }

    public function testAikenWrittenByAnotherHandIsReadAsMeant(): void
    {
        $text = '';
        $expected = [];
        for ($index = 0; $index < self::QUESTIONS; ++$index) {
            $stem = $this->stem();
            $texts = $this->distinct($this->random->getInt(2, 8));
            $key = $this->random->getInt(0, \count($texts) - 1);
            $sign = $this->pick(['.', ')']);
            $text .= $stem."\n";
            foreach ($texts as $place => $option) {
                $text .= \chr(65 + $place)."{$sign} {$option}\n";
            }
            $text .= 'ANSWER: '.\chr(65 + $key)."\n\n";
            $expected[] = [$stem, $texts, $key];
        }
        $checked = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), self::notation('aiken')));
        $actual = [];
        foreach ($checked->sheet->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $options = $placed->reading->question->options();
                $keys = array_keys(array_filter($options, static fn ($option) => $option->isKey));
                $actual[] = [$placed->reading->question->stem->text, array_map(static fn ($option) => $option->text->text, $options), $keys[0] ?? null];
            }
        }

        self::assertSame($expected, $actual);
        self::assertSame(self::QUESTIONS, $checked->summary()->sound);
    }

    /** @return array{string, array<string, mixed>} a question in GIFT, and what it means */
    private function gift(): array
    {
        $stem = $this->stem();
        $title = $this->chance(2) ? $this->words(2) : null;
        $points = $this->chance(6) ? $this->pick(['2', '2.5', '10']) : null;
        $comments = null === $points ? [] : ["({$points} points)"];
        [$answers, $meant, $after] = match ($this->random->getInt(0, 7)) {
            0 => $this->choice(),
            1 => $this->several(),
            2 => $this->trueFalse(),
            3 => $this->typed(),
            4 => $this->number(),
            5 => $this->matching(),
            6 => $this->gap($stem),
            default => ['{}', ['type' => 'essay'], ''],
        };
        $source = (null === $points ? '' : "// ({$points} points)\n")
            .(null === $title ? '' : '::'.self::escaped($title).'::'.$this->pick(['', ' ', "\n"]))
            .self::escaped($stem).$this->pick([' ', '']).$answers.$after;
        if ('gap' === $meant['type']) {
            // The blank next to the gap is part of the sentence, so it is written here and not left to chance.
            $source = (null === $points ? '' : "// ({$points} points)\n").(null === $title ? '' : '::'.self::escaped($title).':: ').self::escaped($stem).' '.$answers.$after;
        }

        return [$source, $meant + [
            'title' => $title,
            'stem' => $stem,
            'stemFormat' => 'auto',
            'points' => match (true) {
                null === $points => 1,
                ctype_digit($points) => (int) $points,
                default => $points,
            },
            'explanation' => null,
        ] + ([] === $comments ? [] : ['comments' => $comments])];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function choice(): array
    {
        $texts = $this->distinct($this->random->getInt(2, 6));
        $key = $this->random->getInt(0, \count($texts) - 1);
        $options = [];
        $source = '';
        foreach ($texts as $index => $text) {
            $feedback = $this->chance(4) ? $this->words(3) : null;
            $source .= $this->pick(["\n", "\n  ", ' ']).($index === $key ? '=' : '~').$this->pick(['', ' ']).self::escaped($text).(null === $feedback ? '' : '#'.self::escaped($feedback));
            $options[] = ['text' => $text, 'weight' => $index === $key ? '100' : '0', 'key' => $index === $key, 'feedback' => $feedback];
        }

        return ['{'.$source.$this->pick(['', ' ', "\n"]).'}', ['type' => 'choice', 'options' => $options], ''];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function several(): array
    {
        $rights = $this->pick([2, 4, 5]);
        $wrongs = $this->pick([1, 2, 4]);
        $options = [];
        $source = '';
        foreach ($this->distinct($rights + $wrongs) as $index => $text) {
            $weight = $index < $rights ? (string) (100 / $rights) : (string) (-100 / $wrongs);
            $source .= "\n~%{$weight}%".self::escaped($text);
            $options[] = ['text' => $text, 'weight' => $weight, 'key' => $index < $rights, 'feedback' => null];
        }

        return ['{'.$source."\n}", ['type' => 'multiple-response', 'options' => $options], ''];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function trueFalse(): array
    {
        $isTrue = $this->chance(2);
        $wrong = $this->chance(2) ? $this->words(3) : null;
        $right = null !== $wrong && 1 === $this->random->getInt(1, 2) ? $this->words(3) : null;

        return [
            '{'.$this->pick(['', ' ']).$this->pick($isTrue ? ['T', 'TRUE', 'true', 't'] : ['F', 'FALSE', 'False', 'f']).(null === $wrong ? '' : '#'.self::escaped($wrong)).(null === $right ? '' : '#'.self::escaped($right)).'}',
            ['type' => 'true-false', 'answer' => $isTrue, 'feedbackWhenWrong' => $wrong, 'feedbackWhenRight' => $right],
            '',
        ];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function typed(): array
    {
        $accepted = [];
        $source = '';
        foreach ($this->distinct($this->random->getInt(1, 4)) as $index => $text) {
            $weight = 0 === $index ? '100' : $this->pick(['100', '50', '33.33333']);
            $source .= ' ='.('100' === $weight ? '' : "%{$weight}%").self::escaped($text);
            $accepted[] = ['text' => $text, 'weight' => $weight, 'feedback' => null];
        }

        return ['{'.$source.'}', ['type' => 'short-answer', 'accepted' => $accepted], ''];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function number(): array
    {
        $value = $this->pick(['35', '-2', '0.5', '1000']);
        if ($this->chance(2)) {
            return ["{#{$value}..2000}", ['type' => 'numeric', 'numbers' => [['min' => $value, 'max' => '2000', 'weight' => '100', 'feedback' => null]]], ''];
        }
        $tolerance = $this->pick(['0', '1', '0.25']);

        return ['{#'.$value.('0' === $tolerance ? '' : ":{$tolerance}").'}', ['type' => 'numeric', 'numbers' => [['value' => $value, 'tolerance' => $tolerance, 'weight' => '100', 'feedback' => null]]], ''];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function matching(): array
    {
        $prompts = $this->distinct($this->random->getInt(3, 5));
        $pairs = [];
        $source = '';
        foreach ($prompts as $prompt) {
            $match = $this->words(2);
            $source .= "\n=".self::escaped($prompt).$this->pick([' -> ', '->']).self::escaped($match);
            $pairs[] = ['prompt' => $prompt, 'match' => $match];
        }

        return ['{'.$source."\n}", ['type' => 'matching', 'pairs' => $pairs], ''];
    }

    /** @return array{string, array<string, mixed>, string} */
    private function gap(string $stem): array
    {
        $word = $this->words(1);
        $after = $this->words(3).'.';

        return ['{='.self::escaped($word).'}', [
            'type' => 'gap',
            'stem' => "{$stem} _____ {$after}",
            'accepted' => [['text' => $word, 'weight' => '100', 'feedback' => null]],
            'gapAt' => ['before' => "{$stem} ", 'after' => " {$after}"],
        ], ' '.self::escaped($after)];
    }

    private static function escaped(string $text): string
    {
        return addcslashes($text, '~=#{}:\\');
    }

    private function stem(): string
    {
        return 'Q'.$this->words($this->random->getInt(2, 8)).'?';
    }

    private function words(int $count): string
    {
        return implode(' ', array_map(fn () => $this->pick(self::WORDS), range(1, $count)));
    }

    /** @return list<string> texts that differ even without capitals */
    private function distinct(int $count): array
    {
        return array_map(fn (int $number) => "option {$number} ".$this->words(2), range(1, $count));
    }

    private function chance(int $oneIn): bool
    {
        return 1 === $this->random->getInt(1, $oneIn);
    }

    /**
     * @template T
     *
     * @param list<T> $from
     *
     * @return T
     */
    private function pick(array $from): mixed
    {
        return $from[$this->random->getInt(0, \count($from) - 1)];
    }

    private static function notation(string $id): \Notagram\Notation\Notation
    {
        return Notations::find($id) ?? throw new \LogicException();
    }

    /** @return array<string, mixed> */
    private static function essence(PlacedBlock $placed): array
    {
        return QuestionJson::of($placed->reading->question ?? throw new \LogicException()) + ['category' => $placed->category];
    }
}
