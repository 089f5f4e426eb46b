<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigDecimal;
use Notagram\Intake\UnreadableDocument;
use Notagram\Source\Regex;

/** Finds the items of a package in the order of its test; of its manifest, where there is no test; of its files, where there is no manifest. */
final class TestItems
{
    private const MANIFEST = '~(?:\A|/)imsmanifest\.xml\z~i';
    private const MAX_SECTIONS = 30;

    /** @var list<TestItem> */
    private array $items = [];
    /** @var array<string, true> the files whose items have been found */
    private array $read = [];
    /** @var list<string> */
    public array $missing = [];
    /** @var list<string> */
    public array $broken = [];
    private bool $isQti = false;

    private function __construct(private readonly PackageFiles $files)
    {
    }

    /** @throws UnreadableDocument */
    public static function in(PackageFiles $files): self
    {
        $items = new self($files);
        $items->find();

        return $items;
    }

    /** @return list<TestItem> */
    public function all(): array
    {
        return $this->items;
    }

    /** Whether anything in the files is of the standard. */
    public function isQti(): bool
    {
        return $this->isQti;
    }

    private function find(): void
    {
        $names = $this->files->names();
        $roots = [];
        foreach ($names as $name) {
            $root = $this->files->root($name);
            if (null === $root) {
                $this->broken[] = $name;
            } else {
                $roots[$name] = $root;
            }
        }
        foreach ($roots as $name => $root) {
            if ('assessmentTest' === $root->name) {
                $this->isQti = true;
                $this->sections($root->children('testPart', 'assessmentSection'), $name, [], $roots, 0);
            }
        }
        foreach ($this->inOrder($roots) as $name) {
            if (isset($roots[$name]) && !isset($this->read[$name])) {
                $this->file($roots[$name], $name);
            }
        }
    }

    /**
     * @param array<string, QtiElement> $roots
     *
     * @return list<string> the places of the files in the order of the manifest, and those that it does not list behind them
     */
    private function inOrder(array $roots): array
    {
        $listed = [];
        foreach ($roots as $name => $root) {
            if ('manifest' === $root->name && Regex::match(self::MANIFEST, $name)) {
                foreach ($root->all('resource') as $resource) {
                    $href = $resource->attribute('href');
                    $href = '' === $href ? $resource->child('file')?->attribute('href') ?? '' : $href;
                    $place = PackagePictures::place($href, self::folder($name));
                    if ('' !== $href && str_contains(strtolower($resource->attribute('type')), 'qti')) {
                        $listed[] = $place;
                        if (!isset($roots[$place]) && !\in_array($place, $this->broken, true)) {
                            $this->missing[] = $place;
                        }
                    }
                }
            }
        }

        return array_values(array_unique([...$listed, ...array_keys($roots)]));
    }

    /**
     * @param list<QtiElement>          $parts
     * @param list<string>              $category
     * @param array<string, QtiElement> $roots
     */
    private function sections(array $parts, string $name, array $category, array $roots, int $depth): void
    {
        foreach ($parts as $part) {
            $title = $part->attribute('title');
            $isNamed = 'assessmentSection' === $part->name && 'false' !== $part->attribute('visible') && '' !== $title;
            if ('assessmentItemRef' === $part->name) {
                $this->reference($part, $name, $category, $roots);
            } elseif ($depth < self::MAX_SECTIONS) {
                $this->sections($part->children('assessmentSection', 'assessmentItemRef'), $name, $isNamed ? [...$category, $title] : $category, $roots, $depth + 1);
            }
        }
    }

    /**
     * @param list<string>              $category
     * @param array<string, QtiElement> $roots
     */
    private function reference(QtiElement $reference, string $name, array $category, array $roots): void
    {
        $place = PackagePictures::place($reference->attribute('href'), self::folder($name));
        $item = $roots[$place] ?? null;
        if (null === $item || 'assessmentItem' !== $item->name) {
            $this->missing[] = $place;

            return;
        }
        $this->read[$place] = true;
        $weight = Decimal::of($reference->child('weight')?->attribute('value') ?? '') ?? BigDecimal::one();
        $this->add($item, $place, $category, $weight, $roots);
    }

    /**
     * @param list<string>              $category
     * @param array<string, QtiElement> $roots
     */
    private function add(QtiElement $item, string $place, array $category, BigDecimal $times, array $roots = []): void
    {
        $this->isQti = true;
        foreach ($item->children('assessmentStimulusRef') as $reference) {
            $stimulus = PackagePictures::place($reference->attribute('href'), self::folder($place));
            // Several items in a row may be about one text.
            if (isset($roots[$stimulus]) && !isset($this->read[$stimulus])) {
                $this->read[$stimulus] = true;
                $this->items[] = new TestItem($roots[$stimulus], self::folder($stimulus), $category, BigDecimal::one());
            }
        }
        $this->items[] = new TestItem($item, self::folder($place), $category, $times);
    }

    private function file(QtiElement $root, string $name): void
    {
        match ($root->name) {
            'assessmentItem' => $this->add($root, $name, [], BigDecimal::one(), $this->stimuliFor($root, $name)),
            'questestinterop' => $this->legacy($root, $name, [], 0),
            default => null,
        };
    }

    /** @return array<string, QtiElement> */
    private function stimuliFor(QtiElement $item, string $name): array
    {
        $roots = [];
        foreach ($item->children('assessmentStimulusRef') as $reference) {
            $place = PackagePictures::place($reference->attribute('href'), self::folder($name));
            $root = $this->files->root($place);
            if (null !== $root) {
                $roots[$place] = $root;
            }
        }

        return $roots;
    }

    /** @param list<string> $category */
    private function legacy(QtiElement $parent, string $name, array $category, int $depth): void
    {
        $this->isQti = true;
        foreach ($depth > self::MAX_SECTIONS ? [] : $parent->children('assessment', 'section', 'objectbank', 'item') as $part) {
            if ('item' === $part->name) {
                $this->add($part, $name, $category, BigDecimal::one());
            } else {
                $title = 'section' === $part->name ? $part->attribute('title') : '';
                $this->legacy($part, $name, '' === $title ? $category : [...$category, $title], $depth + 1);
            }
        }
    }

    private static function folder(string $name): string
    {
        return str_contains($name, '/') ? \dirname($name) : '';
    }
}
