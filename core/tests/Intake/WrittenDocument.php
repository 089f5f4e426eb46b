<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Random\Randomizer;

/**
 * Documents as word processors write them, of blocks that each say their kind first: “text”, “heading”, “question” (an item of the
 * list that counts the questions), “level” (an item one level further in), “first-option” and “option” (items of a list of
 * their own, which begins anew), “row” (of a table).
 */
final class WrittenDocument
{
    /** Stands before and behind what is bold. */
    public const BOLD = "\x01";
    private const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';
    private const ODF = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"';

    /** @param list<list<string>> $blocks */
    public static function word(array $blocks, Randomizer $random): string
    {
        $body = '';
        $lists = '<w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>';
        $list = 1;
        $run = static fn (string $text, bool $isBold): string => '<w:r>'.($isBold ? '<w:rPr><w:b/></w:rPr>' : '').strtr('<w:t xml:space="preserve">'.htmlspecialchars($text, \ENT_XML1).'</w:t>', ["\n" => '</w:t><w:br/><w:t xml:space="preserve">', "\t" => '</w:t><w:tab/><w:t xml:space="preserve">']).'</w:r>';
        $runs = static fn (string $text): string => implode('', array_map(
            // The checking of spelling parts what is one word.
            static fn (string $part, int $place) => 0 === $random->getInt(0, 2) ? implode('<w:proofErr w:type="spellStart"/>', array_map(static fn (string $piece) => $run($piece, 1 === $place % 2), mb_str_split($part, 4))) : $run($part, 1 === $place % 2),
            explode(self::BOLD, $text),
            array_keys(explode(self::BOLD, $text)),
        ));
        $paragraph = static fn (string $text, string $properties = ''): string => '<w:p>'.('' === $properties ? '' : "<w:pPr>{$properties}</w:pPr>").$runs($text).'</w:p>';
        $item = static fn (int $list, int $level): string => "<w:numPr><w:ilvl w:val=\"{$level}\"/><w:numId w:val=\"{$list}\"/></w:numPr>";
        foreach ($blocks as $block) {
            $cells = \array_slice($block, 1);
            if ('first-option' === $block[0]) {
                ++$list;
                $lists .= "<w:num w:numId=\"{$list}\"><w:abstractNumId w:val=\"1\"/><w:lvlOverride w:ilvl=\"0\"><w:startOverride w:val=\"1\"/></w:lvlOverride></w:num>";
            }
            $body .= match ($block[0]) {
                'heading' => $paragraph($cells[0], '<w:outlineLvl w:val="0"/>'),
                'question' => $paragraph($cells[0], $item(1, 0)),
                'level' => $paragraph($cells[0], $item(1, 1)),
                'first-option', 'option' => $paragraph($cells[0], $item($list, 0)),
                'row' => '<w:tbl><w:tr>'.implode('', array_map(static fn (string $cell) => '<w:tc>'.$paragraph($cell).'</w:tc>', $cells)).'</w:tr></w:tbl>',
                default => $paragraph($cells[0]),
            };
        }
        $level = static fn (int $level, string $format, string $text): string => "<w:lvl w:ilvl=\"{$level}\"><w:start w:val=\"1\"/><w:numFmt w:val=\"{$format}\"/><w:lvlText w:val=\"{$text}\"/></w:lvl>";
        $numbering = '<w:abstractNum w:abstractNumId="0">'.$level(0, 'decimal', '%1.').$level(1, 'lowerLetter', '%2)').'</w:abstractNum><w:abstractNum w:abstractNumId="1">'.$level(0, 'lowerLetter', '%1.').'</w:abstractNum>';

        return Zipped::of([
            'word/document.xml' => '<w:document '.self::W.'><w:body>'.str_replace('</w:tbl><w:tbl>', '', $body).'</w:body></w:document>',
            'word/numbering.xml' => '<w:numbering '.self::W.">{$numbering}{$lists}</w:numbering>",
        ]);
    }

    /** @param list<list<string>> $blocks */
    public static function openText(array $blocks): string
    {
        $text = static fn (string $text): string => implode('', array_map(
            static fn (string $part, int $place): string => strtr((1 === $place % 2 ? '<text:span text:style-name="Strong">' : '').htmlspecialchars($part, \ENT_XML1).(1 === $place % 2 ? '</text:span>' : ''), ["\n" => '<text:line-break/>', "\t" => '<text:tab/>']),
            explode(self::BOLD, $text),
            array_keys(explode(self::BOLD, $text)),
        ));
        $body = '';
        $hasList = false;
        foreach ($blocks as $block) {
            $cells = array_map($text, \array_slice($block, 1));
            $goesOn = $hasList ? ' text:continue-numbering="true"' : '';
            $hasList = $hasList || 'question' === $block[0];
            $item = "<text:list-item><text:p>{$cells[0]}</text:p></text:list-item>";
            $body .= match ($block[0]) {
                'heading' => "<text:h text:outline-level=\"1\">{$cells[0]}</text:h>",
                'question' => "<text:list text:style-name=\"Questions\"{$goesOn}>{$item}</text:list>",
                'level' => "<text:list text:style-name=\"Questions\"{$goesOn}><text:list-item><text:list>{$item}</text:list></text:list-item></text:list>",
                'first-option' => "<text:list text:style-name=\"Options\">{$item}</text:list>",
                'option' => "<text:list text:style-name=\"Options\" text:continue-numbering=\"true\">{$item}</text:list>",
                'row' => '<table:table><table:table-row>'.implode('', array_map(static fn (string $cell) => "<table:table-cell><text:p>{$cell}</text:p></table:table-cell>", $cells)).'</table:table-row></table:table>',
                default => "<text:p>{$cells[0]}</text:p>",
            };
        }
        $styles = '<style:style style:name="Strong" style:family="text"><style:text-properties fo:font-weight="bold"/></style:style>'
            .'<text:list-style style:name="Questions"><text:list-level-style-number text:level="1" style:num-format="1" style:num-suffix="."/><text:list-level-style-number text:level="2" style:num-format="a" style:num-suffix=")"/></text:list-style>'
            .'<text:list-style style:name="Options"><text:list-level-style-number text:level="1" style:num-format="a" style:num-suffix="."/></text:list-style>';

        return Zipped::of([
            'mimetype' => 'application/vnd.oasis.opendocument.text',
            'content.xml' => '<office:document-content '.self::ODF."><office:automatic-styles>{$styles}</office:automatic-styles><office:body><office:text>".str_replace(['</table:table><table:table>', '</text:list></text:list-item></text:list><text:list text:style-name="Questions" text:continue-numbering="true"><text:list-item><text:list>'], '', $body).'</office:text></office:body></office:document-content>',
        ], store: true);
    }

    /** @param list<list<string>> $blocks */
    public static function richText(array $blocks, Randomizer $random): string
    {
        // A byte of the code page, or Unicode with what stands for it; a line of the file may end behind any word.
        $isOfPage = 1 === $random->getInt(0, 1);
        $letter = static fn (string $letter): string => match (true) {
            \strlen($letter) > 1 && $isOfPage && false !== ($byte = @iconv('UTF-8', 'CP1252', $letter)) => "\\'".bin2hex($byte),
            \strlen($letter) > 1 => '\\u'.mb_ord($letter, 'UTF-8').'?',
            default => strtr($letter, ['\\' => '\\\\', '{' => '\{', '}' => '\}', "\n" => "\\line\n", "\t" => '\tab ']),
        };
        $text = static fn (string $text): string => implode('', array_map(
            static fn (string $part, int $place): string => (1 === $place % 2 ? '{\b ' : '').implode('', array_map($letter, mb_str_split($part))).(1 === $place % 2 ? '}' : ''),
            explode(self::BOLD, $text),
            array_keys(explode(self::BOLD, $text)),
        ));
        $isInList = 1 === $random->getInt(0, 1) ? ['{\listtext\pard\plain ', '\tab}'] : ['{\pntext ', '\tab}{\*\pn\pnlvlbody\pndec\pnstart1}'];
        $body = '';
        $number = $letters = 0;
        foreach ($blocks as $block) {
            $cells = array_map($text, \array_slice($block, 1));
            $letters = match ($block[0]) {
                'level', 'option' => $letters + 1,
                'question' => 0,
                default => 1,
            };
            $number += 'question' === $block[0] ? 1 : 0;
            $body .= match ($block[0]) {
                'heading' => "\\pard\\outlinelevel0\\sb240\\b {$cells[0]}\\b0\\par\n",
                'question' => "\\pard\\fi-360\\li360 {$isInList[0]}{$number}.{$isInList[1]}{$cells[0]}\\par\r\n",
                'level', 'first-option', 'option' => '\pard\fi-360\li720 '.$isInList[0].\chr(96 + $letters).('level' === $block[0] ? ')' : '.')."{$isInList[1]}{$cells[0]}\\par\n",
                'row' => '\trowd'.implode('', array_map(static fn (int $at) => '\cellx'.(2000 * ($at + 1)), array_keys($cells))).'\pard\intbl '.implode('\cell ', $cells).'\cell\row'."\n",
                default => "\\pard {$cells[0]}\\par\n",
            };
        }

        return '{\rtf1\ansi\ansicpg1252\deff0{\fonttbl{\f0\froman\fcharset0 Serif;}}{\colortbl;\red0\green0\blue0;}{\info{\title Test}}\viewkind4\uc1'."\n{$body}}";
    }

    /** @param list<list<string>> $blocks */
    public static function html(array $blocks, Randomizer $random): string
    {
        $isBold = 1 === $random->getInt(0, 1) ? ['<b>', '</b>'] : ['<span style="font-weight:700">', '</span>'];
        $text = static fn (string $text): string => implode('', array_map(
            static fn (string $part, int $place): string => (1 === $place % 2 ? $isBold[0] : '').strtr(htmlspecialchars($part), ["\n" => "<br>\n", "\t" => '<span style="white-space:pre">'."\t".'</span>']).(1 === $place % 2 ? $isBold[1] : ''),
            explode(self::BOLD, $text),
            array_keys(explode(self::BOLD, $text)),
        ));
        $body = '';
        $number = $letter = 0;
        foreach ($blocks as $block) {
            $cells = array_map($text, \array_slice($block, 1));
            $letter = \in_array($block[0], ['level', 'option'], true) ? $letter + 1 : 1;
            $number += 'question' === $block[0] ? 1 : 0;
            $letter = 'question' === $block[0] ? 0 : $letter;
            $body .= match ($block[0]) {
                'heading' => "<h1>{$cells[0]}</h1>\n",
                'question' => "<ol start=\"{$number}\"><li><p>{$cells[0]}</p></li></ol>\n",
                'level', 'first-option', 'option' => "<ol type=\"a\" start=\"{$letter}\"><li>{$cells[0]}</li></ol>\n",
                'row' => '<table><tr>'.implode('', array_map(static fn (string $cell) => "<td>{$cell}</td>", $cells)).'</tr></table>',
                default => '<p>'.('' === $cells[0] ? '&nbsp;' : $cells[0])."</p>\n",
            };
        }

        return '<html><body><!--StartFragment-->'.str_replace('</table><table>', '', $body).'<!--EndFragment--></body></html>';
    }
}
