<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\Key\MatchedLetters;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What keys say of terms and their letters (common practice, no source). */
final class MatchedLettersTest extends TestCase
{
    private const PROMPTS = [1 => 'queen', 2 => 'drone – male', 3 => 'worker'];

    /** @return iterable<string, array{string, array<int, string>}> */
    public static function keys(): iterable
    {
        $all = [1 => 'c', 2 => 'a', 3 => 'b'];
        yield 'in words' => ['queen – C; drone – male – A; worker – B', $all];
        yield 'in words, with other signs' => ['queen = c, drone  – male: a, worker → b.', $all];
        yield 'letters in their order' => ['C, A, B', $all];
        yield 'letters without commas' => ['C A B', $all];
        yield 'numbers and letters' => ['1-C 2-A 3-B', $all];
        yield 'numbers and letters in any order' => ['3) B; 1) C; 2) A', $all];
        yield 'some of the numbers' => ['1-C', [1 => 'c']];
        yield 'too few letters' => ['C, A', []];
        yield 'one term is not named' => ['queen – C; worker – B', []];
        yield 'the terms in another order' => ['worker – B; queen – C; drone – male – A', []];
        yield 'something behind it' => ['queen – C; drone – male – A; worker – B; guest', []];
        yield 'a word for a letter' => ['queen – Cells; drone – male – A; worker – B', []];
        yield 'a sentence' => ['They all belong together.', []];
        yield 'nothing' => ['', []];
    }

    /** @param array<int, string> $letters */
    #[DataProvider('keys')]
    public function testEachTermGetsTheLetterThatTheKeySays(string $answer, array $letters): void
    {
        $found = MatchedLetters::in($answer, self::PROMPTS);
        ksort($found);
        self::assertSame($letters, $found);
    }
}
