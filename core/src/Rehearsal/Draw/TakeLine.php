<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Draw;

use Notagram\Notation\PlacedBlock;
use Notagram\Source\Regex;

/** How many questions are drawn from where: “5 Castes”, “3 Wax/*” with its subcategories, “10 *” of the whole sheet. */
final readonly class TakeLine
{
    private const MOST = 100_000;

    /**
     * @param ?list<string> $path null for the whole sheet
     * @param bool          $isWithin whether the questions of its subcategories count, too
     */
    private function __construct(public string $written, public int $count, private ?array $path, private bool $isWithin)
    {
    }

    /** Null where the line cannot be read, or takes nothing. Two slashes stand for one in a name. */
    public static function read(string $written): ?self
    {
        if (!Regex::match('~^\s*+(\d{1,6})\s++(\S.*?)\s*+\z~u', $written, $match) || 0 === (int) $match[1] || (int) $match[1] > self::MOST) {
            return null;
        }
        $spelled = "{$match[1]} {$match[2]}";
        if ('*' === $match[2]) {
            return new self($spelled, (int) $match[1], null, true);
        }
        $names = array_map(static fn (string $name) => str_replace("\0", '/', trim($name)), explode('/', str_replace('//', "\0", $match[2])));
        $isWithin = '*' === end($names);
        $path = $isWithin ? \array_slice($names, 0, -1) : $names;

        return [] === $path || \in_array('', $path, true) ? null : new self($spelled, (int) $match[1], $path, $isWithin);
    }

    public function takesFrom(PlacedBlock $placed): bool
    {
        return null === $this->path || ($this->isWithin ? \array_slice($placed->category, 0, \count($this->path)) : $placed->category) === $this->path;
    }
}
