<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Handover\XmlCharacters;
use Notagram\Handover\XmlPart;
use Notagram\Handover\ZipFile;
use Notagram\Question\KeptPicture;
use Notagram\Source\Regex;

/** A paper as an OpenDocument text (ISO/IEC 26300, from memory), whose numbers and letters are lists. One object writes one file. */
final class OpenPaper
{
    private const NAMESPACES = ['office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0', 'style' => 'urn:oasis:names:tc:opendocument:xmlns:style:1.0', 'text' => 'urn:oasis:names:tc:opendocument:xmlns:text:1.0', 'draw' => 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0', 'svg' => 'urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0', 'fo' => 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0', 'xlink' => 'http://www.w3.org/1999/xlink'];
    private const INDENT_CM = 0.75;

    private readonly XmlPart $xml;
    /** @var array<string, string> the bytes of pictures, by their places */
    private array $pictures = [];
    /** How many lists are open. */
    private int $level = 0;
    /** Whether questions of this version stand before. */
    private bool $hasCounted = false;
    /** @var array<string, string> the styles of runs, by what they are made of */
    private array $runStyles = [];

    private function __construct(private readonly int $columns)
    {
        $this->xml = new XmlPart();
    }

    /** @param non-empty-list<array{?string, list<PaperParagraph>}> $versions each with what stands above every page of it */
    public static function of(array $versions, int $columns): string
    {
        $paper = new self($columns);
        $body = $paper->body($versions);
        $content = $paper->content($body, \count($versions));

        return ZipFile::of([
            'mimetype' => PaperFile::OpenDocument->mediaType(),
            'content.xml' => $content,
            'styles.xml' => $paper->pageStyles($versions),
            'META-INF/manifest.xml' => $paper->manifest(),
        ] + $paper->pictures, 'mimetype');
    }

    /** @param non-empty-list<array{?string, list<PaperParagraph>}> $versions */
    private function body(array $versions): string
    {
        $this->xml->openMemory();
        // Outside of an element, the library writes a text without escaping it.
        $this->xml->startElement('x');
        foreach ($versions as $index => [, $paragraphs]) {
            foreach ($paragraphs as $place => $paragraph) {
                $this->openLists($paragraph->role, 'List'.($index + 1));
                $this->paragraph($paragraph, 0 === $place ? 'First'.($index + 1) : $paragraph->role->value.($paragraph->staysWithNext ? 'Kept' : ''));
            }
            $this->close(0);
            $this->hasCounted = false;
        }
        $this->xml->fullEndElement();

        return substr($this->xml->outputMemory(), \strlen('<x>'), -\strlen('</x>'));
    }

    /** A question is an item of a list; its options are a list within it, and what else belongs to it stands there without a number. */
    private function openLists(PaperRole $role, string $list): void
    {
        $level = match ($role) {
            PaperRole::Question, PaperRole::More, PaperRole::Line => 1,
            PaperRole::Option, PaperRole::MoreOption => 2,
            default => 0,
        };
        $isNew = PaperRole::Question === $role || PaperRole::Option === $role;
        if ($isNew && $level <= $this->level) {
            $this->close($level);
            $this->xml->endElement();
            $this->xml->startElement('text:list-item');

            return;
        }
        $this->close($level);
        for (; $this->level < $level; ++$this->level) {
            $this->xml->startElement('text:list');
            if (0 === $this->level) {
                $this->xml->writeAttribute('text:style-name', $list);
                $this->xml->writeAttribute('text:continue-numbering', $this->hasCounted ? 'true' : 'false');
                $this->hasCounted = true;
            }
            $this->xml->startElement('text:list-item');
        }
    }

    private function close(int $level): void
    {
        for (; $this->level > $level; --$this->level) {
            $this->xml->endElement();
            $this->xml->endElement();
        }
    }

    private function paragraph(PaperParagraph $paragraph, string $style): void
    {
        $isHeading = PaperRole::Heading === $paragraph->role || PaperRole::KeyTitle === $paragraph->role;
        $this->xml->startElement($isHeading ? 'text:h' : 'text:p');
        $this->xml->writeAttribute('text:style-name', $style);
        if ($isHeading) {
            $this->xml->writeAttribute('text:outline-level', '1');
        }
        foreach ($paragraph->runs as $run) {
            $this->run($run);
        }
        $this->xml->endElement();
    }

    private function run(PaperRun $run): void
    {
        $box = null === $run->picture ? null : PictureBox::of($run->picture);
        if (null !== $run->picture && null !== $box) {
            $this->picture($run->picture, $box, $run->text);

            return;
        }
        if ([] === $run->styles) {
            $this->words($run->text);

            return;
        }
        $key = implode(' ', array_unique($run->styles));
        $this->runStyles[$key] ??= 'Run'.(\count($this->runStyles) + 1);
        $this->xml->startElement('text:span');
        $this->xml->writeAttribute('text:style-name', $this->runStyles[$key]);
        $this->words($run->text);
        $this->xml->endElement();
    }

    /** Blanks beyond the first, and tabs, are elements. */
    private function words(string $words): void
    {
        foreach (Regex::split('/(\t| {2,})/', XmlCharacters::cleaned($words), -1, \PREG_SPLIT_DELIM_CAPTURE) as $piece) {
            if ("\t" === $piece) {
                $this->xml->lone('text:tab');
            } elseif (str_starts_with($piece, '  ')) {
                $this->xml->lone('text:s', ['text:c' => (string) \strlen($piece)]);
            } elseif ('' !== $piece) {
                $this->xml->text($piece);
            }
        }
    }

    private function picture(KeptPicture $picture, PictureBox $box, string $description): void
    {
        $place = "Pictures/{$picture->name}";
        $this->pictures[$place] = $picture->bytes();
        $this->xml->startElement('draw:frame');
        foreach (['text:anchor-type' => 'as-char', 'svg:width' => self::cm($box->widthCm), 'svg:height' => self::cm($box->heightCm)] as $name => $value) {
            $this->xml->writeAttribute($name, $value);
        }
        $this->xml->lone('draw:image', ['xlink:href' => $place, 'xlink:type' => 'simple', 'xlink:show' => 'embed', 'xlink:actuate' => 'onLoad']);
        $this->xml->writeElement('svg:desc', XmlCharacters::cleaned($description));
        $this->xml->endElement();
    }

    private function content(string $body, int $versions): string
    {
        $this->begin('office:document-content');
        $this->xml->startElement('office:automatic-styles');
        foreach (PaperRole::cases() as $role) {
            $this->paragraphStyle($role->value, $role, false, null);
            $this->paragraphStyle($role->value.'Kept', $role, true, null);
        }
        for ($version = 1; $version <= $versions; ++$version) {
            $this->paragraphStyle("First{$version}", PaperRole::Title, false, "Master{$version}");
            $this->listStyle("List{$version}");
        }
        foreach ($this->runStyles as $styles => $name) {
            $this->xml->startElement('style:style');
            $this->xml->writeAttribute('style:name', $name);
            $this->xml->writeAttribute('style:family', 'text');
            $this->xml->lone('style:text-properties', self::looks(explode(' ', $styles)));
            $this->xml->endElement();
        }
        $this->xml->endElement();
        $this->xml->startElement('office:body');
        $this->xml->startElement('office:text');
        $this->xml->writeRaw($body);
        $this->xml->endElement();
        $this->xml->endElement();
        $this->xml->endElement();

        return $this->written();
    }

    private function paragraphStyle(string $name, PaperRole $role, bool $staysWithNext, ?string $page): void
    {
        [$before, $after] = match ($role) {
            PaperRole::Title, PaperRole::KeyTitle => [0.0, 0.2],
            PaperRole::Who => [0.1, 0.2],
            PaperRole::Heading => [0.5, 0.1],
            PaperRole::Question, PaperRole::Passage => [0.35, 0.1],
            PaperRole::Line => [0.6, 0.0],
            default => [0.05, 0.05],
        };
        $indent = match ($role) {
            PaperRole::More, PaperRole::Line => self::INDENT_CM,
            PaperRole::MoreOption => 2 * self::INDENT_CM,
            default => 0.0,
        };
        $this->xml->startElement('style:style');
        $this->xml->writeAttribute('style:name', $name);
        $this->xml->writeAttribute('style:family', 'paragraph');
        if (null !== $page) {
            $this->xml->writeAttribute('style:master-page-name', $page);
        }
        $this->xml->lone('style:paragraph-properties', ['fo:margin-top' => self::cm($before), 'fo:margin-bottom' => self::cm($after), 'fo:keep-together' => 'always']
            + ($indent > 0.0 ? ['fo:margin-left' => self::cm($indent), 'fo:text-indent' => '0cm'] : [])
            + ($staysWithNext ? ['fo:keep-with-next' => 'always'] : [])
            + (PaperRole::KeyTitle === $role ? ['fo:break-before' => 'page'] : [])
            + (PaperRole::Line === $role ? ['fo:border-bottom' => '0.5pt solid #808080', 'style:join-border' => 'false'] : []));
        $isHead = \in_array($role, [PaperRole::Title, PaperRole::Version, PaperRole::Heading, PaperRole::KeyTitle], true);
        $this->xml->lone('style:text-properties', ['fo:font-family' => 'Liberation Serif', 'fo:font-size' => PaperRole::Title === $role ? '17pt' : ($isHead ? '13pt' : '11.5pt')] + ($isHead ? ['fo:font-weight' => 'bold'] : []));
        $this->xml->endElement();
    }

    private function listStyle(string $name): void
    {
        $this->xml->startElement('text:list-style');
        $this->xml->writeAttribute('style:name', $name);
        foreach ([1 => '1', 2 => 'A'] as $level => $format) {
            $this->xml->startElement('text:list-level-style-number');
            foreach (['text:level' => (string) $level, 'style:num-format' => $format, 'style:num-suffix' => '.'] as $attribute => $value) {
                $this->xml->writeAttribute($attribute, $value);
            }
            $this->xml->startElement('style:list-level-properties');
            $this->xml->writeAttribute('text:list-level-position-and-space-mode', 'label-alignment');
            $this->xml->lone('style:list-level-label-alignment', ['text:label-followed-by' => 'listtab', 'text:list-tab-stop-position' => self::cm($level * self::INDENT_CM), 'fo:margin-left' => self::cm($level * self::INDENT_CM), 'fo:text-indent' => self::cm(-self::INDENT_CM)]);
            $this->xml->endElement();
            $this->xml->endElement();
        }
        $this->xml->endElement();
    }

    /** @param non-empty-list<array{?string, list<PaperParagraph>}> $versions */
    private function pageStyles(array $versions): string
    {
        $this->begin('office:document-styles');
        $this->xml->startElement('office:automatic-styles');
        $this->xml->startElement('style:page-layout');
        $this->xml->writeAttribute('style:name', 'Page');
        $this->xml->startElement('style:page-layout-properties');
        foreach (['fo:page-width' => '21cm', 'fo:page-height' => '29.7cm', 'fo:margin-top' => '2cm', 'fo:margin-bottom' => '2cm', 'fo:margin-left' => '2cm', 'fo:margin-right' => '2cm'] as $name => $value) {
            $this->xml->writeAttribute($name, $value);
        }
        if ($this->columns > 1) {
            $this->xml->lone('style:columns', ['fo:column-count' => (string) $this->columns, 'fo:column-gap' => '1cm']);
        }
        $this->xml->endElement();
        $this->xml->startElement('style:header-style');
        $this->xml->lone('style:header-footer-properties', ['fo:min-height' => '0.9cm', 'fo:margin-bottom' => '0.4cm']);
        $this->xml->endElement();
        $this->xml->endElement();
        $this->xml->endElement();
        $this->xml->startElement('office:master-styles');
        foreach ($versions as $index => [$running]) {
            $this->xml->startElement('style:master-page');
            $this->xml->writeAttribute('style:name', 'Master'.($index + 1));
            $this->xml->writeAttribute('style:page-layout-name', 'Page');
            if (null !== $running) {
                $this->xml->startElement('style:header');
                $this->xml->writeElement('text:p', XmlCharacters::cleaned($running));
                $this->xml->endElement();
            }
            $this->xml->endElement();
        }
        $this->xml->endElement();
        $this->xml->endElement();

        return $this->written();
    }

    private function manifest(): string
    {
        $this->xml->openMemory();
        $this->xml->startDocument('1.0', 'UTF-8');
        $this->xml->startElement('manifest:manifest');
        $this->xml->writeAttribute('xmlns:manifest', 'urn:oasis:names:tc:opendocument:xmlns:manifest:1.0');
        $this->xml->writeAttribute('manifest:version', '1.2');
        foreach (['/' => PaperFile::OpenDocument->mediaType(), 'content.xml' => 'text/xml', 'styles.xml' => 'text/xml'] + array_fill_keys(array_keys($this->pictures), '') as $path => $type) {
            $this->xml->lone('manifest:file-entry', ['manifest:full-path' => $path, 'manifest:media-type' => $type]);
        }
        $this->xml->endElement();

        return $this->written();
    }

    /**
     * @param list<string> $styles
     *
     * @return array<string, string>
     */
    private static function looks(array $styles): array
    {
        $looks = [];
        foreach ($styles as $style) {
            $looks += match ($style) {
                'bold' => ['fo:font-weight' => 'bold'],
                'italic' => ['fo:font-style' => 'italic'],
                'underline' => ['style:text-underline-style' => 'solid'],
                'raised' => ['style:text-position' => 'super 58%'],
                'lowered' => ['style:text-position' => 'sub 58%'],
                default => ['fo:font-family' => 'Liberation Mono'],
            };
        }

        return $looks;
    }

    private static function cm(float $cm): string
    {
        return \sprintf('%.3Fcm', $cm);
    }

    private function begin(string $root): void
    {
        $this->xml->openMemory();
        $this->xml->startDocument('1.0', 'UTF-8');
        $this->xml->startElement($root);
        foreach (self::NAMESPACES as $prefix => $namespace) {
            $this->xml->writeAttribute("xmlns:{$prefix}", $namespace);
        }
        $this->xml->writeAttribute('office:version', '1.2');
    }

    private function written(): string
    {
        $this->xml->endDocument();

        return $this->xml->outputMemory();
    }
}
