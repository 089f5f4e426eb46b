<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Notations;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\Paper;
use Notagram\Notation\Printed\PaperOption;
use Notagram\Notation\Printed\PaperQuestion;
use Notagram\Notation\Printed\Piece;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Matching;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Source\SourceText;
use PHPUnit\Framework\TestCase;

/** A tidied test is read in two ways, as the printed test it was and as the Starred list it has become: both find the same questions. */
final class TwoReadingsTest extends TestCase
{
    /** A lone question that is numbered 2, and lettered questions under a word that counts too: the first reading wants more to go on. */
    private const APART = ['printed-matching: relie les mots', 'varied-fifth: deutscher Test aus einem Arbeitsblatt mit Lösungswort'];

    public function testATidiedTestIsReadTheSameInBothWays(): void
    {
        $starred = Notations::find('starred') ?? self::fail();
        $apart = [];
        foreach (Papers::all() as $name => [$source]) {
            $text = Tidy::of($source)->text;
            $asList = [];
            foreach (ReadSheet::of(SourceText::fromUtf8($text), $starred)->blocks as $placed) {
                $question = $placed->reading->question;
                if (null !== $question && !$question->answers instanceof Stimulus) {
                    $asList[] = self::ofList($question);
                }
            }

            $asPaper = array_map(self::ofPaper(...), Paper::of($text)->questions);
            if ($asPaper !== $asList) {
                $apart[$name] = [$asPaper, $asList];
            }
        }

        self::assertSame([], array_diff_key($apart, array_fill_keys(self::APART, '')));
        self::assertSame(self::APART, array_keys($apart), 'These are read the same by now.');
    }

    /** @return array{string, list<string>} */
    private static function ofList(Question $question): array
    {
        return [self::flat($question->stem->text), match (true) {
            $question->answers instanceof TrueFalse => ['true or false'],
            $question->answers instanceof Matching => ['pairs: '.\count($question->answers->pairs)],
            default => array_map(static fn (Option $option) => self::flat($option->text->text), $question->options()),
        }];
    }

    /** @return array{string, list<string>} */
    private static function ofPaper(PaperQuestion $question): array
    {
        $words = PaperWords::all();
        $options = array_map(static fn (PaperOption $option) => self::flat($option->mark->rest.' '.implode(' ', array_map(static fn (Piece $piece) => $piece->text, $option->more))), $question->options);
        $meanings = array_map($words->truth(...), $options);
        sort($meanings);
        $answer = Lexer::label($question->answers[0]->text ?? '')->rest ?? '';

        return [self::flat($question->stemText()), match (true) {
            [] !== $question->truths, [false, true] === $meanings, null !== $words->truth($answer) => ['true or false'],
            [] !== $question->pairs => ['pairs: '.\count($question->pairs)],
            default => $options,
        }];
    }

    /** On one line, without points and stars, every printed blank of the same length. */
    private static function flat(string $text): string
    {
        $text = preg_replace(['~[(\[]?'.PaperWords::all()->pointsPattern().'[)\]]?~iu', '/_{3,}/'], ['', '_____'], $text) ?? '';

        return trim(preg_replace('/[\s*]+/u', ' ', $text) ?? '');
    }
}
