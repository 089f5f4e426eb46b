<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** A stretch of a manuscript that stands out from the rest of it. */
final readonly class Emphasis
{
    /** @param int $line of the text, from 1 */
    public function __construct(public int $line, public string $text)
    {
    }

    /**
     * @param list<self>         $emphasised
     * @param callable(int):?int $lineOf     where a line is now; null where it went
     *
     * @return list<self>
     */
    public static function moved(array $emphasised, callable $lineOf): array
    {
        $moved = [];
        foreach ($emphasised as $one) {
            $line = $lineOf($one->line);
            if (null !== $line) {
                $moved[] = new self($line, $one->text);
            }
        }

        return $moved;
    }
}
