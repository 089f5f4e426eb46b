<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\Starred\Starred;

/** The notations there are. A new one is a folder and a line here. */
final class Notations
{
    /**
     * @return list<Notation>
     */
    public static function all(): array
    {
        /** @var ?list<Notation> $all */
        static $all = null;

        return $all ??= [new Gift(), new Aiken(), new Starred()];
    }

    public static function find(string $id): ?Notation
    {
        foreach (self::all() as $notation) {
            if ($notation->id() === $id) {
                return $notation;
            }
        }

        return null;
    }

    /** What a sheet is handed over in: a notation, perhaps with a colon and the style of its writer, such as “starred:A),stars-after”. */
    public static function target(string $name): ?Notation
    {
        $parts = explode(':', $name, 2);
        $notation = self::find($parts[0]);

        return isset($parts[1]) ? $notation?->inStyle($parts[1]) : $notation;
    }

    /** The notation that most of a text speaks for; the first of the list where nothing does. */
    public static function detect(string $text): Notation
    {
        $best = self::all()[0];
        $most = 0;
        foreach (self::all() as $notation) {
            $signs = $notation->signsIn($text);
            if ($signs > $most) {
                [$best, $most] = [$notation, $signs];
            }
        }

        return $best;
    }
}
