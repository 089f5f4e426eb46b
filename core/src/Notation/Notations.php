<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\Gram\Gram;
use Notagram\Notation\Starred\Starred;

/** The notations there are. A new one is a folder and a line here. */
final class Notations
{
    /**
     * @return non-empty-list<Notation>
     */
    public static function all(): array
    {
        /** @var ?non-empty-list<Notation> $all */
        static $all = null;

        return $all ??= [new Gift(), new Aiken(), new Starred(), new Gram()];
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

    /** The one that printed tests are read and tidied in. */
    public static function printed(): Notation
    {
        foreach (self::all() as $notation) {
            if ($notation->isPrinted()) {
                return $notation;
            }
        }

        throw new \LogicException('There is such a notation.');
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
