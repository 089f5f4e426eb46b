<?php

declare(strict_types=1);

namespace App\Command;

use Brick\Math\BigRational;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\Draw\Draw;
use Notagram\Rehearsal\Draw\DrawChances;
use Notagram\Rehearsal\Draw\ImpossibleDraw;
use Notagram\Rehearsal\Draw\TakeLine;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('draw')]
final class DrawCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('take')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, $this->sentence('option/draw-seed'));
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $lines = $this->lines($input);
        $seed = self::text($input, 'seed') ?? bin2hex(random_bytes(4));
        $named = $this->source($input);
        $this->sayNotes($output, $named);
        try {
            $draw = Draw::of(ReadSheet::of($named->source, $this->notation($input, $named->source)), $lines, $seed);
        } catch (ImpossibleDraw $exception) {
            self::say($output, $this->sentences->of($exception->reason));

            return self::FAULTS;
        }
        if ($wantsJson) {
            self::json($output, self::asJson($draw, $lines, $seed));
        } else {
            $this->report($output, $draw, $lines, $seed);
        }

        return self::CLEAN;
    }

    /** @return non-empty-list<TakeLine> */
    private function lines(InputInterface $input): array
    {
        $lines = [];
        foreach (explode(';', self::text($input, 'take') ?? '') as $written) {
            if ('' !== trim($written)) {
                $lines[] = TakeLine::read($written) ?? throw UnreadableFile::because('take', take: trim($written));
            }
        }

        return [] === $lines ? throw UnreadableFile::because('no-take') : $lines;
    }

    /**
     * @param non-empty-list<TakeLine> $lines
     *
     * @return array<string, mixed>
     */
    private static function asJson(Draw $draw, array $lines, string $seed): array
    {
        $all = DrawChances::together($draw->chances);
        $row = static fn (string $take, DrawChances $of) => ['take' => $take, 'of' => $of->of, 'each' => (string) $of->each, 'disjoint' => (string) $of->disjoint, 'same' => (string) $of->same];

        return [
            'drawn' => $draw->drawn,
            'seed' => $seed,
            'points' => ['least' => (string) $draw->least, 'most' => (string) $draw->most, 'this' => (string) $draw->worth],
            'sets' => (string) $all->sets,
            'chances' => [...array_map(static fn (TakeLine $line, DrawChances $of) => $row($line->written, $of), $lines, $draw->chances), $row('all', $all)],
        ];
    }

    /** @param non-empty-list<TakeLine> $lines */
    private function report(OutputInterface $output, Draw $draw, array $lines, string $seed): void
    {
        $all = DrawChances::together($draw->chances);
        $output->writeln([
            $this->sentence('drawn/numbers', numbers: implode(', ', $draw->drawn), seed: $seed),
            ...array_map(fn (TakeLine $line, DrawChances $of) => $this->sentence('drawn/line', take: $line->written, of: $of->of, each: $this->percent($of->each)), $lines, $draw->chances),
            $this->sentence('drawn/all', sets: (string) $all->sets, disjoint: $this->percent($all->disjoint), same: $this->percent($all->same)),
            $this->sentence('drawn/points', alike: $draw->least->isEqualTo($draw->most) ? 'yes' : 'no', least: (string) $draw->least, most: (string) $draw->most),
        ], OutputInterface::OUTPUT_RAW);
    }

    private function percent(BigRational $chance): string
    {
        $percent = 100 * $chance->toFloat();

        return $percent > 0 && $percent < 0.001 ? $this->sentence('drawn/hardly') : \sprintf('%.3G', $percent).' %';
    }
}
