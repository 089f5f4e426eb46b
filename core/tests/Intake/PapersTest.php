<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Essay;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Source\SourceText;
use PHPUnit\Framework\TestCase;

/** Ugly papers come out as a person would make them; the folder's README says how they are written down. */
final class PapersTest extends TestCase
{
    private const QUESTIONS = 0.95;
    private const PAPERS = 0.85;

    /** Of what is listed as failing, all fail, and nothing else does. */
    public function testThePapersThatFailAreThoseThatAreListed(): void
    {
        $papers = self::papers();
        self::assertGreaterThanOrEqual(240, \count($papers));
        $listed = explode("\n", trim((string) file_get_contents(__DIR__.'/papers/failing.list')));
        $all = $right = 0;
        $failing = [];
        foreach ($papers as $name => [$source, $meant]) {
            $got = self::read(Tidy::of($source)->text);
            $all += \count($meant);
            $right += \count($meant) - \count(array_diff($meant, $got));
            if ($got !== $meant) {
                $failing[$name] = implode("\n", $got)."\ninstead of\n".implode("\n", $meant);
            }
        }
        self::assertSame([], array_diff_key($failing, array_fill_keys($listed, '')), 'These fail and are not listed.');
        self::assertSame([], array_values(array_diff($listed, array_keys($failing))), 'These are listed, and come out right.');
        self::assertGreaterThanOrEqual(self::QUESTIONS, $right / $all);
        self::assertGreaterThanOrEqual(self::PAPERS, 1 - \count($failing) / \count($papers));
    }

    public function testNoWordIsLostUnsaid(): void
    {
        foreach (self::papers() as $name => [$source]) {
            $tidied = Tidy::of($source);
            $told = $tidied->text;
            foreach ($tidied->steps as $step) {
                foreach ($step->changes as $change) {
                    // A soft hyphen, or one at a line's end, is no part of its word.
                    $told .= "\n".$change->before;
                }
            }
            preg_match_all('/\p{L}{3,}/u', str_replace("\u{AD}", '', $source), $words);
            $told = str_replace("\u{AD}", '', $told);
            foreach ($words[0] as $word) {
                self::assertStringContainsString($word, $told, $name);
            }
        }
    }

    public function testTidyingASecondTimeChangesNothing(): void
    {
        foreach (self::papers() as $name => [$source]) {
            $tidied = Tidy::of($source)->text;
            $again = Tidy::of($tidied);
            self::assertSame($tidied, $again->text, $name);
            self::assertSame([], $again->steps, $name);
        }
    }

    public function testACleanTextComesOutAsItIs(): void
    {
        foreach (self::papers() as $name => [$source]) {
            if (str_starts_with($name, 'clean: ')) {
                self::assertSame(rtrim($source)."\n", Tidy::of($source)->text, $name);
                self::assertSame([], Tidy::of($source)->steps, $name);
            }
        }
    }

    /** @return array<string, array{string, list<string>}> source and what is meant, question by question */
    private static function papers(): array
    {
        $papers = [];
        foreach (Papers::all() as $name => [$source, $meant]) {
            $questions = [];
            foreach (explode("\n? ", "\n".trim($meant)) as $question) {
                if ('' !== $question) {
                    $questions[] = implode("\n", array_map(self::flat(...), explode("\n", trim($question))));
                }
            }
            $papers[$name] = [$source, $questions];
        }

        return $papers;
    }

    /** @return list<string> as the papers are written down */
    private static function read(string $text): array
    {
        $questions = [];
        foreach (ReadSheet::of(SourceText::fromUtf8($text), Notations::find('starred') ?? throw new \LogicException())->blocks as $placed) {
            if (BlockKind::Question === $placed->reading->kind && null !== $placed->reading->question) {
                $questions[] = self::line($placed->reading->question);
            }
        }

        return $questions;
    }

    private static function line(Question $question): string
    {
        $answers = $question->answers;
        $lines = [self::flat((null === $question->points ? '' : "({$question->points}) ").$question->stem->text)];
        foreach ($question->options() as $option) {
            $lines[] = ($option->isKey ? '+ ' : '- ').self::flat($option->text->text);
        }
        $forms = array_map(static fn (AcceptedAnswer $accepted) => $accepted->text, $question->accepted());
        $pairs = $answers instanceof Matching ? $answers->pairs : [];
        $lines[] = match (true) {
            $answers instanceof TrueFalse => null === $answers->answer ? 'tf' : ($answers->answer ? 't' : 'f'),
            $answers instanceof ShortAnswer, $answers instanceof Gap => [] === $forms ? 'typed' : '= '.implode(' / ', $forms),
            $answers instanceof Essay => 'e',
            $answers instanceof Stimulus => 's',
            default => '',
        };
        foreach ($pairs as $pair) {
            $lines[] = rtrim("> {$pair->prompt->text}")." -> {$pair->match}";
        }
        if (null !== $question->explanation) {
            $lines[] = '! '.self::flat($question->explanation->text);
        }

        return implode("\n", array_filter($lines, static fn (string $line) => '' !== $line));
    }

    private static function flat(string $text): string
    {
        return trim((string) preg_replace(['/_{3,}/', '/\s+/u'], ['___', ' '], $text));
    }
}
