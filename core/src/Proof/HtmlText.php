<?php

declare(strict_types=1);

namespace Notagram\Proof;

use Masterminds\HTML5;
use Notagram\Source\Regex;

/** Puts something in the place of words in HTML: in its texts, and never inside a tag. */
final class HtmlText
{
    /**
     * @param string                                              $html  safe and well-formed
     * @param \Closure(array<array-key, string>): ?string $piece of a match, its groups as text: trusted HTML that goes in its place; null to leave it
     * @param int                                                 $times how often something was put in
     */
    public static function replaced(string $html, string $pattern, \Closure $piece, int &$times = 0): string
    {
        $times = 0;
        if (!Regex::match($pattern, $html)) {
            return $html;
        }
        $parser = new HTML5(['disable_html_ns' => true]);
        $fragment = $parser->loadHTMLFragment($html);
        foreach (self::textsIn($fragment) as $text) {
            $times += self::replacedIn($text, $pattern, $piece, $parser);
        }

        return 0 === $times ? $html : $parser->saveHTML($fragment);
    }

    /** @return list<\DOMText> */
    private static function textsIn(\DOMNode $node): array
    {
        $texts = [];
        foreach ($node->childNodes as $child) {
            array_push($texts, ...($child instanceof \DOMText ? [$child] : self::textsIn($child)));
        }

        return $texts;
    }

    /** @param \Closure(array<array-key, string>): ?string $piece */
    private static function replacedIn(\DOMText $text, string $pattern, \Closure $piece, HTML5 $parser): int
    {
        $content = $text->data;
        $document = $text->ownerDocument ?? throw new \LogicException('A text belongs to a document.');
        Regex::matchAll($pattern, $content, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $times = $done = 0;
        foreach ($matches as $match) {
            $html = $piece(array_map(static fn (array $group): string => $group[0], $match));
            if (null !== $html) {
                $text->parentNode?->insertBefore($document->createTextNode(substr($content, $done, $match[0][1] - $done)), $text);
                $text->parentNode?->insertBefore($document->importNode($parser->loadHTMLFragment($html), true), $text);
                $done = $match[0][1] + \strlen($match[0][0]);
                ++$times;
            }
        }
        $text->data = substr($content, $done);

        return $times;
    }
}
