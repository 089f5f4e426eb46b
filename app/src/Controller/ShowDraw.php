<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\Decimals;
use App\View\DrawLineView;
use App\View\DrawView;
use Brick\Math\BigRational;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\Draw\Draw;
use Notagram\Rehearsal\Draw\DrawChances;
use Notagram\Rehearsal\Draw\ImpossibleDraw;
use Notagram\Rehearsal\Draw\TakeLine;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Questions drawn at random, as a receiver does for each pupil. */
#[Route('/api/sheets/{id}/draw', methods: ['GET'])]
final readonly class ShowDraw
{
    private const MOST_DECIMALS = 4;

    /**
     * @param string  $take how many from where, one line each, as the command line takes them
     * @param ?string $seed null for another draw each time
     */
    public function __invoke(Sheet $sheet, #[MapQueryParameter] string $take, #[MapQueryParameter] ?string $seed = null): DrawView
    {
        $lines = [];
        foreach (explode("\n", $take) as $written) {
            $lines[] = TakeLine::read($written) ?? throw Refusal::because(422, 'take', take: $written);
        }
        $seed ??= bin2hex(random_bytes(4));
        try {
            $draw = Draw::of(ReadSheet::of($sheet->source(), $sheet->notation()), $lines, $seed);
        } catch (ImpossibleDraw $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }
        $all = DrawChances::together($draw->chances);

        return new DrawView(
            $seed,
            $draw->drawn,
            Decimals::shown($draw->least, 2),
            Decimals::shown($draw->most, 2),
            (string) $all->sets,
            self::percent($all->disjoint),
            self::percent($all->same),
            array_map(static fn (DrawChances $of) => new DrawLineView($of->of, self::percent($of->each)), $draw->chances),
        );
    }

    /** With the fewest decimals that leave something of it, at most four. */
    private static function percent(BigRational $chance): string
    {
        $percent = $chance->multipliedBy(100);
        $decimals = 1;
        while ($decimals < self::MOST_DECIMALS && !$percent->isZero() && $percent->isLessThan(BigRational::ofFraction(1, 10 ** $decimals))) {
            ++$decimals;
        }

        return Decimals::shown($percent, $decimals);
    }
}
