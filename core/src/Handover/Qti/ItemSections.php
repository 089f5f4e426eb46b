<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** Puts items into sections by their categories, nested as these are, in the order of the sheet: a category that comes again is another section. */
final class ItemSections
{
    private int $number = 0;

    /** @param \Closure(string, ?string, list<Element>): Element $section told the identifier, the title (null for questions without a category) and what is in it */
    private function __construct(private readonly \Closure $section)
    {
    }

    /**
     * @param list<array{list<string>, Element}>                $items   each with the path of its category
     * @param \Closure(string, ?string, list<Element>): Element $section
     *
     * @return list<Element>
     */
    public static function of(array $items, \Closure $section): array
    {
        return (new self($section))->at($items, 0);
    }

    /**
     * @param list<array{list<string>, Element}> $items
     *
     * @return list<Element>
     */
    private function at(array $items, int $depth): array
    {
        $elements = $runs = [];
        $last = null;
        foreach ($items as $item) {
            $name = $item[0][$depth] ?? null;
            if ([] === $runs || $name !== $last) {
                $runs[] = [];
            }
            $runs[\count($runs) - 1][] = $item;
            $last = $name;
        }
        foreach ($runs as $run) {
            $name = $run[0][0][$depth] ?? null;
            if (null === $name && $depth > 0) {
                array_push($elements, ...array_column($run, 1));
            } else {
                $identifier = 'section-'.++$this->number;
                $elements[] = ($this->section)($identifier, $name, null === $name ? array_column($run, 1) : $this->at($run, $depth + 1));
            }
        }

        return $elements;
    }
}
