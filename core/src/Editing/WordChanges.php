<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Source\Regex;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\UnifiedDiffOutputBuilder;

/** What differs between two texts, word by word: whole words are kept, new or gone, and so are the signs between them. */
final class WordChanges
{
    /** The comparison takes the product of both lengths; what is longer is told as one stretch between its equal ends. */
    private const MOST_PAIRS = 200_000;
    private const LONGEST_CHANCE = 2;

    /** @return list<TextPart> which read one after the other, those that are gone left out, give $after */
    public static function between(string $before, string $after): array
    {
        [$from, $to] = [self::words($before), self::words($after)];
        $most = min(\count($from), \count($to));
        $start = $end = 0;
        while ($start < $most && $from[$start] === $to[$start]) {
            ++$start;
        }
        while ($end < $most - $start && $from[\count($from) - 1 - $end] === $to[\count($to) - 1 - $end]) {
            ++$end;
        }
        $oldMiddle = \array_slice($from, $start, \count($from) - $start - $end);
        $newMiddle = \array_slice($to, $start, \count($to) - $start - $end);

        return self::joined([
            new TextPart(PartKind::Kept, implode('', \array_slice($from, 0, $start))),
            ...self::readable(self::joined(self::middle($oldMiddle, $newMiddle))),
            new TextPart(PartKind::Kept, implode('', \array_slice($from, \count($from) - $end))),
        ]);
    }

    /**
     * @param list<string> $from
     * @param list<string> $to
     *
     * @return list<TextPart>
     */
    private static function middle(array $from, array $to): array
    {
        if ([] === $from || [] === $to || \count($from) * \count($to) > self::MOST_PAIRS) {
            return [new TextPart(PartKind::Gone, implode('', $from)), new TextPart(PartKind::New, implode('', $to))];
        }
        $parts = [];
        /** @var array{string, int} $change */
        foreach ((new Differ(new UnifiedDiffOutputBuilder()))->diffToArray($from, $to) as $change) {
            $parts[] = new TextPart(match ($change[1]) {
                Differ::ADDED => PartKind::New,
                Differ::REMOVED => PartKind::Gone,
                default => PartKind::Kept,
            }, $change[0]);
        }

        return $parts;
    }

    /**
     * A blank between changes, and a sign or short word that is kept by chance between longer ones, change with them.
     *
     * @param list<TextPart> $parts
     *
     * @return list<TextPart> what is gone before what is new, between two that are kept
     */
    private static function readable(array $parts): array
    {
        $readable = [];
        $gone = $new = '';
        foreach ([...$parts, new TextPart(PartKind::Kept, '')] as $index => $part) {
            $next = $parts[$index + 1] ?? null;
            $isByChance = PartKind::Kept === $part->kind && '' !== $gone.$new && null !== $next
                && mb_strlen($part->text) <= (' ' === $part->text ? 1 : min(self::LONGEST_CHANCE, mb_strlen($gone.$new) - 1, mb_strlen($next->text) - 1));
            if ($isByChance || PartKind::Kept !== $part->kind) {
                $gone .= PartKind::New === $part->kind ? '' : $part->text;
                $new .= PartKind::Gone === $part->kind ? '' : $part->text;
                continue;
            }
            array_push($readable, new TextPart(PartKind::Gone, $gone), new TextPart(PartKind::New, $new), $part);
            $gone = $new = '';
        }

        return $readable;
    }

    /**
     * Neighbours of one kind become one.
     *
     * @param list<TextPart> $parts
     *
     * @return list<TextPart>
     */
    private static function joined(array $parts): array
    {
        $joined = [];
        foreach ($parts as $part) {
            if ('' === $part->text) {
                continue;
            }
            $last = $joined[\count($joined) - 1] ?? null;
            if ($last?->kind === $part->kind) {
                array_pop($joined);
                $part = new TextPart($part->kind, $last->text.$part->text);
            }
            $joined[] = $part;
        }

        return $joined;
    }

    /** @return list<string> words, runs of blanks, and signs one by one */
    private static function words(string $text): array
    {
        Regex::matchAll('/[\p{L}\p{M}\p{N}]++|\n|[^\S\n]++|./su', $text, $words);

        return $words[0];
    }
}
