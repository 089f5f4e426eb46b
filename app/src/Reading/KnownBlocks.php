<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use Notagram\Editing\BlockMap;
use Notagram\Editing\Blocks;
use Psr\Cache\CacheItemPoolInterface;

/** The blocks that a browser was last told of a sheet: to work them out again is to split the text again. */
final readonly class KnownBlocks
{
    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    public function remember(Sheet $sheet, BlockMap $map): void
    {
        $this->cache->save($this->cache->getItem("blocks.{$sheet->id}")->set($map));
    }

    /**
     * @param string  $text   as it was when the browser was told of it
     * @param ?string $digest of the blocks that the browser has; null where it has none
     *
     * @return ?KnownText null where the browser has other blocks than the text had
     */
    public function of(Sheet $sheet, string $text, ?string $digest): ?KnownText
    {
        if (null === $digest) {
            return null;
        }
        $kept = $this->cache->getItem("blocks.{$sheet->id}")->get();
        if (!$kept instanceof BlockMap || $kept->digest() !== $digest) {
            $kept = Blocks::of($text, $sheet->notation(), $sheet->settings())->map;
        }

        return $kept->digest() === $digest ? new KnownText($text, $kept) : null;
    }
}
