<?php

declare(strict_types=1);

namespace App\Demo;

/**
 * A store of 1,000 questions whose answers can be worked out, so that all of them are true.
 *
 * The days are those that beekeepers learn: a queen takes 16 days from egg to emergence, a worker 21, a drone 24.
 * Here and there a slip is planted, as in a real store. The same at every run.
 */
final readonly class QuestionStore
{
    private const QUESTIONS = 1_000;
    private const A_CATEGORY = 25;
    private const DAYS = ['queen' => 16, 'worker' => 21, 'drone' => 24];

    public function text(): string
    {
        $blocks = [];
        for ($number = 0; $number < self::QUESTIONS; ++$number) {
            if (0 === $number % self::A_CATEGORY) {
                $blocks[] = \sprintf('$CATEGORY: Store/Part %02d', intdiv($number, self::A_CATEGORY) + 1);
            }
            $blocks[] = $this->slipped($number, match ($number % 5) {
                0 => $this->emergence($number),
                1 => $this->stores($number),
                2 => $this->frames($number),
                3 => $this->statement($number),
                default => $this->syrup($number),
            });
        }

        return implode("\n\n", $blocks)."\n";
    }

    private function title(int $number): string
    {
        return \sprintf('::Part %02d – %02d:: ', intdiv($number, self::A_CATEGORY) + 1, $number % self::A_CATEGORY + 1);
    }

    private function emergence(int $number): string
    {
        $caste = array_keys(self::DAYS)[intdiv($number, 5) % 3];
        $laid = new \DateTimeImmutable(\sprintf('2023-04-01 +%d days', $number % 97));
        $options = '';
        foreach (self::DAYS as $other => $days) {
            $options .= "\n  ".($other === $caste ? '=' : '~').$laid->modify("+{$days} days")->format('j F');
        }

        return $this->title($number)."An egg was laid on {$laid->format('j F')}. When does the {$caste} emerge? {{$options}\n}";
    }

    private function stores(int $number): string
    {
        $frames = 2 + $number % 9;
        $each = 1 + $number % 2;
        $right = $frames * $each;

        return $this->title($number)."Hive {$number} has {$frames} frames of stores with {$each} kg each. How many kilograms is that? {#{$right}}";
    }

    private function frames(int $number): string
    {
        $boxes = 1 + $number % 4;
        $each = 10 + $number % 2;
        $right = $boxes * $each;

        return $this->title($number)."Apiary {$number} keeps a colony in {$boxes} box".(1 === $boxes ? '' : 'es')." of {$each} frames. How many frames are there? {".implode('', array_map(
            static fn (int $more) => "\n  ".(0 === $more ? '=' : '~').($right + $more),
            // In order, with the right one at a place of its own.
            [[0, 1, $each, 2 * $each], [-1, 0, 1, $each], [-$each, -1, 0, 1], [-$each, -2, -1, 0]][intdiv($number, 5) % 4],
        ))."\n}";
    }

    private function statement(int $number): string
    {
        $days = self::DAYS['queen'] - intdiv($number, 5) % 2;
        $isTrue = self::DAYS['queen'] === $days;

        return $this->title($number)."Record {$number} says that a queen emerged {$days} days after the egg was laid. Such a record can be right. {".($isTrue ? 'T' : 'F').'#A queen takes 16 days.}';
    }

    private function syrup(int $number): string
    {
        $kilograms = 1 + $number % 7;

        return $this->title($number)."For batch {$number}, {$kilograms} kg of sugar go into as many litres of water. The syrup then holds sugar and water in the ratio {=1:1 =1 to 1 =one to one}.";
    }

    private function slipped(int $number, string $question): string
    {
        return match ($number % 211) {
            120 => substr($question, 0, (int) strrpos($question, '}')),
            57 => str_replace("\n  ~", "\n\n  ~", $question),
            42 => str_replace("\n  =", "\n  ~", $question),
            default => $question,
        };
    }
}
