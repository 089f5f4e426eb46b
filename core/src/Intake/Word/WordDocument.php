<?php

declare(strict_types=1);

namespace Notagram\Intake\Word;

use Notagram\Intake\Archive;
use Notagram\Intake\Deadline;
use Notagram\Intake\Manuscript;
use Notagram\Intake\ManuscriptBuilder;
use Notagram\Intake\UnreadableDocument;
use Notagram\Intake\XmlElements;

/** Reads the text of a document in Office Open XML (ECMA-376 Part 1, 17; from memory). One object reads one document. */
final class WordDocument
{
    public const W = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';
    private const RELATIONS = 'http://schemas.openxmlformats.org/package/2006/relationships';
    private const R = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
    private const A = 'http://schemas.openxmlformats.org/drawingml/2006/main';
    /** The strict form of the standard (ISO/IEC 29500-1, Annex A) names the same things differently. */
    private const STRICT = [
        'http://purl.oclc.org/ooxml/wordprocessingml/main' => self::W,
        'http://purl.oclc.org/ooxml/officeDocument/relationships' => self::R,
        'http://purl.oclc.org/ooxml/drawingml/main' => self::A,
        'http://purl.oclc.org/ooxml/officeDocument/math' => WordFormula::M,
    ];
    private const MAX_DEPTH = 200;
    private const MAX_STYLES = 20;
    /** Space above a paragraph that looks like a blank line, in twentieths of a point. */
    private const APART = 160;
    /** The outline level of body text. */
    private const BODY_TEXT = 9;

    private readonly ManuscriptBuilder $builder;
    private readonly WordNumbering $numbering;
    /** @var array<string, \DOMElement> by id */
    private array $styles = [];
    private ?string $defaultStyle = null;
    /** @var array<string, string> part names by relation */
    private array $targets = [];
    /** @var list<\DOMElement> boxes of the paragraph that is open: they follow it */
    private array $boxes = [];
    private bool $isParagraphJoined = false;
    private int $depth = 0;

    private function __construct(private readonly Archive $archive, string $main, Deadline $deadline)
    {
        $this->builder = new ManuscriptBuilder($deadline);
        $this->numbering = new WordNumbering($archive->xml('word/numbering.xml', self::STRICT));
        foreach (XmlElements::children($archive->xml('word/styles.xml', self::STRICT), self::W, 'style') as $style) {
            $id = $style->getAttributeNS(self::W, 'styleId');
            $this->styles[$id] = $style;
            if ('paragraph' === $style->getAttributeNS(self::W, 'type') && \in_array($style->getAttributeNS(self::W, 'default'), ['1', 'true'], true)) {
                $this->defaultStyle = $id;
            }
        }
        foreach (XmlElements::children($archive->xml('word/_rels/'.basename($main).'.rels'), self::RELATIONS, 'Relationship') as $relation) {
            if ('External' !== $relation->getAttribute('TargetMode')) {
                $this->targets[$relation->getAttribute('Id')] = ltrim($relation->getAttribute('Target'), '/');
            }
        }
    }

    /** @throws UnreadableDocument */
    public static function read(string $bytes): Manuscript
    {
        $deadline = Deadline::start();
        $archive = Archive::of($bytes);
        $main = self::mainPart($archive);
        $document = $archive->xml($main, self::STRICT) ?? throw UnreadableDocument::damaged();
        $reader = new self($archive, $main, $deadline);
        $body = $document->getElementsByTagNameNS(self::W, 'body')->item(0) ?? throw UnreadableDocument::damaged();
        $reader->blocks($body);

        return $reader->builder->built();
    }

    private static function mainPart(Archive $archive): string
    {
        foreach (XmlElements::children($archive->xml('_rels/.rels'), self::RELATIONS, 'Relationship') as $relation) {
            if (str_ends_with($relation->getAttribute('Type'), '/officeDocument')) {
                return ltrim($relation->getAttribute('Target'), '/');
            }
        }

        return 'word/document.xml';
    }

    public static function child(\DOMElement $element, string $name): ?\DOMElement
    {
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && $child->localName === $name && self::W === $child->namespaceURI) {
                return $child;
            }
        }

        return null;
    }

    /** The value of a child element; null where there is no such child. */
    public static function value(\DOMElement $element, string $name): ?string
    {
        return self::child($element, $name)?->getAttributeNS(self::W, 'val');
    }

    private function blocks(\DOMElement $parent): void
    {
        if (++$this->depth > self::MAX_DEPTH) {
            throw UnreadableDocument::damaged();
        }
        foreach ($parent->childNodes as $child) {
            if (!$child instanceof \DOMElement) {
                continue;
            }
            match ($child->localName) {
                'p' => $this->paragraph($child),
                'tbl' => $this->table($child),
                'sdt', 'sdtContent', 'ins', 'moveTo', 'customXml', 'smartTag' => $this->blocks($child),
                default => null,
            };
        }
        --$this->depth;
    }

    private function table(\DOMElement $table): void
    {
        foreach ($table->childNodes as $row) {
            if (!$row instanceof \DOMElement || 'tr' !== $row->localName) {
                continue;
            }
            $properties = self::child($row, 'trPr');
            if (null !== $properties && null !== self::child($properties, 'del')) {
                $this->builder->note('tracked-changes');
                continue;
            }
            $this->builder->startRow();
            foreach ($row->childNodes as $cell) {
                if ($cell instanceof \DOMElement && 'tc' === $cell->localName) {
                    $this->builder->startCell();
                    $this->blocks($cell);
                }
            }
            $this->builder->endRow();
        }
    }

    private function paragraph(\DOMElement $paragraph): void
    {
        $properties = self::child($paragraph, 'pPr');
        $isHeading = $this->isHeading($properties);
        if (!$this->isParagraphJoined) {
            if (null !== $properties && null !== self::child($properties, 'pageBreakBefore')) {
                $this->builder->pageBreak();
            }
            $label = $this->label($properties);
            if ('' !== $label) {
                $this->builder->text($label.' ');
            } elseif ($isHeading || ($this->hasSpaceAbove($properties) && !$this->isRuled($properties))) {
                $this->builder->standApart();
            }
        }
        $this->runs($paragraph);
        if ($this->builder->isLineEmpty() && $this->isRuled($properties)) {
            $this->builder->rule();
        }
        $mark = null === $properties ? null : self::child($properties, 'rPr');
        // Where the end of a paragraph was deleted, the next one goes on with it.
        $this->isParagraphJoined = null !== $mark && null !== self::child($mark, 'del');
        if ($this->isParagraphJoined) {
            $this->builder->note('tracked-changes');

            return;
        }
        // A large first letter is a paragraph of its own to the word processor only.
        $frame = null === $properties ? null : self::child($properties, 'framePr');
        if (\in_array($frame?->getAttributeNS(self::W, 'dropCap'), ['drop', 'margin'], true)) {
            $this->isParagraphJoined = true;

            return;
        }
        $this->builder->endLine();
        if ($isHeading) {
            $this->builder->standApart();
        }
        $boxes = $this->boxes;
        $this->boxes = [];
        foreach ($boxes as $box) {
            $this->builder->note('text-boxes');
            $this->blocks($box);
        }
    }

    /**
     * What a paragraph says of itself, then what its style does, and the one that this is based on.
     *
     * @return iterable<array{?string, \DOMElement}> each with the style that says it
     */
    private function properties(?\DOMElement $properties): iterable
    {
        if (null !== $properties) {
            yield [null, $properties];
        }
        $style = (null === $properties ? null : self::value($properties, 'pStyle')) ?? $this->defaultStyle;
        for ($steps = 0; null !== $style && isset($this->styles[$style]) && $steps < self::MAX_STYLES; ++$steps) {
            $ofStyle = self::child($this->styles[$style], 'pPr');
            if (null !== $ofStyle) {
                yield [$style, $ofStyle];
            }
            $style = self::value($this->styles[$style], 'basedOn');
        }
    }

    private function isHeading(?\DOMElement $properties): bool
    {
        foreach ($this->properties($properties) as [, $some]) {
            $level = self::value($some, 'outlineLvl');
            if (null !== $level) {
                return (int) $level < self::BODY_TEXT;
            }
        }

        return false;
    }

    /** Whether the space above looks like a blank line. */
    private function hasSpaceAbove(?\DOMElement $properties): bool
    {
        foreach ($this->properties($properties) as [, $some]) {
            $space = self::child($some, 'spacing')?->getAttributeNS(self::W, 'before') ?? '';
            if ('' !== $space) {
                return (int) $space >= self::APART;
            }
        }

        return false;
    }

    /** Whether there is a line below it, which is one to write on where nothing stands on it. */
    private function isRuled(?\DOMElement $properties): bool
    {
        foreach ($this->properties($properties) as [, $some]) {
            $borders = self::child($some, 'pBdr');
            if (null !== $borders) {
                return !\in_array(self::value($borders, 'bottom'), [null, 'nil', 'none'], true);
            }
        }

        return false;
    }

    private function label(?\DOMElement $properties): string
    {
        $list = $level = null;
        foreach ($this->properties($properties) as [$style, $some]) {
            $numbering = self::child($some, 'numPr');
            if (null !== $numbering) {
                $list ??= self::value($numbering, 'numId');
                $level ??= self::value($numbering, 'ilvl') ?? (null === $list || null === $style ? null : (string) ($this->numbering->levelOfStyle($list, $style) ?? 0));
            }
            if (null !== $list && null !== $level) {
                break;
            }
        }

        return null === $list || '0' === $list ? '' : $this->numbering->next($list, (int) ($level ?? 0));
    }

    private function runs(\DOMElement $parent): void
    {
        if (++$this->depth > self::MAX_DEPTH) {
            throw UnreadableDocument::damaged();
        }
        foreach ($parent->childNodes as $child) {
            if (!$child instanceof \DOMElement) {
                continue;
            }
            match ($child->localName) {
                'r' => $this->run($child),
                'ins', 'moveTo' => $this->inserted($child),
                'del', 'moveFrom' => $this->builder->note('tracked-changes'),
                'hyperlink', 'smartTag', 'sdt', 'sdtContent', 'fldSimple', 'customXml', 'dir', 'bdo', 'oMathPara' => $this->runs($child),
                'oMath' => $this->builder->text(WordFormula::tex($child)),
                'commentRangeStart' => $this->builder->note('comments'),
                default => null,
            };
        }
        --$this->depth;
    }

    private function inserted(\DOMElement $element): void
    {
        $this->builder->note('tracked-changes');
        $this->runs($element);
    }

    private function run(\DOMElement $run): void
    {
        $properties = self::child($run, 'rPr');
        $standsOut = null !== $properties && self::standsOut($properties);
        if (null !== $properties && self::isOn($properties, 'vanish')) {
            $this->builder->note('hidden-text');

            return;
        }
        foreach ($run->childNodes as $child) {
            if (!$child instanceof \DOMElement) {
                continue;
            }
            match ($child->localName) {
                't' => $this->builder->text($child->textContent, $standsOut),
                'tab', 'ptab' => $this->builder->text("\t"),
                'br' => 'page' === $child->getAttributeNS(self::W, 'type') ? $this->builder->pageBreak() : $this->builder->lineBreak(),
                'cr' => $this->builder->lineBreak(),
                'noBreakHyphen' => $this->builder->text('-', $standsOut),
                'sym' => $this->builder->text(WordSymbols::character($child->getAttributeNS(self::W, 'char')), $standsOut),
                'drawing', 'pict', 'object' => $this->drawing($child),
                'AlternateContent' => $this->alternative($child),
                'footnoteReference', 'endnoteReference' => $this->builder->note('footnotes'),
                'commentReference' => $this->builder->note('comments'),
                'oMath' => $this->builder->text(WordFormula::tex($child)),
                default => null,
            };
        }
    }

    /** The first choice is what a word processor of today shows. */
    private function alternative(\DOMElement $alternatives): void
    {
        foreach ($alternatives->childNodes as $choice) {
            if ($choice instanceof \DOMElement && 'Choice' === $choice->localName) {
                foreach ($choice->childNodes as $child) {
                    if ($child instanceof \DOMElement) {
                        $this->drawing($child);
                    }
                }

                return;
            }
        }
    }

    private function drawing(\DOMElement $drawing): void
    {
        $boxes = self::outermostBoxes($drawing);
        if ([] !== $boxes) {
            array_push($this->boxes, ...$boxes);

            return;
        }
        $picture = $drawing->getElementsByTagNameNS(self::A, 'blip')->item(0);
        $relation = null === $picture ? '' : $picture->getAttributeNS(self::R, 'embed');
        if ('' === $relation) {
            foreach ($drawing->getElementsByTagNameNS('urn:schemas-microsoft-com:vml', 'imagedata') as $image) {
                $relation = $image->getAttributeNS(self::R, 'id');
            }
        }
        if ('' === $relation) {
            return;
        }
        $target = $this->targets[$relation] ?? '';
        $alternative = '';
        foreach ($drawing->getElementsByTagName('*') as $element) {
            if ('docPr' === $element->localName) {
                $alternative = $element->getAttribute('descr');
                break;
            }
        }
        $this->builder->picture('' === $target ? null : $this->archive->picture(str_starts_with($target, 'word/') ? $target : "word/{$target}"), $alternative);
    }

    /** @return list<\DOMElement> the text boxes of a drawing: those inside them are found when they are read, and what is drawn instead is not read */
    private static function outermostBoxes(\DOMElement $drawing): array
    {
        $boxes = [];
        foreach ($drawing->childNodes as $child) {
            if ($child instanceof \DOMElement && 'Fallback' !== $child->localName) {
                array_push($boxes, ...('txbxContent' === $child->localName && self::W === $child->namespaceURI ? [$child] : self::outermostBoxes($child)));
            }
        }

        return $boxes;
    }

    private static function isOn(\DOMElement $properties, string $name): bool
    {
        $element = self::child($properties, $name);

        return null !== $element && !\in_array($element->getAttributeNS(self::W, 'val'), ['0', 'false', 'off'], true);
    }

    private static function standsOut(\DOMElement $properties): bool
    {
        $underline = self::value($properties, 'u');
        $highlight = self::value($properties, 'highlight');
        $colour = strtolower(self::value($properties, 'color') ?? 'auto');
        $fill = strtolower(self::child($properties, 'shd')?->getAttributeNS(self::W, 'fill') ?? 'auto');

        return self::isOn($properties, 'b')
            || (null !== $underline && 'none' !== $underline)
            || (null !== $highlight && 'none' !== $highlight)
            || !\in_array($colour, ['auto', '000000', ''], true)
            || !\in_array($fill, ['auto', 'ffffff', ''], true);
    }
}
