<?php

declare(strict_types=1);

namespace Notagram\Handover\Table;

use Notagram\Handover\Letters;
use Notagram\Handover\XmlCharacters;
use Notagram\Handover\XmlPart;
use Notagram\Handover\ZipFile;
use Notagram\Source\Regex;

/** An Office Open XML workbook (ECMA-376, from memory) with one sheet, whose cells are all text. The same rows give the same bytes. */
final readonly class XlsxFile implements TableFile
{
    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
    private const PACKAGE = 'http://schemas.openxmlformats.org/package/2006/';
    private const TYPE = 'application/vnd.openxmlformats-officedocument.spreadsheetml.';
    private const WIDE = 48;
    private const NARROW = 18;

    public function id(): string
    {
        return 'xlsx';
    }

    public function label(): string
    {
        return 'XLSX';
    }

    public function mediaType(): string
    {
        return self::TYPE.'sheet';
    }

    public function longestCell(): int
    {
        return 32_767;
    }

    public function bytes(array $rows): string
    {
        return ZipFile::of([
            '[Content_Types].xml' => self::xml(static function (XmlPart $xml): void {
                $xml->startElement('Types');
                $xml->writeAttribute('xmlns', self::PACKAGE.'content-types');
                $xml->lone('Default', ['Extension' => 'rels', 'ContentType' => 'application/vnd.openxmlformats-package.relationships+xml']);
                $xml->lone('Default', ['Extension' => 'xml', 'ContentType' => 'application/xml']);
                $xml->lone('Override', ['PartName' => '/xl/workbook.xml', 'ContentType' => self::TYPE.'sheet.main+xml']);
                $xml->lone('Override', ['PartName' => '/xl/worksheets/sheet1.xml', 'ContentType' => self::TYPE.'worksheet+xml']);
                $xml->lone('Override', ['PartName' => '/xl/styles.xml', 'ContentType' => self::TYPE.'styles+xml']);
                $xml->endElement();
            }),
            '_rels/.rels' => self::relations(['officeDocument' => 'xl/workbook.xml']),
            'xl/workbook.xml' => self::xml(static function (XmlPart $xml): void {
                $xml->startElement('workbook');
                $xml->writeAttribute('xmlns', self::MAIN);
                $xml->writeAttribute('xmlns:r', self::RELATIONS);
                $xml->startElement('sheets');
                $xml->lone('sheet', ['name' => 'Questions', 'sheetId' => '1', 'r:id' => 'rId1']);
                $xml->endElement();
                $xml->endElement();
            }),
            'xl/_rels/workbook.xml.rels' => self::relations(['worksheet' => 'worksheets/sheet1.xml', 'styles' => 'styles.xml']),
            'xl/styles.xml' => self::styles(),
            'xl/worksheets/sheet1.xml' => self::sheet($rows),
        ]);
    }

    /** @param non-empty-list<list<string>> $rows */
    private static function sheet(array $rows): string
    {
        return self::xml(static function (XmlPart $xml) use ($rows): void {
            $xml->startElement('worksheet');
            $xml->writeAttribute('xmlns', self::MAIN);
            $xml->startElement('sheetViews');
            $xml->startElement('sheetView');
            $xml->writeAttribute('workbookViewId', '0');
            $xml->lone('pane', ['ySplit' => '1', 'topLeftCell' => 'A2', 'activePane' => 'bottomLeft', 'state' => 'frozen']);
            $xml->endElement();
            $xml->endElement();
            $xml->startElement('cols');
            foreach ($rows[0] as $place => $heading) {
                $xml->lone('col', ['min' => (string) ($place + 1), 'max' => (string) ($place + 1), 'width' => (string) ('stem' === $heading ? self::WIDE : self::NARROW), 'customWidth' => '1']);
            }
            $xml->endElement();
            $xml->startElement('sheetData');
            foreach ($rows as $index => $row) {
                $xml->startElement('row');
                $xml->writeAttribute('r', (string) ($index + 1));
                foreach ($row as $place => $cell) {
                    if ('' !== $cell) {
                        self::cell($xml, Letters::at($place).($index + 1), $cell, 0 === $index ? '1' : '2');
                    }
                }
                $xml->endElement();
            }
            $xml->endElement();
            $xml->endElement();
        });
    }

    /** Text, even where it looks like a number or a formula: 007 stays what it is. */
    private static function cell(XmlPart $xml, string $address, string $text, string $style): void
    {
        $xml->startElement('c');
        $xml->writeAttribute('r', $address);
        $xml->writeAttribute('s', $style);
        $xml->writeAttribute('t', 'inlineStr');
        $xml->startElement('is');
        $xml->startElement('t');
        $xml->writeAttribute('xml:space', 'preserve');
        // What XML cannot hold is a blank; what would be read as an escape of this format is one itself.
        $xml->text(Regex::replace('/_(?=x[0-9A-Fa-f]{4}_)/', '_x005F_', XmlCharacters::cleaned($text)));
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
    }

    /** Plain, bold for the headings, and wrapped for the rest. */
    private static function styles(): string
    {
        return self::xml(static function (XmlPart $xml): void {
            $xml->startElement('styleSheet');
            $xml->writeAttribute('xmlns', self::MAIN);
            $xml->writeRaw('<fonts count="2"><font><sz val="11"/><name val="Calibri"/></font><font><b/><sz val="11"/><name val="Calibri"/></font></fonts>'
                .'<fills count="2"><fill><patternFill patternType="none"/></fill><fill><patternFill patternType="gray125"/></fill></fills>'
                .'<borders count="1"><border><left/><right/><top/><bottom/><diagonal/></border></borders>'
                .'<cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs>'
                .'<cellXfs count="3"><xf numFmtId="0" fontId="0" fillId="0" borderId="0" xfId="0"/>'
                .'<xf numFmtId="49" fontId="1" fillId="0" borderId="0" xfId="0" applyNumberFormat="1" applyFont="1"/>'
                .'<xf numFmtId="49" fontId="0" fillId="0" borderId="0" xfId="0" applyNumberFormat="1" applyAlignment="1"><alignment vertical="top" wrapText="1"/></xf></cellXfs>');
            $xml->endElement();
        });
    }

    /** @param array<string, string> $parts their addresses by their kinds */
    private static function relations(array $parts): string
    {
        return self::xml(static function (XmlPart $xml) use ($parts): void {
            $xml->startElement('Relationships');
            $xml->writeAttribute('xmlns', self::PACKAGE.'relationships');
            $number = 0;
            foreach ($parts as $kind => $address) {
                $xml->lone('Relationship', ['Id' => 'rId'.++$number, 'Type' => self::RELATIONS."/{$kind}", 'Target' => $address]);
            }
            $xml->endElement();
        });
    }

    /** @param \Closure(XmlPart): void $content */
    private static function xml(\Closure $content): string
    {
        $xml = new XmlPart();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8', 'yes');
        $content($xml);
        $xml->endDocument();

        return $xml->outputMemory();
    }
}
