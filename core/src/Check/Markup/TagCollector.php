<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

use Masterminds\HTML5\Parser\EventHandler;
use Masterminds\HTML5\Parser\Scanner;
use Masterminds\HTML5\Parser\Tokenizer;

/** Collects the tags that the library's tokenizer meets, each as it is written: in the library's tree, the open ones would be closed. */
final class TagCollector implements EventHandler
{
    /** What follows any tag may hold tags: what is a script for a browser will be none for a pupil. */
    private const TEXT_MODE = 0;

    /** @var list<Tag> */
    private array $tags = [];
    /** How far the text has been read, in bytes. */
    private int $read = 0;

    private function __construct(private readonly string $html, private readonly Scanner $scanner)
    {
    }

    /**
     * @param string $html lines are parted by LF
     *
     * @return list<Tag>
     */
    public static function collect(string $html): array
    {
        $html = str_replace("\0", "\u{FFFD}", $html); // as the scanner does, whose places are counted in what it has then
        $scanner = new Scanner($html);
        $collector = new self($html, $scanner);
        (new Tokenizer($scanner, $collector))->parse();

        return $collector->tags;
    }

    /**
     * @param string       $name
     * @param array<mixed> $attributes
     * @param bool         $selfClosing
     */
    public function startTag($name, $attributes = [], $selfClosing = false): int
    {
        /** @var array<string, ?string> $attributes */
        $written = $this->written('<'.$name);
        $this->tags[] = new Tag($written, $name, false, str_ends_with($written, '>'), $selfClosing, $attributes);

        return self::TEXT_MODE;
    }

    public function endTag(mixed $name): void
    {
        \assert(\is_string($name));
        $written = $this->written('</'.$name);
        $this->tags[] = new Tag($written, $name, true, str_ends_with($written, '>'));
    }

    public function comment(mixed $cdata): void
    {
        $this->read = $this->scanner->position();
    }

    public function text(mixed $cdata): void
    {
    }

    /** @param string $data */
    public function cdata($data): void
    {
        $this->read = $this->scanner->position();
    }

    /**
     * @param string  $name
     * @param ?string $data
     */
    public function processingInstruction($name, $data = null): void
    {
        $this->read = $this->scanner->position();
    }

    /**
     * @param string  $name
     * @param int     $idType
     * @param ?string $id
     * @param bool    $quirks
     */
    public function doctype($name, $idType = 0, $id = null, $quirks = false): void
    {
        $this->read = $this->scanner->position();
    }

    public function eof(): void
    {
    }

    public function parseError(mixed $msg, mixed $line, mixed $col): void
    {
    }

    /** The tag that was just read, up to the sign at which the tokenizer stands, which is its > where it has one. */
    private function written(string $beginning): string
    {
        $start = stripos($this->html, $beginning, $this->read);
        \assert(false !== $start);
        $this->read = min($this->scanner->position() + 1, \strlen($this->html));

        return substr($this->html, $start, $this->read - $start);
    }
}
