<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Draw;

use Brick\Math\BigRational;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Stimulus;

/** Questions drawn at random by some lines, as a receiver does for each pupil. */
final readonly class Draw
{
    /**
     * @param list<int>                   $drawn   numbers, in the order drawn
     * @param BigRational                 $least   the points of the draw that is worth least, so too most
     * @param non-empty-list<DrawChances> $chances of each line
     */
    private function __construct(public array $drawn, public BigRational $least, public BigRational $most, public BigRational $worth, public array $chances)
    {
    }

    /**
     * All questions but texts without an answer and what cannot be read; those with faults count.
     *
     * @param non-empty-list<TakeLine> $lines
     *
     * @throws ImpossibleDraw where a category does not exist or has too few, or where two lines could draw the same question
     */
    public static function of(ReadSheet $sheet, array $lines, string $seed): self
    {
        $random = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar(hash('sha256', $seed, true)));
        $owner = $drawn = $chances = [];
        $least = $most = $worth = BigRational::zero();
        foreach ($lines as $line) {
            $pool = self::pool($sheet, $line);
            foreach ($pool as $placed) {
                $number = (int) $placed->number;
                if (isset($owner[$number])) {
                    throw ImpossibleDraw::because('overlap', one: $owner[$number], other: $line->written, number: $number);
                }
                $owner[$number] = $line->written;
            }
            $points = array_map(self::points(...), $pool);
            $own = $random->shuffleArray(array_keys($pool));
            foreach (\array_slice($own, 0, $line->count) as $index) {
                $drawn[] = (int) $pool[$index]->number;
                $worth = $worth->plus($points[$index]);
            }
            usort($points, static fn (BigRational $one, BigRational $other) => $one->compareTo($other));
            foreach (\array_slice($points, 0, $line->count) as $few) {
                $least = $least->plus($few);
            }
            foreach (\array_slice($points, -$line->count) as $many) {
                $most = $most->plus($many);
            }
            $chances[] = DrawChances::ofDrawing($line->count, \count($pool));
        }

        return new self($drawn, $least, $most, $worth, $chances);
    }

    /** @return list<PlacedBlock> */
    private static function pool(ReadSheet $sheet, TakeLine $line): array
    {
        $there = array_filter($sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->number && $line->takesFrom($placed));
        if ([] === $there) {
            throw ImpossibleDraw::because('no-category', take: $line->written);
        }
        $pool = array_values(array_filter($there, static fn (PlacedBlock $placed) => null !== $placed->reading->question && !$placed->reading->question->answers instanceof Stimulus));

        return \count($pool) >= $line->count ? $pool : throw ImpossibleDraw::because('too-few', take: $line->written, of: \count($pool));
    }

    private static function points(PlacedBlock $placed): BigRational
    {
        return BigRational::of($placed->reading->question->points ?? '1');
    }
}
