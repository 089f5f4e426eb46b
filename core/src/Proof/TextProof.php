<?php

declare(strict_types=1);

namespace Notagram\Proof;

use League\CommonMark\MarkdownConverter;
use Notagram\Proof\Formula\FormulasInHtml;
use Notagram\Question\CommonMark;
use Notagram\Question\FormattedText;
use Notagram\Question\Formulas;
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

    /** Private-use characters that stand around the number of a formula while its text is rendered. */
    private const FORMULA = ["\u{F8F2}", "\u{F8F3}"];

    public function html(FormattedText $text, KeptPictures $pictures = new KeptPictures()): string
    {
        $html = KeptSource::settled($this->withFormulas($text), $pictures);

        return [] === $pictures->all ? $html : self::withPictures($html, $pictures);
    }

    private function withFormulas(FormattedText $text): string
    {
        if ('' === $text->text) {
            return '';
        }
        if ($text->isTooMuchToRender()) {
            return self::plain($text->text);
        }
        // Signs of a formula are no Markdown and no HTML.
        $formulas = $written = [];
        $without = Formulas::replaced(new FormattedText(str_replace(self::FORMULA, '', $text->text), $text->format), static function (string $tex, bool $isApart, string $whole) use (&$formulas, &$written): string {
            $written[] = $whole;
            $formulas[] = \sprintf('<span class="formula%s%s">%s</span>', $isApart ? ' is-apart' : '', '\\' === $whole[0] ? ' '.FormulasInHtml::BRACKETS : '', htmlspecialchars(html_entity_decode($tex, \ENT_QUOTES | \ENT_HTML5, 'UTF-8'), \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'));

            return self::FORMULA[0].(\count($formulas) - 1).self::FORMULA[1];
        });
        $html = $this->rendered(new FormattedText($without, $text->format));

        if ([] === $formulas) {
            return $html;
        }
        $number = '/'.self::FORMULA[0].'(\d++)'.self::FORMULA[1].'/u';
        $asWritten = static fn (string $html): string => Regex::replaceBy($number, static fn (array $match) => htmlspecialchars($written[(int) $match[1]] ?? '', \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'), $html);
        // In code that only its indent makes one, and within a tag, it is what it was.
        $html = Regex::replaceBy('~<(code|pre)>.*?</\1>~s', static fn (array $code) => $asWritten($code[0]), $html);
        $html = HtmlText::replaced($html, $number, static fn (array $match) => $formulas[(int) $match[1]] ?? '');

        return $asWritten($html);
    }

    private function rendered(FormattedText $text): string
    {
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
    public function htmlWithGap(string $before, string $after, string $format, string $gap, KeptPictures $pictures = new KeptPictures()): string
    {
        $sentence = str_replace(self::GAP, '', $before).self::GAP.str_replace(self::GAP, '', $after);
        $times = 0;
        $html = HtmlText::replaced($this->html(new FormattedText($sentence, $format), $pictures), '/'.self::GAP.'/u', static fn () => $gap, $times);

        // Where the gap stood inside a tag, there is no place for it: it is shown after the sentence then.
        return str_replace(self::GAP, '', $html).(1 === $times ? '' : $gap);
    }

    /** Safe HTML with the pictures that its text names by number, each where it is named, with its words for those who cannot see it. */
    private static function withPictures(string $html, KeptPictures $pictures): string
    {
        return HtmlText::replaced($html, KeptPictures::NAMED, static function (array $name) use ($pictures): ?string {
            $address = $pictures->numbered((int) $name[1])?->address;

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
            ->forceAttribute('a', 'target', '_blank')
            ->withAttributeSanitizer(new KeptSource());
    }
}
