<?php

declare(strict_types=1);

namespace Notagram\Bench;

/** Texts of any number of ordinary questions, the same at every run. */
final class Corpus
{
    public static function gift(int $questions): string
    {
        $text = '';
        for ($number = 0; $number < $questions; ++$number) {
            $text .= match ($number % 5) {
                0 => "::Swarms – {$number}:: Which of these make colony {$number} more likely to swarm in spring? {\n  ~%50%a crowded brood nest\n  ~%50%an old queen\n  ~%-50%an empty super above#No: that gives room.\n  ~%-50%a cold, wet April\n}\n\n",
                1 => "A prime swarm of hive {$number} leaves with the old queen. {T#The virgins come later.}\n\n",
                2 => "::Comb – {$number}:: What is the first thing to look for on the comb of hive {$number}? {\n  ~capped honey\n  =eggs standing upright\n  ~pollen in a ring\n}\n\n",
                3 => "In hive {$number}, a queen cell is sealed on day {=8 =eight} after the egg was laid.\n\n",
                default => "How warm is the brood nest of hive {$number}, in °C? {#35:1}\n\n",
            };
        }

        return $text;
    }

    public static function aiken(int $questions): string
    {
        $text = '';
        for ($number = 0; $number < $questions; ++$number) {
            $text .= "Which of these make colony number {$number} more likely to swarm in spring?\nA. a crowded brood nest\nB. an empty super above\nC. a cold, wet April\nD. a young queen\nANSWER: A\n\n";
        }

        return $text;
    }
}
