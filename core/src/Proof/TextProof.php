<?php

declare(strict_types=1);

namespace Notagram\Proof;

use League\CommonMark\MarkdownConverter;
use Notagram\Question\CommonMark;
use Notagram\Question\FormattedText;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerAction;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * Renders a text as a pupil sees it: HTML that runs nothing, loads nothing from outside and stays in its place.
 */
final class TextProof
{
    /** A private-use character that stands for the gap while its sentence is rendered. */
    private const GAP = "\u{F8F1}";

    private ?MarkdownConverter $markdown = null;
    private ?HtmlSanitizer $sanitizer = null;

    public function html(FormattedText $text): string
    {
        if ('' === $text->text) {
            return '';
        }
        if ($text->isTooMuchToRender()) {
            return self::plain($text->text);
        }

        return match ($text->format) {
            FormattedText::MARKDOWN => $this->markdown($text->text),
            FormattedText::HTML => $this->sanitized($text->text),
            FormattedText::AUTO => $this->auto($text->text),
            default => self::plain($text->text),
        };
    }

    /**
     * A sentence with a gap in it.
     *
     * @param string $gap trusted HTML that goes in its place
     */
    public function htmlWithGap(string $before, string $after, string $format, string $gap): string
    {
        $sentence = str_replace(self::GAP, '', $before).self::GAP.str_replace(self::GAP, '', $after);
        $times = 0;
        $html = HtmlText::replaced($this->html(new FormattedText($sentence, $format)), '/'.self::GAP.'/u', static fn () => $gap, $times);

        // Where the gap stood inside a tag, there is no place for it: it is shown after the sentence then.
        return str_replace(self::GAP, '', $html).(1 === $times ? '' : $gap);
    }

    /** Safe HTML with the pictures that its text names, each where it is named, with its words for those who cannot see it. */
    public static function withPictures(string $html, KeptPictures $pictures): string
    {
        return HtmlText::replaced($html, KeptPictures::NAMED, static function (array $name) use ($pictures): ?string {
            $address = $pictures->addressOf((int) $name[1]);

            return null === $address ? null : \sprintf('<img class="kept" src="%s" alt="%s">', htmlspecialchars($address), htmlspecialchars($name[2] ?? "picture {$name[1]}"));
        });
    }

    public static function plain(string $text): string
    {
        return nl2br(htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'), false);
    }

    /** HTML where there is any; line breaks are kept, and a < that opens no tag is text. */
    private function auto(string $text): string
    {
        if (!str_contains($text, '<') && !str_contains($text, '&')) {
            return self::plain($text);
        }
        $text = Regex::replace('~<(?!/?[a-zA-Z]|!--)~', '&lt;', $text);
        $hasBlocks = Regex::match('~<(?:p|div|ul|ol|table|pre|blockquote|h[1-6])[\s>]~i', $text);

        return $this->sanitized($hasBlocks ? $text : nl2br($text, false));
    }

    private function markdown(string $text): string
    {
        $this->markdown ??= new MarkdownConverter(CommonMark::environment());

        return $this->sanitized(trim($this->markdown->convert($text)->getContent()));
    }

    private function sanitized(string $html): string
    {
        return ($this->sanitizer ??= new HtmlSanitizer(self::rules()))->sanitizeFor('div', $html);
    }

    private static function rules(): HtmlSanitizerConfig
    {
        $rules = (new HtmlSanitizerConfig())
            ->defaultAction(HtmlSanitizerAction::Block)
            ->withMaxInputLength(-1)
            ->allowLinkSchemes(['http', 'https', 'mailto'])
            ->allowMediaSchemes(['data'])
            ->allowRelativeLinks(false)
            ->allowRelativeMedias(false);
        foreach (['script', 'style', 'iframe', 'object', 'embed', 'noscript', 'template', 'svg', 'math', 'textarea', 'select', 'title', 'head', 'audio', 'video', 'canvas', 'xmp', 'noembed', 'noframes', 'plaintext'] as $dropped) {
            $rules = $rules->dropElement($dropped);
        }
        foreach (['b', 'i', 'u', 's', 'em', 'strong', 'sub', 'sup', 'small', 'mark', 'code', 'kbd', 'samp', 'var', 'del', 'ins', 'q', 'cite', 'abbr', 'dfn', 'br', 'hr', 'p', 'div', 'span', 'pre', 'blockquote', 'ul', 'li', 'dl', 'dt', 'dd', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'table', 'caption', 'thead', 'tbody', 'tfoot', 'tr', 'ruby', 'rt', 'rp', 'figure', 'figcaption'] as $element) {
            $rules = $rules->allowElement($element, ['lang', 'dir', 'title']);
        }

        return $rules
            ->allowElement('ol', ['start', 'type', 'reversed', 'lang', 'dir'])
            ->allowElement('th', ['colspan', 'rowspan', 'scope', 'lang', 'dir'])
            ->allowElement('td', ['colspan', 'rowspan', 'lang', 'dir'])
            ->allowElement('img', ['src', 'alt', 'title', 'width', 'height'])
            ->allowElement('a', ['href', 'title', 'lang', 'dir'])
            ->forceAttribute('a', 'rel', 'noopener noreferrer nofollow')
            ->forceAttribute('a', 'target', '_blank');
    }
}
