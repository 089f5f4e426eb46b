<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Notation\Loss;
use Notagram\Proof\TextProof;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\KeptPictures;

/** The texts of one question as a version holds them, and what it does not hold of them. */
final class ItemTexts
{
    private readonly Xhtml $xhtml;
    private bool $wasPlained = false;

    /** @param KeptPictures $pictures under the addresses that they have in the package */
    public function __construct(private readonly TextProof $proof, private readonly QtiVersion $version, private readonly KeptPictures $pictures)
    {
        $this->xhtml = new Xhtml($version);
    }

    /** @return list<Element|string> words with elements in a line or as blocks */
    public function flow(FormattedText $text): array
    {
        return $this->xhtml->content($this->proof->html($text, $this->pictures), Content::Flow);
    }

    /** Blocks, such as stand before what is answered; null where there is no text. */
    public function stem(FormattedText $text): ?Element
    {
        return $this->block($this->flow($text));
    }

    /** A sentence with something in the place of its gap. */
    public function sentence(Gap $gap, string $format, Element $place): Element
    {
        $html = $this->proof->htmlWithGap($gap->before, $gap->after, $format, '<span class="'.Xhtml::PLACE.'"></span>', $this->pictures);

        return $this->block($this->xhtml->content($html, Content::Flow, $place)) ?? Element::markup('p', [], [$place]);
    }

    /** Words only. */
    public function words(FormattedText $text): string
    {
        $this->wasPlained = $this->wasPlained || [] !== array_filter($this->flow($text), static fn (Element|string $one) => !\is_string($one));

        return $text->plain();
    }

    /** As a string of HTML. */
    public function html12(FormattedText $text): string
    {
        return XmlFile::fragment($this->flow($text), $this->version);
    }

    /**
     * The two halves of a sentence as strings of HTML, each whole in itself.
     *
     * @return array{string, string}
     */
    public function halves(Gap $gap, string $format): array
    {
        $place = Element::markup(Xhtml::PLACE);
        $halves = self::cut($this->sentence($gap, $format, $place)->children, $place) ?? [[], []];

        return [XmlFile::fragment($halves[0], $this->version), XmlFile::fragment($halves[1], $this->version)];
    }

    /** @return list<Loss> */
    public function losses(): array
    {
        $left = $this->xhtml->leftOut();

        return [
            ...([] === $left ? [] : [Loss::reduced('qti/markup', target: $this->version->label(), names: implode(', ', $left))]),
            ...($this->wasPlained ? [Loss::reduced('qti/plain-choices')] : []),
            ...($this->xhtml->hasTex ? [Loss::reduced('qti/formula')] : []),
        ];
    }

    /** @param list<Element|string> $content */
    private function block(array $content): ?Element
    {
        if ([] === $content) {
            return null;
        }
        $hasBlocks = [] !== array_filter($content, fn (Element|string $one) => !\is_string($one) && $this->version->allowsBlock($one->name));

        return Element::markup($hasBlocks ? 'div' : 'p', [], $content);
    }

    /**
     * @param list<Element|string> $content
     *
     * @return ?array{list<Element|string>, list<Element|string>} null where it does not hold the place
     */
    private static function cut(array $content, Element $place): ?array
    {
        foreach ($content as $index => $one) {
            if ($one === $place) {
                return [\array_slice($content, 0, $index), \array_slice($content, $index + 1)];
            }
            if (\is_string($one)) {
                continue;
            }
            $halves = self::cut($one->children, $place);
            if (null !== $halves) {
                return [[...\array_slice($content, 0, $index), $one->withChildren($halves[0])], [$one->withChildren($halves[1]), ...\array_slice($content, $index + 1)]];
            }
        }

        return null;
    }
}
