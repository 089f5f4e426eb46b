<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\BlockKind;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Meaning;
use Notagram\Source\SourceText;
use Notagram\Writing\Change\SetCategory;

/** Where questions are filed: sorted into categories, categories renamed, gathered and put in order. */
final class Filing
{
    /**
     * @param list<int>    $numbers
     * @param list<string> $path
     *
     * @throws CannotAmend
     */
    public static function into(ReadSheet $sheet, array $numbers, array $path): string
    {
        $arrangement = new Arrangement($sheet);
        $arrangement->file($numbers, $path);

        return self::checked($sheet, $arrangement->amended(null)->text, static fn (PlacedBlock $placed) => \in_array($placed->number, $numbers, true) ? $path : $placed->category);
    }

    /**
     * The same, but each question stays where it stands.
     *
     * @param list<int>    $numbers
     * @param list<string> $path
     *
     * @throws CannotAmend
     */
    public static function inPlace(ReadSheet $sheet, array $numbers, array $path): string
    {
        $text = $sheet->source->text;
        foreach ($numbers as $number) {
            $text = (new SetCategory($path))->in(ReadSheet::of(SourceText::fromUtf8($text), $sheet->notation), $number)->text;
        }

        return self::checked($sheet, $text, static fn (PlacedBlock $placed) => \in_array($placed->number, $numbers, true) ? $path : $placed->category);
    }

    /**
     * A category and all below it.
     *
     * @param list<string> $from
     * @param list<string> $to
     *
     * @throws CannotAmend
     */
    public static function renamed(ReadSheet $sheet, array $from, array $to): string
    {
        $text = $sheet->source->text;
        foreach (array_reverse($sheet->blocks) as $placed) {
            $path = $placed->reading->category;
            if (BlockKind::Category === $placed->reading->kind && null !== $path && [] !== $path && self::moved($path, $from, $to) !== $path) {
                $own = rtrim($placed->block->textIn($sheet->source->text), "\r\n");
                $text = substr_replace($text, SetCategory::line($sheet, self::moved($path, $from, $to)), $placed->block->start, \strlen($own));
            }
        }

        return self::checked($sheet, $text, static fn (PlacedBlock $placed) => self::moved($placed->category, $from, $to));
    }

    /**
     * @param list<string> $path
     * @param list<string> $from
     * @param list<string> $to
     *
     * @return list<string>
     */
    private static function moved(array $path, array $from, array $to): array
    {
        return \array_slice($path, 0, \count($from)) === $from ? [...$to, ...\array_slice($path, \count($from))] : $path;
    }

    /**
     * @param list<list<string>> $order which categories come first
     *
     * @throws CannotAmend
     */
    public static function gathered(ReadSheet $sheet, array $order = []): string
    {
        $arrangement = new Arrangement($sheet);
        $arrangement->gather($order);

        return self::checked($sheet, $arrangement->amended(null)->text, static fn (PlacedBlock $placed) => $placed->category);
    }

    /**
     * The text, if it says the same questions, each in the category that is meant.
     *
     * @param \Closure(PlacedBlock): list<string> $category of each block as it was
     *
     * @throws CannotAmend
     */
    private static function checked(ReadSheet $sheet, string $text, \Closure $category): string
    {
        $old = self::filed($sheet, $category);
        $new = self::filed(ReadSheet::of(SourceText::fromUtf8($text), $sheet->notation), static fn (PlacedBlock $placed) => $placed->category);

        return $old === $new ? $text : throw CannotAmend::because('cannot-arrange');
    }

    /**
     * @param \Closure(PlacedBlock): list<string> $category
     *
     * @return list<string> each question with its category, in words that can be compared, whatever their order
     */
    private static function filed(ReadSheet $sheet, \Closure $category): array
    {
        $filed = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number) {
                $filed[] = serialize([$category($placed), null === $placed->reading->question ? trim($placed->block->textIn($sheet->source->text)) : Meaning::inWords($placed->reading->question)]);
            }
        }
        sort($filed);

        return $filed;
    }
}
