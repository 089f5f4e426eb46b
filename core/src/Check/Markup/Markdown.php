<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

use League\CommonMark\Extension\CommonMark\Node\Block\HtmlBlock;
use League\CommonMark\Extension\CommonMark\Node\Inline\HtmlInline;
use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Node\StringContainerHelper;
use League\CommonMark\Parser\MarkdownParser;
use Notagram\Question\CommonMark;
use Notagram\Question\FormattedText;

/** What stands in a Markdown text beside its words; what stands in its code is words. */
final readonly class Markdown
{
    /** @param list<ShownPicture> $pictures */
    private function __construct(public string $html, public array $pictures)
    {
    }

    /** Of a text that nobody would wait for, nothing. */
    public static function of(FormattedText $text): self
    {
        if ($text->isTooMuchToRender()) {
            return new self('', []);
        }
        static $parser = null;
        $parser ??= new MarkdownParser(CommonMark::environment());
        \assert($parser instanceof MarkdownParser);
        $html = [];
        $pictures = [];
        foreach ($parser->parse($text->text)->iterator() as $node) {
            if ($node instanceof HtmlInline || $node instanceof HtmlBlock) {
                $html[] = $node->getLiteral();
            } elseif ($node instanceof Image) {
                $pictures[] = new ShownPicture($node->getUrl(), trim(StringContainerHelper::getChildText($node)));
            }
        }

        return new self(implode("\n", $html), $pictures);
    }
}
