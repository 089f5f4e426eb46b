<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Masterminds\HTML5\Parser\DOMTreeBuilder;
use Masterminds\HTML5\Parser\Scanner;
use Masterminds\HTML5\Parser\Tokenizer;

/** Builds the tree of a page, no deeper than is read, and not for longer: the library needs more time for each tag the deeper it is. */
final class LimitedTree extends DOMTreeBuilder
{
    private const MAX_DEPTH = 300;

    private function __construct(private readonly Deadline $deadline)
    {
        parent::__construct(false, ['disable_html_ns' => true]);
    }

    /** @throws UnreadableDocument */
    public static function of(string $html, Deadline $deadline): \DOMDocument
    {
        $tree = new self($deadline);
        (new Tokenizer(new Scanner($html, 'UTF-8'), $tree, Tokenizer::CONFORMANT_HTML))->parse();

        $document = $tree->document();
        \assert($document instanceof \DOMDocument);

        return $document;
    }

    /**
     * What is nested too deeply is not opened: its words stay where they are.
     *
     * @param string       $name
     * @param array<mixed> $attributes
     * @param bool         $selfClosing
     */
    public function startTag($name, $attributes = [], $selfClosing = false): int
    {
        $this->deadline->check();
        $depth = 0;
        for ($node = $this->current; $node instanceof \DOMNode; $node = $node->parentNode) {
            if (++$depth > self::MAX_DEPTH) {
                return 0;
            }
        }

        return parent::startTag($name, $attributes, $selfClosing);
    }
}
