<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Tidy;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plain tests, each set in one of the many styles that papers keep to: whatever the style, tidying finds the same questions. */
final class RandomPapersTest extends TestCase
{
    private const NUMBERS = ['%d. ', '%d) ', '(%d) ', 'Question %d: ', '%d.- ', "%d.\t", '____ %d. ', 'Q%d. '];
    /** In each language: true, false, the label of an answer, what says that it is right. */
    private const WORDS = [['True', 'False', 'Answer', 'correct'], ['Richtig', 'Falsch', 'Antwort', 'richtig'], ['Vrai', 'Faux', 'Réponse', 'correct'], ['Verdadero', 'Falso', 'Respuesta', 'correcta'], ['Vero', 'Falso', 'Risposta', 'corretta'], ['Waar', 'Onwaar', 'Antwoord', 'juist'], ['Verdadeiro', 'Falso', 'Resposta', 'correta']];
    private const HEADINGS = ['Answers', 'Answer key:', 'KEY', 'Solutions', 'Lösungen:', 'Corrigé', 'Antwoorden'];
    private const LETTERS = ['- ', '☐ ', '[ ] ', '• ', 'a) ', 'A. ', '(a) ', 'a. ', "A)\t", '    a) ', 'A: '];
    private const STEMS = ['Which of these do bees need in %s?', 'What does a beekeeper do with the hive number %s in spring', 'Name what the workers carry home to the frames of hive %s:', 'In the year %s the club moved its hives; why?', 'Bees of colony %s fly', 'Think of the apiary on page %s. What is missing there?'];
    private const STATEMENTS = ['The queen of hive %s lays eggs.', 'Smoke calms the bees of hive %s', 'Drones of colony %s have a sting.'];
    private const OPTIONS = ['pollen', 'nectar', 'the queen excluder', 'a feeder with syrup', 'some water', 'wax', 'two empty frames', 'a smoker', 'the brood box', '16 days', '35 °C', 'none of these', 'royal jelly, fresh', 'honey from last year', 'propolis'];

    public function testWhateverTheStyleTheQuestionsAreTheSame(): void
    {
        $random = new Randomizer(new Mt19937(20_261_128));
        for ($paper = 0; $paper < 150; ++$paper) {
            [$text, $meant] = self::paper($random);
            self::assertSame($meant, Gist::of(Tidy::of($text)->text), $text);
        }
    }

    /** @return array{string, list<string>} the paper, and what its questions say */
    private static function paper(Randomizer $random): array
    {
        $number = self::NUMBERS[$random->getInt(0, \count(self::NUMBERS) - 1)];
        $letter = self::LETTERS[$random->getInt(0, \count(self::LETTERS) - 1)];
        [$true, $false, $label, $correct] = self::WORDS[$random->getInt(0, 6)];
        $isApart = 1 === $random->getInt(0, 1);
        $hasPoints = 0 === $random->getInt(0, 2);
        $isWide = 0 === $random->getInt(0, 4);
        $layout = $random->getInt(0, 5);
        // What has no letter is named by its place, which only those who count know: its mark stands at it.
        $isLettered = 1 === preg_match('/[aA]/', $letter);
        $key = ['star', 'word', 'list', 'row', 'dashes', 'below'][$random->getInt(0, $isLettered ? 5 : 1)];
        $lines = [];
        if (0 === $random->getInt(0, 1)) {
            array_push($lines, 'Spring test', 'Name: ______________   Date: __________', '');
        }
        $answers = $meant = [];
        for ($count = $random->getInt(3, 14), $at = 1; $at <= $count; ++$at) {
            $kind = $random->getInt(0, 4);
            $stem = \sprintf(3 === $kind ? self::STATEMENTS[$random->getInt(0, 2)] : self::STEMS[$random->getInt(0, 5)], (string) $random->getInt(2, 40));
            $points = $hasPoints ? '(2) ' : '';
            $shown = \sprintf($number, $at).$stem.($hasPoints ? ' (2 points)' : '');
            $place = strrpos($shown, ' ');
            // Wrapped, as on a narrow page.
            array_push($lines, ...0 === $random->getInt(0, 3) && \strlen($shown) > 55 && false !== $place ? [substr($shown, 0, $place), substr($shown, $place + 1)] : [$shown]);
            if (3 === $kind) {
                $place = $random->getInt(0, 1);
                $answer = [$true, $false][$place];
                $lines[] = "{$true}   {$false}";
                $meant[] = "{$points}{$stem} | ".['True', 'False'][$place];
            } elseif (4 === $kind) {
                $answer = self::OPTIONS[$random->getInt(0, 8)];
                $lines[] = '____________________';
                $meant[] = "{$points}{$stem} = {$answer}";
            } else {
                $options = \array_slice($random->shuffleArray(self::OPTIONS), 0, $random->getInt(3, 5));
                $right = 2 === $kind ? [0, 2] : [$random->getInt(0, \count($options) - 1)];
                $answer = implode(', ', array_map(static fn (int $place) => \chr(97 + $place), $right));
                $marked = array_map(static function (int $place, string $option) use ($letter, $key, $right, $correct): string {
                    $isRight = \in_array($place, $right, true);
                    $mark = strtr($letter, ['a' => \chr(97 + $place), 'A' => \chr(65 + $place)]);

                    return ($isRight && 'star' === $key ? '*'.ltrim($mark) : $mark).$option.($isRight && 'word' === $key ? " ({$correct})" : '');
                }, array_keys($options), $options);
                array_push($lines, ...$isWide ? [''] : [], ...match ($isLettered ? $layout : 0) {
                    1 => [implode('     ', $marked)],
                    2 => array_map(static fn (array $two) => implode("\t", $two), array_chunk($marked, 2)),
                    3 => self::downwards($marked),
                    4 => array_map(static fn (string $option) => str_contains($option, ' with ') ? str_replace(' with ', " with\n", $option) : $option, $marked),
                    default => $marked,
                });
                $meant[] = "{$points}{$stem} ".implode(' ', array_map(static fn (int $place, string $option) => (\in_array($place, $right, true) ? '+' : '-')." {$option}", array_keys($options), $options));
            }
            // What has no options to mark has its answer below it, where there is no key.
            if ('below' === $key || ($kind > 2 && \in_array($key, ['star', 'word'], true))) {
                $lines[] = "{$label}: {$answer}";
            }
            $answers[$at] = $answer;
            array_push($lines, ...$isApart ? [''] : []);
            if ($isApart && 0 === $at % 5) {
                array_push($lines, 'Page '.intdiv($at, 5), '');
            }
        }
        if ('list' === $key) {
            array_push($lines, '', self::HEADINGS[$random->getInt(0, \count(self::HEADINGS) - 1)], ...array_map(static fn (int $at, string $answer) => "{$at}. {$answer}", array_keys($answers), $answers));
        } elseif ('dashes' === $key) {
            array_push($lines, '', 'Answers', implode(', ', array_map(static fn (int $at, string $answer) => "{$at}-{$answer}", array_keys($answers), $answers)));
        } elseif ('row' === $key) {
            array_push($lines, '', 'Key: '.implode('; ', array_map(static fn (int $at, string $answer) => "{$at} {$answer}", array_keys($answers), $answers)));
        }

        return [implode("\n", $lines)."\n", $meant];
    }

    /**
     * Two columns, each read from above.
     *
     * @param list<string> $options
     *
     * @return list<string>
     */
    private static function downwards(array $options): array
    {
        $half = intdiv(\count($options) + 1, 2);

        return array_map(static fn (int $row) => $options[$row].(isset($options[$row + $half]) ? '      '.$options[$row + $half] : ''), range(0, $half - 1));
    }
}
