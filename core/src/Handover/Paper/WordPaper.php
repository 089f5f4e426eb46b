<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Handover\XmlCharacters;
use Notagram\Handover\XmlPart;
use Notagram\Handover\ZipFile;
use Notagram\Question\KeptPicture;
use Notagram\Source\Regex;

/** A paper as a Word document (Office Open XML, ECMA-376, from memory), whose numbers and letters are automatic lists. One object writes one file. */
final class WordPaper
{
    private const MAIN = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';
    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
    private const PACKAGE = 'http://schemas.openxmlformats.org/package/2006/';
    private const DRAWING = 'http://schemas.openxmlformats.org/drawingml/2006/';
    private const TYPE = 'application/vnd.openxmlformats-officedocument.wordprocessingml.';
    /** English Metric Units, of which a centimetre has 360,000. */
    private const PER_CM = 360_000;
    /** Half a centimetre in twentieths of a point. */
    private const INDENT = 425;

    private readonly XmlPart $xml;
    /** @var array<string, array{string, string}> relations of the document by their ids: kind, and the part that they lead to */
    private array $relations = ['rId1' => ['styles', 'styles.xml'], 'rId2' => ['numbering', 'numbering.xml']];
    /** @var array<string, string> further parts, by their places */
    private array $parts = [];
    /** @var array<string, string> the relation of each picture, by its name */
    private array $pictures = [];

    private function __construct(private readonly int $columns)
    {
        $this->xml = new XmlPart();
    }

    /** @param non-empty-list<array{?string, list<PaperParagraph>}> $versions each with what stands above every page of it */
    public static function of(array $versions, int $columns): string
    {
        $paper = new self($columns);
        $document = $paper->document($versions);
        $types = array_unique(array_map(static fn (string $part) => pathinfo($part, \PATHINFO_EXTENSION), array_keys($paper->parts)));

        return ZipFile::of([
            '[Content_Types].xml' => $paper->types($types, \count($versions)),
            '_rels/.rels' => $paper->relations(['rId1' => ['officeDocument', 'word/document.xml']]),
            'word/document.xml' => $document,
            'word/_rels/document.xml.rels' => $paper->relations($paper->relations),
            'word/styles.xml' => $paper->styles(),
            'word/numbering.xml' => $paper->numbering(\count($versions)),
        ] + $paper->parts);
    }

    /** @param non-empty-list<array{?string, list<PaperParagraph>}> $versions */
    private function document(array $versions): string
    {
        $this->begin();
        $this->xml->startElement('w:document');
        foreach (['w' => self::MAIN, 'r' => self::RELATIONS, 'wp' => self::DRAWING.'wordprocessingDrawing', 'a' => self::DRAWING.'main', 'pic' => self::DRAWING.'picture'] as $prefix => $namespace) {
            $this->xml->writeAttribute("xmlns:{$prefix}", $namespace);
        }
        $this->xml->startElement('w:body');
        $last = \count($versions) - 1;
        foreach ($versions as $index => [$running, $paragraphs]) {
            foreach ($paragraphs as $paragraph) {
                $this->paragraph($paragraph, $index + 1);
            }
            $header = null === $running ? null : $this->header($running, $index + 1);
            if ($index < $last) {
                // The last paragraph of a section says how it is set.
                $this->xml->startElement('w:p');
                $this->xml->startElement('w:pPr');
                $this->section($header);
                $this->xml->endElement();
                $this->xml->endElement();
            } else {
                $this->section($header);
            }
        }
        $this->xml->endElement();
        $this->xml->endElement();

        return $this->written();
    }

    private function section(?string $header): void
    {
        $this->xml->startElement('w:sectPr');
        if (null !== $header) {
            $this->xml->lone('w:headerReference', ['w:type' => 'default', 'r:id' => $header]);
        }
        $this->xml->lone('w:pgSz', ['w:w' => '11906', 'w:h' => '16838']);
        $this->xml->lone('w:pgMar', ['w:top' => '1134', 'w:right' => '1134', 'w:bottom' => '1134', 'w:left' => '1134', 'w:header' => '567', 'w:footer' => '567', 'w:gutter' => '0']);
        $this->xml->lone('w:cols', ['w:num' => (string) $this->columns, 'w:space' => '567']);
        $this->xml->endElement();
    }

    private function header(string $running, int $number): string
    {
        $id = "rIdHeader{$number}";
        $this->relations[$id] = ['header', "header{$number}.xml"];
        $xml = new XmlPart();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8', 'yes');
        $xml->startElement('w:hdr');
        $xml->writeAttribute('xmlns:w', self::MAIN);
        $xml->startElement('w:p');
        $xml->startElement('w:r');
        $xml->writeElement('w:t', XmlCharacters::cleaned($running));
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
        $this->parts["word/header{$number}.xml"] = $xml->outputMemory();

        return $id;
    }

    private function paragraph(PaperParagraph $paragraph, int $list): void
    {
        $this->xml->startElement('w:p');
        $this->xml->startElement('w:pPr');
        $this->xml->lone('w:pStyle', ['w:val' => $paragraph->role->value]);
        if ($paragraph->staysWithNext) {
            $this->xml->lone('w:keepNext');
        }
        $this->xml->lone('w:keepLines');
        $level = match ($paragraph->role) {
            PaperRole::Question => '0',
            PaperRole::Option => '1',
            default => null,
        };
        if (null !== $level) {
            $this->xml->startElement('w:numPr');
            $this->xml->lone('w:ilvl', ['w:val' => $level]);
            $this->xml->lone('w:numId', ['w:val' => (string) $list]);
            $this->xml->endElement();
        }
        $this->xml->endElement();
        foreach ($paragraph->runs as $run) {
            $this->run($run);
        }
        $this->xml->endElement();
    }

    private function run(PaperRun $run): void
    {
        $this->xml->startElement('w:r');
        if ([] !== $run->styles) {
            $this->xml->startElement('w:rPr');
            foreach ([['fixed', 'w:rFonts', ['w:ascii' => 'Courier New', 'w:hAnsi' => 'Courier New']], ['bold', 'w:b', []], ['italic', 'w:i', []], ['underline', 'w:u', ['w:val' => 'single']], ['raised', 'w:vertAlign', ['w:val' => 'superscript']], ['lowered', 'w:vertAlign', ['w:val' => 'subscript']]] as [$style, $name, $attributes]) {
                if (\in_array($style, $run->styles, true)) {
                    $this->xml->lone($name, $attributes);
                }
            }
            $this->xml->endElement();
        }
        $box = null === $run->picture ? null : PictureBox::of($run->picture);
        if (null !== $run->picture && null !== $box) {
            $this->picture($run->picture, $box, $run->text);
        } else {
            foreach (explode("\t", $run->text) as $index => $text) {
                if ($index > 0) {
                    $this->xml->lone('w:tab');
                }
                $this->xml->startElement('w:t');
                $this->xml->writeAttribute('xml:space', 'preserve');
                $this->xml->text(XmlCharacters::cleaned($text));
                $this->xml->endElement();
            }
        }
        $this->xml->endElement();
    }

    private function picture(KeptPicture $picture, PictureBox $box, string $description): void
    {
        $id = $this->pictures[$picture->name] ??= 'rIdPicture'.(\count($this->pictures) + 1);
        $this->relations[$id] = ['image', "media/{$picture->name}"];
        $this->parts["word/media/{$picture->name}"] = $picture->bytes();
        $size = ['cx' => (string) (int) round($box->widthCm * self::PER_CM), 'cy' => (string) (int) round($box->heightCm * self::PER_CM)];
        $this->xml->startElement('w:drawing');
        $this->xml->startElement('wp:inline');
        $this->xml->lone('wp:extent', $size);
        $this->xml->lone('wp:docPr', ['id' => (string) $picture->number, 'name' => $picture->name, 'descr' => XmlCharacters::cleaned($description)]);
        $this->xml->startElement('a:graphic');
        $this->xml->startElement('a:graphicData');
        $this->xml->writeAttribute('uri', self::DRAWING.'picture');
        $this->xml->startElement('pic:pic');
        $this->xml->startElement('pic:nvPicPr');
        $this->xml->lone('pic:cNvPr', ['id' => (string) $picture->number, 'name' => $picture->name]);
        $this->xml->lone('pic:cNvPicPr');
        $this->xml->endElement();
        $this->xml->startElement('pic:blipFill');
        $this->xml->lone('a:blip', ['r:embed' => $id]);
        $this->xml->startElement('a:stretch');
        $this->xml->lone('a:fillRect');
        $this->xml->endElement();
        $this->xml->endElement();
        $this->xml->startElement('pic:spPr');
        $this->xml->startElement('a:xfrm');
        $this->xml->lone('a:off', ['x' => '0', 'y' => '0']);
        $this->xml->lone('a:ext', $size);
        $this->xml->endElement();
        $this->xml->lone('a:prstGeom', ['prst' => 'rect']);
        for ($open = 6; $open > 0; --$open) {
            $this->xml->endElement();
        }
    }

    private function styles(): string
    {
        $this->begin();
        $this->xml->startElement('w:styles');
        $this->xml->writeAttribute('xmlns:w', self::MAIN);
        $this->xml->startElement('w:docDefaults');
        $this->xml->startElement('w:rPrDefault');
        $this->xml->startElement('w:rPr');
        $this->xml->lone('w:rFonts', ['w:ascii' => 'Liberation Serif', 'w:hAnsi' => 'Liberation Serif', 'w:cs' => 'Liberation Serif']);
        $this->xml->lone('w:sz', ['w:val' => '23']);
        $this->xml->endElement();
        $this->xml->endElement();
        $this->xml->endElement();
        foreach (PaperRole::cases() as $role) {
            $this->style($role);
        }
        $this->xml->endElement();

        return $this->written();
    }

    private function style(PaperRole $role): void
    {
        $this->xml->startElement('w:style');
        $this->xml->writeAttribute('w:type', 'paragraph');
        $this->xml->writeAttribute('w:styleId', $role->value);
        $this->xml->lone('w:name', ['w:val' => Regex::replace('/(?<=[a-z])(?=[A-Z])/', ' ', $role->value)]);
        $this->xml->startElement('w:pPr');
        if (PaperRole::KeyTitle === $role) {
            $this->xml->lone('w:pageBreakBefore');
        }
        if (PaperRole::Line === $role) {
            $this->xml->startElement('w:pBdr');
            // Lines that follow each other would be one block with one border.
            foreach (['w:bottom', 'w:between'] as $side) {
                $this->xml->lone($side, ['w:val' => 'single', 'w:sz' => '4', 'w:space' => '1', 'w:color' => '808080']);
            }
            $this->xml->endElement();
        }
        [$before, $after] = match ($role) {
            PaperRole::Title, PaperRole::KeyTitle => ['0', '120'],
            PaperRole::Who => ['60', '120'],
            PaperRole::Heading => ['280', '60'],
            PaperRole::Question, PaperRole::Passage => ['200', '60'],
            PaperRole::Line => ['240', '0'],
            default => ['20', '20'],
        };
        $this->xml->lone('w:spacing', ['w:before' => $before, 'w:after' => $after]);
        $indent = match ($role) {
            PaperRole::Question, PaperRole::More, PaperRole::Line => 1,
            PaperRole::Option, PaperRole::MoreOption => 2,
            default => 0,
        };
        if ($indent > 0) {
            $this->xml->lone('w:ind', ['w:left' => (string) ($indent * self::INDENT)]);
        }
        if (PaperRole::Heading === $role || PaperRole::KeyTitle === $role) {
            $this->xml->lone('w:outlineLvl', ['w:val' => '0']);
        }
        $this->xml->endElement();
        if (\in_array($role, [PaperRole::Title, PaperRole::Version, PaperRole::Heading, PaperRole::KeyTitle], true)) {
            $this->xml->startElement('w:rPr');
            $this->xml->lone('w:b');
            $this->xml->lone('w:sz', ['w:val' => PaperRole::Title === $role ? '34' : '26']);
            $this->xml->endElement();
        }
        $this->xml->endElement();
    }

    /** Each version counts from one. */
    private function numbering(int $versions): string
    {
        $this->begin();
        $this->xml->startElement('w:numbering');
        $this->xml->writeAttribute('xmlns:w', self::MAIN);
        for ($list = 1; $list <= $versions; ++$list) {
            $this->xml->startElement('w:abstractNum');
            $this->xml->writeAttribute('w:abstractNumId', (string) $list);
            $this->xml->lone('w:multiLevelType', ['w:val' => 'multilevel']);
            foreach ([['decimal', '%1.'], ['upperLetter', '%2.']] as $level => [$format, $text]) {
                $this->xml->startElement('w:lvl');
                $this->xml->writeAttribute('w:ilvl', (string) $level);
                $this->xml->lone('w:start', ['w:val' => '1']);
                $this->xml->lone('w:numFmt', ['w:val' => $format]);
                $this->xml->lone('w:lvlText', ['w:val' => $text]);
                $this->xml->lone('w:lvlJc', ['w:val' => 'left']);
                $this->xml->startElement('w:pPr');
                $this->xml->lone('w:ind', ['w:left' => (string) (($level + 1) * self::INDENT), 'w:hanging' => (string) self::INDENT]);
                $this->xml->endElement();
                $this->xml->endElement();
            }
            $this->xml->endElement();
        }
        for ($list = 1; $list <= $versions; ++$list) {
            $this->xml->startElement('w:num');
            $this->xml->writeAttribute('w:numId', (string) $list);
            $this->xml->lone('w:abstractNumId', ['w:val' => (string) $list]);
            $this->xml->endElement();
        }
        $this->xml->endElement();

        return $this->written();
    }

    /** @param array<string, array{string, string}> $relations */
    private function relations(array $relations): string
    {
        $this->begin();
        $this->xml->startElement('Relationships');
        $this->xml->writeAttribute('xmlns', self::PACKAGE.'relationships');
        foreach ($relations as $id => [$kind, $target]) {
            $this->xml->lone('Relationship', ['Id' => $id, 'Type' => self::RELATIONS."/{$kind}", 'Target' => $target]);
        }
        $this->xml->endElement();

        return $this->written();
    }

    /** @param array<array-key, string> $endings of further parts */
    private function types(array $endings, int $versions): string
    {
        $this->begin();
        $this->xml->startElement('Types');
        $this->xml->writeAttribute('xmlns', self::PACKAGE.'content-types');
        $this->xml->lone('Default', ['Extension' => 'rels', 'ContentType' => 'application/vnd.openxmlformats-package.relationships+xml']);
        $this->xml->lone('Default', ['Extension' => 'xml', 'ContentType' => 'application/xml']);
        foreach (array_diff($endings, ['xml']) as $ending) {
            $this->xml->lone('Default', ['Extension' => $ending, 'ContentType' => 'image/'.('jpg' === $ending ? 'jpeg' : $ending)]);
        }
        foreach (['document' => 'document.main', 'styles' => 'styles', 'numbering' => 'numbering'] as $part => $type) {
            $this->xml->lone('Override', ['PartName' => "/word/{$part}.xml", 'ContentType' => self::TYPE."{$type}+xml"]);
        }
        for ($number = 1; $number <= $versions; ++$number) {
            if (isset($this->parts["word/header{$number}.xml"])) {
                $this->xml->lone('Override', ['PartName' => "/word/header{$number}.xml", 'ContentType' => self::TYPE.'header+xml']);
            }
        }
        $this->xml->endElement();

        return $this->written();
    }

    private function begin(): void
    {
        $this->xml->openMemory();
        $this->xml->startDocument('1.0', 'UTF-8', 'yes');
    }

    private function written(): string
    {
        $this->xml->endDocument();

        return $this->xml->outputMemory();
    }
}
