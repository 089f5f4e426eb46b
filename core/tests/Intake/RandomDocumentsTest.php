<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Documents;
use Notagram\Intake\HtmlPage;
use Notagram\Intake\Manuscript;
use Notagram\Intake\OfferedMarks;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Tests as they are set with a word processor, by its lists, tabs, line breaks and tables: tidied, they ask the same. */
final class RandomDocumentsTest extends TestCase
{
    private const STEMS = ['Which of these do bees need in %d?', 'What does a beekeeper do with hive number %d in spring?', 'Bees of colony %d fly', 'Who said “hive %d is strong”?', 'Box %d holds honey & wax. How much?'];
    private const OPTIONS = ['pollen', 'nectar', 'the queen excluder', 'some water', 'wax', 'two empty frames', 'a smoker', '35 °C', 'none of these', 'bees & wasps', 'honey from last year', '“royal” jelly'];
    private const STATEMENTS = ['The queen of hive %d lays eggs.', 'Drones of colony %d have a sting.'];

    /** @return iterable<string, array{\Closure(list<list<string>>, Randomizer): Manuscript}> */
    public static function formats(): iterable
    {
        yield 'Office Open XML' => [self::wordDocument(...)];
        yield 'OpenDocument' => [self::openText(...)];
        yield 'Rich Text Format' => [self::richText(...)];
        yield 'what the clipboard brings' => [self::clipboard(...)];
    }

    /** @param list<list<string>> $blocks */
    private static function wordDocument(array $blocks, Randomizer $random): Manuscript
    {
        return Documents::read(WrittenDocument::word($blocks, $random)) ?? self::fail();
    }

    /** @param list<list<string>> $blocks */
    private static function openText(array $blocks): Manuscript
    {
        return Documents::read(WrittenDocument::openText($blocks)) ?? self::fail();
    }

    /** @param list<list<string>> $blocks */
    private static function richText(array $blocks, Randomizer $random): Manuscript
    {
        return Documents::read(WrittenDocument::richText($blocks, $random)) ?? self::fail();
    }

    /** @param list<list<string>> $blocks */
    private static function clipboard(array $blocks, Randomizer $random): Manuscript
    {
        return HtmlPage::read(WrittenDocument::html($blocks, $random));
    }

    /** @param \Closure(list<list<string>>, Randomizer): Manuscript $read */
    #[DataProvider('formats')]
    public function testHoweverItIsSetTheQuestionsAreTheSame(\Closure $read): void
    {
        $random = new Randomizer(new Mt19937(20_261_129));
        for ($document = 0; $document < 60; ++$document) {
            [$blocks, $meant, $bold] = self::document($random);
            $manuscript = $read($blocks, $random);
            $tidied = Tidy::of($manuscript->text);
            self::assertSame($meant, Gist::of($tidied->text), $manuscript->text);
            $sheet = ReadSheet::of(SourceText::fromUtf8($tidied->text), Notations::find('starred') ?? self::fail());
            self::assertSame($bold, OfferedMarks::in($sheet, $tidied->emphasisIn($manuscript->emphasised)), $manuscript->text);
        }
    }

    /**
     * @return array{list<list<string>>, list<string>, array<int, list<int>>} the blocks, each its kind and what it holds; what
     *                                                                        the questions say; by question, which options stand out
     */
    private static function document(Randomizer $random): array
    {
        $one = static fn (string ...$of): string => $of[$random->getInt(0, \count($of) - 1)];
        $number = $one('list', 'typed', 'tab');
        // By a list of its own for each question, by the second level of the one list, or typed.
        $letter = $one('list', 'level', 'typed', 'breaks', 'tabs', 'table');
        $letter = 'level' === $letter && 'list' !== $number ? 'list' : $letter;
        $key = $one('none', 'star', 'bold', 'lines', 'table');
        $isApart = 1 === $random->getInt(0, 1);
        $blocks = 1 === $random->getInt(0, 1) ? [['heading', 'Spring test']] : [];
        $meant = $bold = $answers = [];
        for ($count = $random->getInt(2, 8), $at = 1; $at <= $count; ++$at) {
            $about = $random->getInt(2, 99);
            $isTruth = 0 === $random->getInt(0, 4);
            $stem = \sprintf($one(...$isTruth ? self::STATEMENTS : self::STEMS), $about);
            $blocks[] = match ($number) {
                'list' => ['question', $stem],
                'tab' => ['text', "{$at}.\t{$stem}"],
                default => ['text', "{$at}. {$stem}"],
            };
            if ($isTruth) {
                $place = $random->getInt(0, 1);
                $isMarked = \in_array($key, ['lines', 'table'], true);
                $blocks[] = ['text', "True\tFalse"];
                $meant[] = "{$stem} | ".($isMarked ? ['True', 'False'][$place] : '?');
                $answers[$at] = ['True', 'False'][$place];
            } else {
                $options = \array_slice($random->shuffleArray(self::OPTIONS), 0, $random->getInt(3, 4));
                $right = $random->getInt(0, \count($options) - 1);
                $isMarked = !\in_array($key, ['none', 'bold'], true);
                array_push($blocks, ...self::options($options, $letter, 'star' === $key ? $right : -1, 'bold' === $key ? $right : -1));
                $meant[] = "{$stem} ".implode(' ', array_map(static fn (int $place, string $option) => ($isMarked && $place === $right ? '+ ' : '- ').$option, array_keys($options), $options));
                $answers[$at] = \chr(97 + $right);
                if ('bold' === $key) {
                    $bold[$at] = [$right];
                }
            }
            if ($isApart) {
                $blocks[] = ['text', ''];
            }
        }
        if ('lines' === $key) {
            array_push($blocks, ['heading', 'Answers'], ...array_map(static fn (int $at, string $answer) => ['text', "{$at}. {$answer}"], array_keys($answers), $answers));
        } elseif ('table' === $key) {
            array_push($blocks, ['heading', 'Answer key'], ['row', ...array_map(strval(...), array_keys($answers))], ['row', ...$answers]);
        }

        return [$blocks, $meant, $bold];
    }

    /**
     * @param list<string> $options
     *
     * @return list<list<string>>
     */
    private static function options(array $options, string $style, int $star, int $bold): array
    {
        $isListed = 'list' === $style || 'level' === $style;
        $texts = array_map(static fn (int $place, string $option) => ($place === $star ? '*' : '').($isListed ? '' : \chr(97 + $place).') ').($place === $bold ? WrittenDocument::BOLD.$option.WrittenDocument::BOLD : $option), array_keys($options), $options);

        return match ($style) {
            'list' => array_map(static fn (int $place) => [0 === $place ? 'first-option' : 'option', $texts[$place]], array_keys($texts)),
            'level' => array_map(static fn (string $text) => ['level', $text], $texts),
            'breaks' => [['text', implode("\n", $texts)]],
            'tabs' => array_map(static fn (array $two) => ['text', implode("\t", $two)], array_chunk($texts, 2)),
            'table' => array_map(static fn (array $two) => ['row', ...$two], array_chunk($texts, 2)),
            default => array_map(static fn (string $text) => ['text', $text], $texts),
        };
    }
}
