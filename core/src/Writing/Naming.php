<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\Part;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Gap;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** Titles by a pattern: {path} {last} {n} {nn} {nnn} {words}, and what stands between them. */
final readonly class Naming
{
    public const STANDARD = '{last} – {nn}';
    private const WORDS = 5;

    /** @throws CannotAmend where a part of the pattern is not known */
    public function __construct(private string $pattern, private string $sheetName)
    {
        Regex::matchAll('/\{([^{}]*+)\}/', $pattern, $parts);
        foreach ($parts[1] as $part) {
            if (!\in_array($part, ['path', 'last', 'n', 'nn', 'nnn', 'words'], true)) {
                throw CannotAmend::misuse('pattern-part', part: '{'.$part.'}');
            }
        }
        if ('' === trim($pattern) || Regex::match('/\R/', $pattern)) {
            throw CannotAmend::misuse('pattern-empty');
        }
    }

    /**
     * The titles that questions shall have, by number; those that have one keep it unless all are to be named.
     *
     * @param ?list<int> $of the numbers of those to be named; null names all
     *
     * @return array<int, string>
     *
     * @throws CannotAmend where the notation has no titles
     */
    public function titles(ReadSheet $sheet, bool $all, ?array $of = null): array
    {
        if (!\in_array(Part::Title, $sheet->notation->rewriter()->parts(), true)) {
            throw CannotAmend::because('no-part', notation: $sheet->notation->label(), part: 'title');
        }
        $wanted = null === $of ? null : array_flip($of);
        $places = $titles = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null === $placed->number || null === $question) {
                continue;
            }
            $category = implode("\x00", $placed->category);
            $places[$category] = ($places[$category] ?? 0) + 1;
            if ((null === $wanted || isset($wanted[$placed->number])) && ($all || null === $question->title)) {
                $title = $this->title($placed->category, $places[$category], $question);
                if ('' !== $title && $title !== $question->title) {
                    $titles[$placed->number] = $title;
                }
            }
        }

        return $titles;
    }

    /**
     * The title that the usual pattern gives.
     *
     * @param list<string> $category
     * @param int          $place    among the questions of the category
     */
    public static function titleOf(array $category, int $place, string $sheetName): string
    {
        return (new self(self::STANDARD, $sheetName))->title($category, $place, null);
    }

    /** @param list<string> $category */
    private function title(array $category, int $place, ?Question $question): string
    {
        $title = strtr($this->pattern, [
            '{path}' => [] === $category ? $this->sheetName : implode(' – ', $category),
            '{last}' => [] === $category ? $this->sheetName : $category[\count($category) - 1],
            '{n}' => (string) $place,
            '{nn}' => str_pad((string) $place, 2, '0', \STR_PAD_LEFT),
            '{nnn}' => str_pad((string) $place, 3, '0', \STR_PAD_LEFT),
            '{words}' => null !== $question && str_contains($this->pattern, '{words}') ? self::words($question) : '',
        ]);

        return trim(Regex::replace('/\s++/u', ' ', $title));
    }

    /** The first words of the stem, as a pupil reads it. */
    private static function words(Question $question): string
    {
        $plain = str_replace(Gap::RULE, ' ', $question->stem->plain());
        $words = array_values(array_filter(Regex::split('/\s++/u', $plain), static fn (string $word) => '' !== $word));

        return Regex::replace('/[.?!:;,…]++\z/u', '', implode(' ', \array_slice($words, 0, self::WORDS)));
    }

    /** @param array<int, string> $titles by number */
    public static function named(ReadSheet $sheet, array $titles): SheetRewriting
    {
        $questions = [];
        foreach ($titles as $number => $title) {
            $question = $sheet->numbered($number)->reading->question;
            if (null !== $question) {
                $questions[$number] = $question->with(['title' => $title]);
            }
        }

        return SheetRewriting::of($sheet, $questions);
    }
}
