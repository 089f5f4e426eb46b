<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/**
 * Random questions, written here straight from how the notations are described and not by our writers, are read back and
 * compared field by field, through the command line.
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
            $actual = self::questionsIn(self::read($text, 'gift'));
            self::assertCount(\count($expected), $actual);
            foreach ($expected as $index => $meant) {
                $question = $actual[$index];
                unset($question['number'], $question['span']);
                self::assertEquals($meant, $question, "Question {$index} of round {$round}");
            }
        }
    }

    public function testSoundGiftOfAnotherHandHasNoFault(): void
    {
        $text = '';
        for ($index = 0; $index < self::QUESTIONS; ++$index) {
            $text .= $this->gift()[0]."\n\n";
        }
        $summary = self::read($text, 'gift')['summary'] ?? null;

        self::assertIsArray($summary);
        self::assertSame([self::QUESTIONS, 0, 0], [$summary['sound'], $summary['faults'], $summary['broken']]);
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
        $read = self::read($text, 'aiken');
        $actual = [];
        foreach (self::questionsIn($read) as $question) {
            $options = $question['options'] ?? [];
            self::assertIsArray($options);
            $actual[] = [$question['stem'], array_column($options, 'text'), array_search(true, array_column($options, 'key'), true)];
        }

        self::assertSame($expected, $actual);
        self::assertSame(self::QUESTIONS, ((array) $read['summary'])['sound']);
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

    /** @return array<string, mixed> what the command line prints of a text */
    private static function read(string $text, string $notation): array
    {
        $process = new Process([__DIR__.'/../../bin/notagram', 'read', '-', "--notation={$notation}", '--format=json'], input: $text);
        $process->run();
        $read = json_decode($process->getOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($read);

        /** @var array<string, mixed> $read */
        return $read;
    }

    /**
     * @param array<string, mixed> $read
     *
     * @return list<array<string, mixed>>
     */
    private static function questionsIn(array $read): array
    {
        /** @var list<array<string, mixed>> $questions */
        $questions = $read['questions'];

        return $questions;
    }
}
