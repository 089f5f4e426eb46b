<?php

declare(strict_types=1);

namespace Notagram\Intake\RichText;

use Notagram\Intake\Deadline;
use Notagram\Intake\Manuscript;
use Notagram\Intake\ManuscriptBuilder;
use Notagram\Intake\Picture;
use Notagram\Intake\UnreadableDocument;
use Notagram\Intake\Word\WordSymbols;
use Notagram\Source\Regex;

/**
 * Reads Rich Text Format (RTF 1.9, from memory) as its reader sees it: automatic numbers stand in it as text.
 *
 * One object reads one document.
 */
final class RichTextDocument
{
    private const DEEPEST = 500;
    private const TOKEN = "~\\G(?:\\\\([a-z]{1,32})(-?\\d{1,10})?[ ]?|\\\\'([0-9a-f]{2})|\\\\(.)|([{}])|([^\\\\{}\\r\\n]+)|[\\r\\n]+)~si";
    /** Groups whose words are none of the document. */
    private const LEFT_OUT = ['stylesheet' => 1, 'info' => 1, 'header' => 1, 'headerl' => 1, 'headerr' => 1, 'headerf' => 1, 'footer' => 1, 'footerl' => 1, 'footerr' => 1, 'footerf' => 1, 'ftnsep' => 1, 'ftnsepc' => 1, 'ftncn' => 1, 'nonshppict' => 1, 'fldinst' => 1, 'object' => 1, 'themedata' => 1, 'colorschememapping' => 1, 'datastore' => 1, 'latentstyles' => 1, 'listtable' => 1, 'listoverridetable' => 1, 'revtbl' => 1, 'rsidtbl' => 1, 'generator' => 1, 'bkmkstart' => 1, 'bkmkend' => 1, 'xe' => 1, 'tc' => 1];
    /** The same, and somebody may miss them: with the note that says so. */
    private const MISSED = ['footnote' => 'footnotes', 'annotation' => 'comments', 'atnid' => 'comments', 'atnauthor' => 'comments'];
    private const CHARACTERS = ['tab' => "\t", 'emdash' => '—', 'endash' => '–', 'lquote' => '‘', 'rquote' => '’', 'ldblquote' => '“', 'rdblquote' => '”', 'bullet' => '•', 'emspace' => ' ', 'enspace' => ' ', 'qmspace' => ' '];
    /** By the number of a character set. */
    private const CODE_PAGES = [77 => 'MACINTOSH', 128 => 'CP932', 129 => 'CP949', 134 => 'CP936', 136 => 'CP950', 161 => 'CP1253', 162 => 'CP1254', 163 => 'CP1258', 177 => 'CP1255', 178 => 'CP1256', 186 => 'CP1257', 204 => 'CP1251', 222 => 'CP874', 238 => 'CP1250'];
    private const SYMBOLS = 'SYMBOLS';

    private readonly ManuscriptBuilder $builder;
    private RichTextState $state;
    /** @var list<RichTextState> */
    private array $outer = [];
    private string $documentEncoding = 'CP1252';
    /** @var array<int, string> the encodings of fonts by their numbers */
    private array $fonts = [];
    private int $font = 0;
    /** @var list<bool> whether a colour stands out, by its number */
    private array $colours = [];
    /** @var array{int, int, int} red, green, blue */
    private array $colour = [0, 0, 0];
    private string $bytes = '';
    private ?int $highSurrogate = null;
    private int $toSkip = 0;
    private string $picture = '';
    private string $pictureKind = '';
    private bool $isInRow = false;
    private bool $isCellOpen = false;
    private bool $isGroupNew = false;

    private function __construct()
    {
        $this->builder = new ManuscriptBuilder(Deadline::start());
        $this->state = new RichTextState();
    }

    /** @throws UnreadableDocument */
    public static function read(string $bytes): Manuscript
    {
        $reader = new self();
        $reader->walk($bytes);
        $read = $reader->builder->built();

        // Several no-break spaces side by side only keep columns apart.
        return new Manuscript(Regex::replaceBy('/\x{A0}{2,}+/u', static fn (array $run) => str_repeat(' ', mb_strlen($run[0])), $read->text), $read->emphasised, $read->notes, $read->pictures);
    }

    private function walk(string $bytes): void
    {
        $at = 0;
        $length = \strlen($bytes);
        while ($at < $length && Regex::match(self::TOKEN, $bytes, $match, offset: $at)) {
            $at += \strlen($match[0]);
            $isGroupNew = $this->isGroupNew;
            $this->isGroupNew = false;
            if ('' !== ($match[1] ?? '')) {
                $argument = '' === ($match[2] ?? '') ? null : (int) $match[2];
                if ('bin' === $match[1]) {
                    $at += max(0, $argument ?? 0);
                    continue;
                }
                $this->word($match[1], $argument, $isGroupNew);
            } elseif ('' !== ($match[3] ?? '')) {
                $this->byte(\chr((int) hexdec($match[3])));
            } elseif ('' !== ($match[4] ?? '')) {
                $this->sign($match[4]);
            } elseif ('' !== ($match[5] ?? '')) {
                '{' === $match[5] ? $this->begins() : $this->ends();
            } elseif ('' !== ($match[6] ?? '')) {
                $this->text($match[6]);
            }
        }
        $this->flush();
    }

    private function begins(): void
    {
        $this->flush();
        if (\count($this->outer) >= self::DEEPEST) {
            throw UnreadableDocument::tooMuchMarkup();
        }
        $this->outer[] = $this->state;
        $this->state = clone $this->state;
        $this->isGroupNew = true;
        $this->toSkip = 0;
    }

    private function ends(): void
    {
        $this->flush();
        if ('picture' === $this->state->destination) {
            $this->pictureEnds();
        }
        $this->state = array_pop($this->outer) ?? $this->state;
        $this->toSkip = 0;
    }

    private function sign(string $sign): void
    {
        if (!\in_array($sign, ['\\', '{', '}'], true)) {
            $this->flush();
        }
        match ($sign) {
            '*' => $this->state->isLeftOut = true,
            '~' => $this->put("\u{A0}"),
            '_' => $this->put('-'),
            '\\', '{', '}' => $this->byte($sign),
            "\n", "\r" => $this->word('par', null, false),
            default => null,
        };
    }

    private function word(string $word, ?int $argument, bool $isGroupNew): void
    {
        if ('u' === $word && null !== $argument) {
            $this->unicode($argument);

            return;
        }
        $this->flush();
        if (isset(self::LEFT_OUT[$word]) || isset(self::MISSED[$word])) {
            $this->state->isLeftOut = true;
            if (isset(self::MISSED[$word])) {
                $this->builder->note(self::MISSED[$word]);
            }
        } elseif (isset(self::CHARACTERS[$word])) {
            $this->put(self::CHARACTERS[$word]);
        } elseif (!$this->destination($word, $argument)) {
            if (!$this->format($word, $argument)) {
                $this->paragraph($word);
            }
        }
    }

    /** Words that say what a group is, or stand in such a group. */
    private function destination(string $word, ?int $argument): bool
    {
        $state = $this->state;
        if (\in_array($word, ['fonttbl', 'colortbl', 'pict'], true)) {
            $state->destination = ['fonttbl' => 'fonts', 'colortbl' => 'colours', 'pict' => 'picture'][$word];
            $this->picture = $this->pictureKind = '';

            return true;
        }
        if (\in_array($word, ['shppict', 'listtext', 'pntext', 'shptxt', 'shp', 'shpinst'], true)) {
            // What stands behind \* is shown all the same: pictures, numbers, text boxes.
            $parent = $this->outer[\count($this->outer) - 1] ?? null;
            $state->isLeftOut = $parent->isLeftOut ?? false;
            if ('shptxt' === $word) {
                $this->builder->note('text-boxes');
            }

            return true;
        }
        match (true) {
            'ansicpg' === $word => $this->documentEncoding = $state->encoding = 'CP'.($argument ?? 1252),
            'mac' === $word => $this->documentEncoding = $state->encoding = 'MACINTOSH',
            'uc' === $word => $state->substitutes = max(0, min(9, $argument ?? 1)),
            'fcharset' === $word && 'fonts' === $state->destination => $this->fonts[$this->font] = 2 === $argument ? self::SYMBOLS : (self::CODE_PAGES[$argument ?? 0] ?? $this->documentEncoding),
            'f' === $word && 'fonts' === $state->destination => $this->font = $argument ?? 0,
            'f' === $word => $state->encoding = $this->fonts[$argument ?? 0] ?? $this->documentEncoding,
            \in_array($word, ['red', 'green', 'blue'], true) => $this->colour[['red' => 0, 'green' => 1, 'blue' => 2][$word]] = $argument ?? 0,
            'pngblip' === $word => $this->pictureKind = 'png',
            'jpegblip' === $word => $this->pictureKind = 'jpeg',
            \in_array($word, ['wmetafile', 'emfblip', 'macpict', 'dibitmap', 'wbitmap'], true) => $this->pictureKind = 'wmf',
            default => $word = null,
        };

        return null !== $word;
    }

    private function format(string $word, ?int $argument): bool
    {
        $state = $this->state;
        $isOn = 0 !== $argument;
        match ($word) {
            'b' => $state->isBold = $isOn,
            'ul', 'uld', 'uldb', 'ulw', 'ulwave' => $state->isUnderlined = $isOn,
            'ulnone' => $state->isUnderlined = false,
            'cf' => $state->isColoured = $this->colours[$argument ?? 0] ?? false,
            'highlight', 'cb', 'chcbpat' => $state->isMarked = $isOn && !$this->isWhite($argument ?? 0),
            'v' => $state->isHidden = $isOn,
            'deleted' => $state->isDeleted = $isOn,
            'revised' => $isOn ? $this->builder->note('tracked-changes') : null,
            'plain' => $state->plain(),
            default => $word = '',
        };

        return '' !== $word;
    }

    private function paragraph(string $word): void
    {
        if ($this->state->isLeftOut || '' !== $this->state->destination) {
            return;
        }
        match ($word) {
            'par', 'sect' => $this->builder->endLine(),
            'line' => $this->builder->lineBreak(),
            'page' => $this->builder->pageBreak(),
            'cell', 'nestcell' => $this->cellEnds(),
            'row', 'nestrow' => $this->rowEnds(),
            'intbl' => $this->rowBegins(),
            default => null,
        };
    }

    private function rowBegins(): void
    {
        if (!$this->isInRow) {
            $this->builder->startRow();
            $this->isInRow = true;
            $this->isCellOpen = false;
        }
        $this->cellBegins();
    }

    private function cellBegins(): void
    {
        if ($this->isInRow && !$this->isCellOpen) {
            $this->builder->startCell();
            $this->isCellOpen = true;
        }
    }

    private function cellEnds(): void
    {
        $this->rowBegins();
        $this->builder->endLine();
        $this->isCellOpen = false;
    }

    private function rowEnds(): void
    {
        if ($this->isInRow) {
            $this->builder->endRow();
            $this->isInRow = $this->isCellOpen = false;
        }
    }

    /** A character of Unicode, half of one, or, of fonts of symbols, one of theirs. */
    private function unicode(int $code): void
    {
        $this->flush();
        $this->toSkip = $this->state->substitutes;
        $code = $code < 0 ? $code + 0x10000 : $code;
        if ($code >= 0xD800 && $code < 0xDC00) {
            $this->highSurrogate = $code;

            return;
        }
        if ($code >= 0xDC00 && $code < 0xE000) {
            $code = null === $this->highSurrogate ? 0xFFFD : 0x10000 + (($this->highSurrogate - 0xD800) << 10) + $code - 0xDC00;
        }
        $this->highSurrogate = null;
        $this->put($code >= 0xF000 && $code <= 0xF0FF ? WordSymbols::character(dechex($code)) : mb_chr($code));
    }

    private function byte(string $byte): void
    {
        if ($this->toSkip > 0) {
            --$this->toSkip;
        } else {
            $this->bytes .= $byte;
        }
    }

    private function text(string $text): void
    {
        $state = $this->state;
        if ('picture' === $state->destination && !$state->isLeftOut) {
            $this->picture .= $text;

            return;
        }
        if ('colours' === $state->destination) {
            for ($times = substr_count($text, ';'); $times > 0; --$times) {
                $this->colours[] = array_sum($this->colour) > 0 && !(min($this->colour) > 250);
                $this->colour = [0, 0, 0];
            }

            return;
        }
        $skipped = min($this->toSkip, \strlen($text));
        $this->toSkip -= $skipped;
        $this->bytes .= substr($text, $skipped);
    }

    private function flush(): void
    {
        $bytes = $this->bytes;
        $this->bytes = '';
        if ('' !== $bytes) {
            $this->put(self::SYMBOLS === $this->state->encoding ? implode('', array_map(static fn (string $byte) => WordSymbols::character(bin2hex($byte)), str_split($bytes))) : $this->decoded($bytes));
        }
    }

    private function decoded(string $bytes): string
    {
        if (mb_check_encoding($bytes, 'ASCII')) {
            return $bytes;
        }
        $text = @iconv($this->state->encoding, 'UTF-8//IGNORE', $bytes);

        return false === $text ? mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252') : $text;
    }

    private function put(string $text): void
    {
        $state = $this->state;
        if ($state->isLeftOut || '' !== $state->destination) {
            return;
        }
        if ($state->isDeleted) {
            $this->builder->note('tracked-changes');
        } elseif ($state->isHidden) {
            $this->builder->note('hidden-text');
        } else {
            $this->cellBegins();
            $this->builder->text($text, $state->standsOut());
        }
    }

    private function isWhite(int $colour): bool
    {
        return 0 !== $colour && !($this->colours[$colour] ?? true);
    }

    private function pictureEnds(): void
    {
        $state = $this->state;
        $outer = $this->outer[\count($this->outer) - 1] ?? null;
        if ('picture' === ($outer->destination ?? '') || $state->isLeftOut) {
            return;
        }
        $hex = Regex::replace('/[^0-9a-fA-F]++/', '', $this->picture);
        $bytes = '' === $hex ? '' : (string) hex2bin(substr($hex, 0, \strlen($hex) & ~1));
        $state->destination = '';
        $this->cellBegins();
        $this->builder->picture('' === $bytes ? null : new Picture('picture.'.('' === $this->pictureKind ? 'wmf' : $this->pictureKind), $bytes));
        $this->picture = '';
    }
}
