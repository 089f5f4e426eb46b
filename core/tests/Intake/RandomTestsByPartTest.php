<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Tidy;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Tests in parts, each with its heading, its kind of questions and its points, and a key behind them: the same questions, whatever the style. */
final class RandomTestsByPartTest extends TestCase
{
    /** In each language, by what they are. */
    private const WORDS = [
        ['part' => 'Part', 'choice' => 'Multiple choice', 'truth' => 'True or false?', 'gap' => 'Complete the sentences.', 'essay' => 'Answer in complete sentences.', 'pairs' => 'Match the tools with their uses.', 'points' => '(%d points each)', 'key' => 'Answers', 'true' => 'True', 'false' => 'False', 'short' => 'T / F'],
        ['part' => 'Teil', 'choice' => 'Kreuze die richtige Antwort an.', 'truth' => 'Richtig oder falsch?', 'gap' => 'Ergänze die Sätze.', 'essay' => 'Beantworte in ganzen Sätzen.', 'pairs' => 'Ordne die Werkzeuge zu.', 'points' => '(je %d Punkte)', 'key' => 'Lösungen', 'true' => 'Richtig', 'false' => 'Falsch', 'short' => 'R / F'],
        ['part' => 'Partie', 'choice' => 'Choisis la bonne réponse.', 'truth' => 'Vrai ou faux ?', 'gap' => 'Complète les phrases.', 'essay' => 'Réponds par des phrases complètes.', 'pairs' => 'Relie les outils à leur usage.', 'points' => '(%d points chacune)', 'key' => 'Corrigé', 'true' => 'Vrai', 'false' => 'Faux', 'short' => 'V / F'],
        ['part' => 'Parte', 'choice' => 'Elige la respuesta correcta.', 'truth' => 'Verdadero o falso', 'gap' => 'Completa las frases.', 'essay' => 'Responde con frases completas.', 'pairs' => 'Relaciona las columnas.', 'points' => '(%d puntos cada una)', 'key' => 'Respuestas', 'true' => 'Verdadero', 'false' => 'Falso', 'short' => 'V / F'],
        ['part' => 'Parte', 'choice' => 'Scegli la risposta corretta.', 'truth' => 'Vero o falso?', 'gap' => 'Completa le frasi.', 'essay' => 'Rispondi con frasi complete.', 'pairs' => 'Abbina gli attrezzi al loro uso.', 'points' => '(%d punti ciascuna)', 'key' => 'Soluzioni', 'true' => 'Vero', 'false' => 'Falso', 'short' => 'V / F'],
        ['part' => 'Deel', 'choice' => 'Kies het juiste antwoord.', 'truth' => 'Waar of onwaar?', 'gap' => 'Vul de zinnen aan.', 'essay' => 'Antwoord in volledige zinnen.', 'pairs' => 'Verbind het gereedschap met het gebruik.', 'points' => '(elk %d punten)', 'key' => 'Antwoorden', 'true' => 'Waar', 'false' => 'Onwaar', 'short' => 'W / NW'],
        ['part' => 'Parte', 'choice' => 'Escolhe a resposta certa.', 'truth' => 'Verdadeiro ou falso', 'gap' => 'Completa as frases.', 'essay' => 'Responde com frases completas.', 'pairs' => 'Relaciona as colunas.', 'points' => '(%d pontos cada)', 'key' => 'Soluções', 'true' => 'Verdadeiro', 'false' => 'Falso', 'short' => 'V / F'],
    ];
    private const PARTS = ['{part} {name}: {task}', '{part} {roman}. {task}', '{roman}. {task}', '{part} {digit} – {task}', "{part} {name}\n{task}", '{name}. {task}', '{PART} {name}  {task}'];
    private const NUMBERS = ['%d. ', '%d) ', "%d.\t", '  %d. ', '%d - ', "%d.\u{A0}"];
    private const LETTERS = ['a) ', 'A. ', '(a) ', '    a. ', "A)\t"];
    private const STEMS = ['Which bee of hive %d is this?', 'Who feeds the larvae in week %d?', 'What do workers carry home to frame %d?', 'Bees of colony %d fly', 'Where does the club keep box %d?'];
    private const OPTIONS = ['the queen', 'a drone', 'pollen', 'some water', 'nurse bees', 'in the shed', 'under the roof', 'only in May', 'wax and honey', 'the keeper', 'a guard at the gate'];
    private const STATEMENTS = ['The queen of hive %d lays eggs.', 'Drones of colony %d have a sting', 'Smoke calms the bees of box %d.'];
    private const GAPS = ['The cells of frame %d are made of {gap}.', 'Workers of hive %d carry home {gap} and water.', 'In hive %d the honey is stored in the {gap}'];
    private const WORDS_FOR_GAPS = ['wax', 'pollen', 'super', 'nectar', 'combs', 'propolis'];
    private const TOOLS = [['smoker', 'calms the bees'], ['feeder', 'gives them syrup'], ['excluder', 'keeps the queen below'], ['hive tool', 'lifts the frames'], ['extractor', 'spins the honey out']];
    private const ESSAYS = ['How do the bees of hive %d stay warm in winter?', 'Why does colony %d swarm in May?', 'Describe the work of a bee in week %d.'];

    public function testWhateverTheStyleTheQuestionsAreTheSame(): void
    {
        $random = new Randomizer(new Mt19937(20_261_129));
        for ($paper = 0; $paper < 150; ++$paper) {
            [$text, $meant] = self::paper($random);
            self::assertSame($meant, Gist::of(Tidy::of($text)->text), $text);
        }
    }

    /** @return array{string, list<string>} the paper, and what its questions say */
    private static function paper(Randomizer $random): array
    {
        $one = static fn (string ...$of): string => $of[$random->getInt(0, \count($of) - 1)];
        $words = self::WORDS[$random->getInt(0, \count(self::WORDS) - 1)];
        $startsAnew = 1 === $random->getInt(0, 1);
        $key = $one(...$startsAnew ? ['none', 'parts', 'part lines'] : ['none', 'list', 'row', 'table', 'parts']);
        $style = [
            'heading' => $one(...self::PARTS),
            'number' => $one(...self::NUMBERS),
            'letter' => $one(...self::LETTERS),
            'truth' => $one('behind', 'below', 'short', 'rule'),
            'columns' => $one('no', 'no', 'tab', 'wide'),
            'isApart' => 1 === $random->getInt(0, 1),
            'isAnswered' => 'none' !== $key,
        ];
        $lines = [[], ['The year of the bees', ''], ['Spring test', 'Name: ______________   Date: __________', '']][$random->getInt(0, 2)];
        $kinds = \array_slice($random->shuffleArray(['choice', 'choice', 'truth', 'gap', 'essay', ...'none' === $key ? [] : ['pairs']]), 0, $random->getInt(2, 4));
        $meant = $answers = [];
        $at = 0;
        foreach ($kinds as $part => $kind) {
            $points = 'pairs' === $kind ? 0 : $random->getInt(0, 2);
            $name = match (true) {
                str_contains($style['heading'], '{roman}') => ['I', 'II', 'III', 'IV'][$part],
                str_contains($style['heading'], '{digit}') => (string) ($part + 1),
                default => \chr(65 + $part),
            };
            $task = $words[$kind].(0 === $points ? '' : ' '.\sprintf($words['points'], $points + 1));
            array_push($lines, strtr($style['heading'], ['{part}' => $words['part'], '{PART}' => mb_strtoupper($words['part']), '{name}' => $name, '{roman}' => $name, '{digit}' => $name, '{task}' => $task]), '');
            $from = ($startsAnew ? 0 : $at) + 1;
            $questions = 'pairs' === $kind ? [self::pairs($random, $words, $style, $from)] : array_map(
                static fn (int $number): array => self::question($random, $kind, $words, $style, $number),
                range($from, $from + $random->getInt(1, 4)),
            );
            foreach ($questions as $question) {
                array_push($lines, ...$question['lines'], ...$style['isApart'] || 1 === $random->getInt(0, 3) ? [''] : []);
                $meant[] = (0 === $points ? '' : '('.($points + 1).') ').$question['meant'];
                $answers["{$words['part']} {$name}"] = ($answers["{$words['part']} {$name}"] ?? []) + $question['answers'];
            }
            $at = $from + \count($answers["{$words['part']} {$name}"]) - 1;
            array_push($lines, '', ...0 === $random->getInt(0, 3) ? ['Page '.($part + 1), ''] : []);
        }

        return [implode("\n", [...$lines, ...self::key($key, $words['key'], $answers)])."\n", $meant];
    }

    /**
     * @param array<string, array<int, string>> $answers by part and number
     *
     * @return list<string>
     */
    private static function key(string $style, string $heading, array $answers): array
    {
        $all = array_replace(...array_values($answers));

        return match ($style) {
            'none' => [],
            'list' => [$heading, ...self::listed($all, '. ')],
            'row' => ["{$heading}: ".implode(', ', self::listed($all, ' '))],
            'table' => [$heading, implode("\t", array_keys($all)), implode("\t", $all)],
            'part lines' => [$heading, ...array_map(static fn (string $part, array $its) => "{$part}: ".implode(', ', self::listed($its, ' ')), array_keys($answers), $answers)],
            default => [$heading, ...array_merge(...array_map(static fn (string $part, array $its) => [$part, ...self::listed($its, '. ')], array_keys($answers), array_values($answers)))],
        };
    }

    /**
     * @param array<int, string> $answers by number
     *
     * @return list<string>
     */
    private static function listed(array $answers, string $between): array
    {
        return array_map(static fn (int $at, string $answer) => "{$at}{$between}{$answer}", array_keys($answers), $answers);
    }

    /**
     * @param array<string, string>      $words
     * @param array<string, string|bool> $style
     *
     * @return array{lines: list<string>, meant: string, answers: array<int, string>}
     */
    private static function question(Randomizer $random, string $kind, array $words, array $style, int $number): array
    {
        $one = static fn (string ...$of): string => $of[$random->getInt(0, \count($of) - 1)];
        $asked = \sprintf($one(...match ($kind) {
            'choice' => self::STEMS,
            'truth' => self::STATEMENTS,
            'gap' => self::GAPS,
            default => self::ESSAYS,
        }), $random->getInt(2, 99));
        $first = \sprintf((string) $style['number'], $number).$asked;
        $isAnswered = true === $style['isAnswered'];
        if ('choice' === $kind) {
            $options = \array_slice($random->shuffleArray(self::OPTIONS), 0, $random->getInt(3, 4));
            $right = $isAnswered ? $random->getInt(0, \count($options) - 1) : -1;
            $lettered = array_map(static fn (int $place, string $option) => strtr((string) $style['letter'], ['a' => \chr(97 + $place), 'A' => \chr(65 + $place)]).$option, array_keys($options), $options);
            $between = ['tab' => "\t", 'wide' => '      '][$style['columns']] ?? null;
            $lines = null === $between ? $lettered : array_map(static fn (array $two) => implode($between, $two), array_chunk($lettered, 2));

            return ['lines' => [$first, ...$lines], 'meant' => "{$asked} ".implode(' ', array_map(static fn (int $place, string $option) => ($place === $right ? '+ ' : '- ').$option, array_keys($options), $options)), 'answers' => [$number => \chr(97 + $right)]];
        }
        if ('truth' === $kind) {
            $place = $random->getInt(0, 1);
            $lines = match ($style['truth']) {
                'behind' => ["{$first}   {$words['true']}   {$words['false']}"],
                'below' => [$first, "{$words['true']} / {$words['false']}"],
                'short' => ["{$first} {$words['short']}"],
                default => ["____ {$first}"],
            };

            return ['lines' => $lines, 'meant' => "{$asked} | ".($isAnswered ? ['True', 'False'][$place] : '?'), 'answers' => [$number => [$words['true'], $words['false']][$place]]];
        }
        if ('gap' === $kind) {
            $answer = $one(...self::WORDS_FOR_GAPS);

            return ['lines' => [strtr($first, ['{gap}' => '__________'])], 'meant' => strtr($asked, ['{gap}' => '_____']).' = '.($isAnswered ? $answer : ''), 'answers' => [$number => $answer]];
        }

        return ['lines' => [$first, ...1 === $random->getInt(0, 1) ? ['', '______________________', '______________________'] : []], 'meant' => "{$asked} …", 'answers' => [$number => '–']];
    }

    /**
     * Two columns; what they are asked to do stands in the heading.
     *
     * @param array<string, string>      $words
     * @param array<string, string|bool> $style
     *
     * @return array{lines: list<string>, meant: string, answers: array<int, string>}
     */
    private static function pairs(Randomizer $random, array $words, array $style, int $from): array
    {
        $pairs = \array_slice($random->shuffleArray(self::TOOLS), 0, $random->getInt(3, 4));
        $mixed = $random->shuffleArray($pairs);
        $lines = $answers = [];
        foreach ($pairs as $place => [$tool, $use]) {
            $lines[] = \sprintf((string) $style['number'], $from + $place).$tool.('tab' === $style['columns'] ? "\t" : '        ').\chr(65 + $place).". {$mixed[$place][1]}";
            $answers[$from + $place] = \chr(65 + (int) array_search([$tool, $use], $mixed, true));
        }

        return ['lines' => $lines, 'meant' => "{$words['pairs']} ".implode('; ', array_map(static fn (array $pair) => "{$pair[0]} -> {$pair[1]}", $pairs)), 'answers' => $answers];
    }
}
