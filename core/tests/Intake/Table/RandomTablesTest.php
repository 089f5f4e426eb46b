<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Table;

use Notagram\Intake\Table\Tabular;
use Notagram\Notation\Notations;
use Notagram\Tests\Intake\Gist;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Spreadsheets of questions as teachers lay them out: whatever the columns are called and however they stand, the questions are the same. */
final class RandomTablesTest extends TestCase
{
    /** In each language: headings of question, option, right answer, points, topic, explanation; true and false. */
    private const WORDS = [
        ['Question', 'Option %s', 'Correct answer', 'Points', 'Topic', 'Explanation', 'True', 'False'],
        ['Question text', '%s', 'Answer', 'Marks', 'Category', 'Feedback', 'T', 'F'],
        ['Q', 'Answer', 'Correct', 'Score', 'Unit', 'Rationale', 'TRUE', 'FALSE'],
        ['Frage', 'Antwort %s', 'Richtige Antwort', 'Punkte', 'Thema', 'Erklärung', 'Richtig', 'Falsch'],
        ['Question', 'Réponse %s', 'Bonne réponse', 'Barème', 'Chapitre', 'Commentaire', 'Vrai', 'Faux'],
        ['Pregunta', 'Opción %s', 'Respuesta correcta', 'Puntos', 'Tema', 'Explicación', 'Verdadero', 'Falso'],
        ['Domanda', 'Risposta %s', 'Corretta', 'Punti', 'Argomento', 'Commento', 'Vero', 'Falso'],
        ['Vraag', 'Antwoord %s', 'Juiste antwoord', 'Punten', 'Onderwerp', 'Uitleg', 'Waar', 'Onwaar'],
        ['Pergunta', 'Opção %s', 'Resposta certa', 'Pontos', 'Tema', 'Comentário', 'Verdadeiro', 'Falso'],
    ];
    private const STEMS = ['Which of these do the bees of hive %d need?', 'Where does box %d stand, and why?', 'Pick what "the club" bought in 19%d', 'Bees of colony %d fly; when?', "What is in jar %d\tof the shop?"];
    private const STATEMENTS = ['The queen of hive %d lays eggs.', 'Smoke, in box %d, calms the bees'];
    private const TYPED = ['What do bees make in the cells of frame %d?', 'Name the box above hive %d.'];
    private const OPTIONS = ['pollen', 'nectar, fresh', 'the "old" excluder', 'wax | honey', 'some water; warm', '16 days', '35 °C', '-5', 'none of these', 'royal jelly', 'at 7:30', '0.5'];
    private const ACCEPTED = ['honey', 'wax / beeswax', 'the super', 'propolis'];
    private const REASONS = ['They feed on it.', 'See page 4, "Food".', 'Both; it depends.'];

    public function testWhateverItsColumnsTheQuestionsAreTheSame(): void
    {
        $random = new Randomizer(new Mt19937(20_261_129));
        for ($table = 0; $table < 200; ++$table) {
            [$text, $meant] = self::table($random);
            $sheet = Tabular::in($text, 'questions.csv')?->asTable(Notations::find('gift') ?? self::fail());
            self::assertSame($meant, null === $sheet ? [] : Gist::of($sheet->text, 'gift'), $text);
        }
    }

    /** @return array{string, list<string>} the table, and what its questions say */
    private static function table(Randomizer $random): array
    {
        $one = static fn (string ...$of): string => $of[$random->getInt(0, \count($of) - 1)];
        $words = self::WORDS[$random->getInt(0, \count(self::WORDS) - 1)];
        $options = $random->getInt(3, 5);
        $names = [range('A', 'E'), range(1, 5)]['%s' === $words[1] ? 0 : $random->getInt(0, 1)];
        $columns = ['stem' => $words[0], ...array_combine(array_map(static fn (int $place) => "option{$place}", range(1, $options)), array_map(static fn (int $place) => \sprintf($words[1], $names[$place]), range(0, $options - 1))), 'key' => $words[2]];
        foreach (['points' => 3, 'category' => 4, 'feedback' => 5] as $kind => $place) {
            // Before the question, behind the key, or not at all.
            $columns = [[$kind => $words[$place], ...$columns], [...$columns, $kind => $words[$place]], $columns, $columns][$random->getInt(0, 3)];
        }
        $key = $one('letter', 'small', 'number', 'text', 'bracket');
        $rows = [];
        $meant = [];
        for ($count = $random->getInt(2, 12); $count > 0; --$count) {
            [$cells, $line] = self::row($random, $options, $key, [$words[6], $words[7]]);
            $cells['points'] = (string) $random->getInt(1, 3);
            $cells['category'] = 'Bees';
            $cells['feedback'] = $one(...self::REASONS);
            $rows[] = array_map(static fn (string $kind) => $cells[$kind] ?? '', array_keys($columns));
            $meant[] = (isset($columns['points']) ? "({$cells['points']}) " : '').$line;
            if (0 === $random->getInt(0, 6)) {
                $rows[] = array_fill(0, \count($columns), '');
            }
        }
        $separator = $one(',', ';', "\t", '|');
        $quoted = static fn (string $cell): string => false !== strpbrk($cell, "{$separator}\"\n") ? '"'.str_replace('"', '""', $cell).'"' : $cell;
        $lines = array_map(static fn (array $cells) => implode($separator, array_map($quoted, $cells)), [array_values($columns), ...$rows]);
        if (0 === $random->getInt(0, 4)) {
            array_unshift($lines, 'Questions of the club'.str_repeat($separator, \count($columns) - 1));
        }

        return [implode($one("\n", "\r\n"), $lines)."\n", $meant];
    }

    /**
     * @param array{string, string} $truths
     *
     * @return array{array<string, string>, string} the cells by column, and the question
     */
    private static function row(Randomizer $random, int $options, string $key, array $truths): array
    {
        $one = static fn (string ...$of): string => $of[$random->getInt(0, \count($of) - 1)];
        $kind = $random->getInt(0, 4);
        $about = $random->getInt(10, 99);
        if (3 === $kind) {
            $stem = \sprintf($one(...self::STATEMENTS), $about);
            $place = $random->getInt(0, 1);

            return [['stem' => $stem, 'key' => $truths[$place]], "{$stem} | ".['True', 'False'][$place]];
        }
        if (4 === $kind) {
            $stem = \sprintf($one(...self::TYPED), $about);
            $accepted = $one(...self::ACCEPTED);

            return [['stem' => $stem, 'key' => $accepted], "{$stem} = {$accepted}"];
        }
        $stem = \sprintf($one(...self::STEMS), $about);
        $texts = \array_slice($random->shuffleArray(self::OPTIONS), 0, $random->getInt(2, $options));
        $right = 2 === $kind ? [0, 1] : [$random->getInt(0, \count($texts) - 1)];
        $said = array_map(static fn (int $place) => match ($key) {
            'letter' => \chr(65 + $place),
            'small' => \chr(97 + $place),
            'number' => (string) ($place + 1),
            'bracket' => \chr(97 + $place).')',
            default => $texts[$place],
        }, $right);
        $cells = ['stem' => $stem, 'key' => implode('text' === $key ? '; ' : ', ', $said)];
        foreach ($texts as $place => $text) {
            $cells['option'.($place + 1)] = $text;
        }
        $shown = array_map(static fn (int $place, string $text) => (\in_array($place, $right, true) ? '+ ' : '- ').$text, array_keys($texts), $texts);

        return [$cells, trim(str_replace("\t", ' ', $stem)).' '.implode(' ', $shown)];
    }
}
