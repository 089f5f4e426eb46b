<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Notagram\Intake\Deadline;
use Notagram\Intake\LimitedTree;
use Notagram\Intake\MathMl;
use Notagram\Source\Regex;

/** Texts of items as HTML with nothing in it that shows nothing. */
final class Html
{
    private const MARKUP = ['a', 'abbr', 'b', 'blockquote', 'br', 'caption', 'cite', 'code', 'dd', 'del', 'dfn', 'div', 'dl', 'dt', 'em', 'figcaption', 'figure', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'hr', 'i', 'img', 'ins', 'kbd', 'li', 'mark', 'ol', 'p', 'pre', 'q', 'rp', 'rt', 'ruby', 's', 'samp', 'small', 'strong', 'sub', 'sup', 'table', 'tbody', 'td', 'tfoot', 'th', 'thead', 'tr', 'u', 'ul', 'var'];
    private const BLOCKS = 'blockquote|dd|div|dl|dt|figure|figcaption|h[1-6]|hr|li|ol|p|pre|table|tbody|td|tfoot|th|thead|tr|ul|caption|br';
    private const ATTRIBUTES = ['href', 'colspan', 'rowspan', 'scope', 'start', 'type', 'width', 'height', 'lang', 'dir', 'title'];
    private const FIELDS = ['response_lid', 'response_str', 'response_num', 'response_grp', 'response_xy'];
    /** Private-use characters around the name of a field. */
    private const PLACE = ["\u{F8F4}", "\u{F8F5}"];
    /** What a sheet has no place for; those of 1.2 by their own names. */
    private const UNSHOWN = ['object', 'audio', 'video', 'embed', 'iframe', 'mataudio', 'matvideo', 'matapplet', 'matapplication', 'printedVariable'];
    /** What is shown only at times, or to others than pupils. */
    private const LEFT_OUT = ['feedbackInline', 'feedbackBlock', 'templateInline', 'templateBlock', 'stylesheet', 'script', 'style', 'catalogInfo', 'companionMaterialsInfo'];
    /** What a pupil may write as it is, but a text without a format would take for HTML. */
    private const TAKEN_FOR_HTML = '~<(?=[a-zA-Z/!])|&(?=#|[a-zA-Z][a-zA-Z0-9]*+;|(?:amp|lt|gt|quot|nbsp|copy|reg)\b)~';

    /** @var array<string, true> names of what no pupil can be shown */
    private array $unknown = [];

    public function __construct(private readonly PackagePictures $pictures, private readonly Deadline $deadline)
    {
    }

    /** What stands in the place of a field to answer, until its question is built. */
    public static function place(string $response): string
    {
        return self::PLACE[0].bin2hex($response).self::PLACE[1];
    }

    public static function withoutPlaces(string $html): string
    {
        return Regex::replace('/'.self::PLACE[0].'[0-9a-f]*+'.self::PLACE[1].'/u', '', $html);
    }

    /** A part of 1.2, if it is one that a sheet has no place for. */
    public function passOver(string $name): void
    {
        if (\in_array($name, self::UNSHOWN, true)) {
            $this->without($name);
        }
    }

    /** @return list<string> kinds of parts that were left out */
    public function leftOut(): array
    {
        return array_keys($this->unknown);
    }

    /**
     * @param list<\DOMNode> $nodes
     * @param string         $folder of the file that they stand in
     */
    public function of(array $nodes, string $folder): string
    {
        return self::tidied($this->written($nodes, $folder, false));
    }

    /**
     * A part of a text, with the blanks at its ends.
     *
     * @param list<\DOMNode> $nodes
     */
    public function part(array $nodes, string $folder): string
    {
        return $this->written($nodes, $folder, false);
    }

    /** The same of a string of HTML, as version 1.2 holds it. */
    public function partOfString(string $html, string $folder): string
    {
        return $this->written($this->parsed($html), $folder, false);
    }

    public static function ofWords(string $words): string
    {
        return Regex::replace('/\R/', '<br>', htmlspecialchars($words, \ENT_NOQUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'));
    }

    /** Whether a field stands in a line of its own, and not among words. */
    public static function isApart(string $html, string $place): bool
    {
        $edge = '</?(?:'.self::BLOCKS.')(?: [^<>]*+)?>';

        return Regex::match("~(?:\\A|{$edge}) *{$place} *(?:\\z|{$edge})~", $html);
    }

    /** Whether words stand behind a field on the same line. */
    public static function isFollowed(string $html, string $place): bool
    {
        return Regex::match("~{$place}(?!\\s*+(?:\\z|</?(?:".self::BLOCKS.')\b))~', $html);
    }

    /** Whether it is words and line breaks only. */
    public static function isPlain(string $html): bool
    {
        return !Regex::match('~<(?!br>)~', $html);
    }

    /** Words and line breaks as a text without a format says them. */
    public static function plain(string $html): string
    {
        $text = html_entity_decode(str_replace('<br>', "\n", $html), \ENT_QUOTES | \ENT_HTML5, 'UTF-8');

        return Regex::replaceBy(self::TAKEN_FOR_HTML, static fn (array $match) => '<' === $match[0] ? '&lt;' : '&amp;', $text);
    }

    /** @return list<\DOMNode> */
    private function parsed(string $html): array
    {
        if (false === strpbrk($html, '<&')) {
            return [new \DOMText($html)];
        }
        $body = LimitedTree::of('<body>'.Regex::replace('~<(?![a-z/!?])~i', '&lt;', $html), $this->deadline)->getElementsByTagName('body')->item(0);

        return null === $body ? [] : array_values(iterator_to_array($body->childNodes));
    }

    /** @param list<\DOMNode> $nodes */
    private function written(array $nodes, string $folder, bool $isPreformatted): string
    {
        $html = '';
        foreach ($nodes as $node) {
            $html .= match (true) {
                $node instanceof \DOMText => htmlspecialchars(str_replace(self::PLACE, '', $isPreformatted ? $node->data : Regex::replace('/[ \t\r\n\f]++/', ' ', $node->data)), \ENT_NOQUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'),
                $node instanceof \DOMElement => $this->element($node, $folder, $isPreformatted),
                default => '',
            };
        }

        return $html;
    }

    private function element(\DOMElement $node, string $folder, bool $isPreformatted): string
    {
        $this->deadline->check();
        $name = QtiElement::nameOf($node);
        $inside = fn (): string => $this->written(array_values(iterator_to_array($node->childNodes)), $folder, $isPreformatted || 'pre' === $name);

        return match (true) {
            str_ends_with($name, 'Interaction') => self::place((new QtiElement($node))->attribute('responseIdentifier')),
            \in_array($name, self::FIELDS, true) => self::place($node->getAttribute('ident')),
            'math' === $name => htmlspecialchars(self::formula($node), \ENT_NOQUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'),
            'img' === $name => $this->picture($node->getAttribute('src'), $node, $folder),
            'object' === $name && str_starts_with($node->getAttribute('type'), 'image/') => $this->picture($node->getAttribute('data'), $node, $folder),
            \in_array($name, self::UNSHOWN, true), 'rubricBlock' === $name && !self::isForPupils($node) => $this->without($name),
            \in_array($name, self::LEFT_OUT, true) => '',
            'hr' === $name, 'br' === $name => "<{$name}>",
            \in_array($name, self::MARKUP, true) => "<{$name}".self::attributes($node).'>'.$inside()."</{$name}>",
            default => $inside(),
        };
    }

    private static function formula(\DOMElement $math): string
    {
        foreach ($math->getElementsByTagName('*') as $annotation) {
            if ('annotation' === $annotation->localName && Regex::match('~tex~i', $annotation->getAttribute('encoding'))) {
                [$open, $close] = match ([$math->getAttribute('class'), $math->getAttribute('display')]) {
                    ['in-brackets', 'block'] => ['\[', '\]'],
                    ['in-brackets', ''] => ['\(', '\)'],
                    default => 'block' === $math->getAttribute('display') ? ['$$', '$$'] : ['$', '$'],
                };

                return $open.trim($annotation->textContent).$close;
            }
        }

        return MathMl::tex($math);
    }

    private function picture(string $source, \DOMElement $node, string $folder): string
    {
        $words = trim($node->getAttribute('alt'));
        $name = '' === trim($source) ? null : $this->pictures->name(trim($source), $folder);
        if (null === $name) {
            return htmlspecialchars($words, \ENT_NOQUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8');
        }

        return '<img src="'.self::quoted($name).'" alt="'.self::quoted($words).'"'.self::attributes($node).'>';
    }

    /** Some of what is written beside a question is for those who mark it, or watch. */
    private static function isForPupils(\DOMElement $rubric): bool
    {
        return \in_array('candidate', Regex::split('/\s+/', $rubric->getAttribute('view')), true);
    }

    private function without(string $name): string
    {
        $this->unknown[$name] = true;

        return '';
    }

    private static function attributes(\DOMElement $node): string
    {
        $attributes = '';
        foreach ($node->attributes as $attribute) {
            if ('' !== $attribute->value && \in_array($attribute->localName, self::ATTRIBUTES, true) && !('type' === $attribute->localName && 'ol' !== $node->localName)) {
                $attributes .= " {$attribute->localName}=\"".self::quoted($attribute->value).'"';
            }
        }

        return $attributes;
    }

    private static function quoted(string $value): string
    {
        return htmlspecialchars($value, \ENT_COMPAT | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8');
    }

    /** Without blanks around blocks, without empty paragraphs at the ends, and without a block around all of it. */
    public static function tidied(string $html): string
    {
        if (!str_contains($html, '<pre')) {
            $html = Regex::replace('~ *+(</?(?:'.self::BLOCKS.')\b[^<>]*+>) *+~', '$1', $html);
        }
        $html = Regex::replace('~\A(?: |<br>|<p></p>|<div></div>)++|(?: |<br>|<p></p>|<div></div>)++\z~', '', $html);
        while (Regex::match('~\A<(p|div)>(.*)</\1>\z~s', $html, $match)) {
            // Only where it is one block, and not the first and the last of several.
            if (Regex::match("~<{$match[1]}[ >]|</{$match[1]}>~", $match[2])) {
                break;
            }
            $html = trim($match[2], ' ');
        }

        return $html;
    }
}
