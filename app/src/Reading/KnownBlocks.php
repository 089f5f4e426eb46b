<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use Notagram\Editing\Blocks;
use Psr\Cache\CacheItemPoolInterface;

/** The names of the blocks that a browser was last told of a sheet: to work them out again is to split the text again. */
final readonly class KnownBlocks
{
    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    public function remember(Sheet $sheet, Blocks $blocks): void
    {
        $this->cache->save($this->cache->getItem("blocks.{$sheet->id}")->set($blocks->names));
    }

    /**
     * @param ?string $digest of the blocks that the browser has; null where it has none
     *
     * @return string the names of them all; empty where the browser has others than the text had
     */
    public function named(Sheet $sheet, string $text, ?string $digest): string
    {
        if (null === $digest) {
            return '';
        }
        $kept = $this->cache->getItem("blocks.{$sheet->id}")->get();
        if (\is_string($kept) && Blocks::digestOf($kept) === $digest) {
            return $kept;
        }
        $blocks = Blocks::of($text, $sheet->notation(), $sheet->switchedOff());

        return $blocks->digest() === $digest ? $blocks->names : '';
    }
}
