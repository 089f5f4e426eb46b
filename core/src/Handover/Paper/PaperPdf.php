<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Dompdf\Adapter\CPDF;
use Dompdf\Canvas;
use Dompdf\Dompdf;
use Dompdf\FontMetrics;
use Dompdf\Frame;
use Dompdf\Options;
use Notagram\Source\Regex;

/** A paper as a PDF, with fonts that come along, of a page of HTML that needs nothing beside it. The same page gives the same bytes. */
final class PaperPdf
{
    /** The attribute of an element that says what stands above each page from there on. */
    public const RUNNING = 'data-running';
    /** Over all versions: each page takes longer the more follow it, and this many take half a minute. */
    public const MOST_QUESTIONS = 800;
    private const FONT = 'DejaVu Serif';
    /** Where a letter is missing from the first font. */
    private const FONTS = ['DejaVuSerif', 'DejaVuSans'];
    private const SIZE = 8.0;
    /** From the upper edge and from the right one, in points. */
    private const TOP = 26.0;
    private const RIGHT = 51.0;
    private const NO_FOLDER = '/nonexistent';

    public static function of(string $html): string
    {
        // Nothing is read but what stands in the page, nothing runs, and no font is kept on disk.
        $dompdf = new Dompdf(new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'allowedProtocols' => ['data://' => ['rules' => []]],
            'chroot' => [self::NO_FOLDER],
            'fontCache' => self::NO_FOLDER,
            'defaultFont' => self::FONT,
        ]));
        $dompdf->loadHtml($html, 'UTF-8');
        $dompdf->setPaper('A4');
        $running = [];
        $dompdf->setCallbacks([['event' => 'begin_frame', 'f' => static function (Frame $frame, Canvas $canvas) use (&$running): void {
            $node = $frame->get_node();
            if ($node instanceof \DOMElement && $node->hasAttribute(self::RUNNING)) {
                $running[$canvas->get_page_number()] ??= $node->getAttribute(self::RUNNING);
            }
        }]]);
        $dompdf->render();
        $canvas = $dompdf->getCanvas();
        \assert($canvas instanceof CPDF);
        $canvas->page_script(static function (int $page, int $pages, Canvas $canvas, FontMetrics $fonts) use (&$running): void {
            $running[$page] ??= $running[$page - 1] ?? '';
            $font = $fonts->getFont(self::FONT) ?? throw new \LogicException('The font comes along.');
            $canvas->text($canvas->get_width() - self::RIGHT - $fonts->getTextWidth($running[$page], $font, self::SIZE), self::TOP, $running[$page], $font, self::SIZE, [0.27, 0.27, 0.27]);
        });
        $pdf = $canvas->get_cpdf();
        // The same paper is the same file, whenever it is written.
        $pdf->fileIdentifier = md5($html);
        foreach (['CreationDate', 'ModDate'] as $date) {
            unset($pdf->objects[$pdf->infoObject]['info'][$date]); // @phpstan-ignore offsetAccess.nonOffsetAccessible, offsetAccess.nonOffsetAccessible (what the library keeps there has no type)
        }

        return $canvas->output();
    }

    /** Whether the fonts have all letters of a text, and it runs from left to right. */
    public static function has(string $text): bool
    {
        if (Regex::match('/[\p{Hebrew}\p{Arabic}]/u', $text)) {
            return false;
        }
        if (Regex::match('/^[\x{20}-\x{17F}\x{2010}-\x{2027}\s]*+\z/u', $text)) {
            return true;
        }
        foreach (mb_str_split($text) as $letter) {
            if ($letter > ' ' && !isset(self::letters()[mb_ord($letter)])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, true> the letters of the fonts, by their code */
    private static function letters(): array
    {
        /** @var ?array<int, true> $letters */
        static $letters = null;
        if (null === $letters) {
            $letters = [];
            foreach (self::FONTS as $font) {
                Regex::matchAll('/^U (\d++) /m', (string) file_get_contents((new Options())->getRootDir()."/lib/fonts/{$font}.ufm"), $found);
                $letters += array_fill_keys(array_map(intval(...), $found[1]), true);
            }
        }

        return $letters;
    }
}
