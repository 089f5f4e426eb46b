<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\Mender;
use Notagram\Check\PlacedFinding;
use Notagram\Finding\Level;
use Notagram\Handover\NotationTarget;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineMap;
use Notagram\Source\SourceText;

/**
 * A plain file with sections: a source, and what is to be read, found, mended and written from it.
 *
 * A section starts with a line such as "--- findings". bin/fixtures writes the expected sections anew; its diff is reviewed.
 */
final readonly class Fixture
{
    private const SPLICES = 20;

    public const FOLDER = __DIR__.'/../fixtures';

    /** @param array<string, string> $sections */
    private function __construct(public string $path, public array $sections)
    {
    }

    /** @return array<string, self> by path */
    public static function all(): array
    {
        $fixtures = [];
        foreach (new \GlobIterator(self::FOLDER.'/*/*.sheettest', \FilesystemIterator::CURRENT_AS_PATHNAME) as $path) {
            \assert(\is_string($path));
            $fixtures[substr($path, \strlen(self::FOLDER) + 1, -\strlen('.sheettest'))] = self::load($path);
        }

        return $fixtures;
    }

    private static function load(string $path): self
    {
        $parts = preg_split('/^--- ([a-z]+)\n/m', (string) file_get_contents($path), -1, \PREG_SPLIT_DELIM_CAPTURE);
        \assert(false !== $parts);
        $sections = ['title' => trim($parts[0])];
        for ($index = 1; $index + 1 < \count($parts); $index += 2) {
            $sections[$parts[$index]] = substr($parts[$index + 1], 0, -1);
        }

        return new self($path, $sections);
    }

    public function notation(): Notation
    {
        return Notations::find(trim($this->sections['notation'])) ?? throw new \LogicException("{$this->path} names no notation.");
    }

    public function source(): SourceText
    {
        return SourceText::fromUtf8($this->sections['source']);
    }

    public function checked(): CheckedSheet
    {
        return (new Checker())->check(ReadSheet::of($this->source(), $this->notation()));
    }

    /**
     * The fixture's text, and as many made from it by cutting pieces out and putting others in: the same at every run,
     * others with another SPLICE_SEED.
     *
     * @return list<string>
     */
    public function variants(): array
    {
        $text = $this->source()->text;
        $texts = [$text, str_replace("\n", "\r\n", $text), str_replace("\n", "\r", $text)];
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(crc32(substr($this->path, \strlen(self::FOLDER))) + (int) getenv('SPLICE_SEED')));
        $pieces = ["\n", "\n\n", '{', '}', '=', '~', '%50%', '#', '####', '::', "\n::T::", '\\', '->', ' ', "\n// note\n", "\n\$CATEGORY: A/B\n", 'A. ', "\nB) x", "\nANSWER: A\n", '1. ', 'é🐝', '[html]', '<b>', "\r\n"];
        for ($index = 0; $index < self::SPLICES; ++$index) {
            $characters = mb_str_split($text);
            for ($changes = $random->getInt(1, 3); $changes > 0; --$changes) {
                $at = $random->getInt(0, \count($characters));
                array_splice($characters, $at, $random->getInt(0, 3), [$pieces[$random->getInt(0, \count($pieces) - 1)]]);
            }
            $texts[] = implode('', $characters);
        }

        return $texts;
    }

    /** @return array<string, string> what the program makes of the source, section by section */
    public function actual(): array
    {
        $checked = $this->checked();
        $actual = [
            'blocks' => implode("\n", array_map(static fn (PlacedBlock $placed) => ModelLine::of($placed), array_filter(
                $checked->sheet->blocks,
                static fn (PlacedBlock $placed) => 'blank' !== $placed->block->kind->value,
            ))),
            'findings' => implode("\n", array_map(fn (PlacedFinding $placed) => $this->finding($placed), array_filter($checked->findings(), $this->isShown(...)))),
        ];
        $mended = (new Mender())->mend($this->source(), $this->notation())->source->text;
        if ($mended !== $this->sections['source']) {
            $actual['mended'] = $mended;
        }
        foreach (Notations::all() as $target) {
            $handedOver = (new NotationTarget($target))->write($checked->sheet);
            $losses = '';
            foreach ($handedOver->blocks as $block) {
                foreach ($block->losses as $loss) {
                    $losses .= \sprintf("%s %s: %s\n", $block->placed->number ?? '-', $loss->kind->value, InEnglish::of($loss->message));
                }
            }
            $actual[$target->id()] = $handedOver->bytes().$losses;
        }

        return $actual;
    }

    /** The file with its expectations written anew. */
    public function rewritten(): string
    {
        $file = $this->sections['title']."\n--- notation\n".trim($this->sections['notation'])."\n--- source\n".$this->sections['source']."\n";
        foreach ($this->actual() as $name => $content) {
            $file .= "--- {$name}\n{$content}\n";
        }

        return $file;
    }

    /** What the craft advises, and hints, are shown only where they are the subject: small examples are full of them. */
    private function isShown(PlacedFinding $placed): bool
    {
        $isOfCraft = str_starts_with($placed->finding->code, 'craft.') && 'craft.stem-empty' !== $placed->finding->code;

        return (!$isOfCraft && Level::Hint !== $placed->finding->level) || str_starts_with($placed->finding->code, basename(\dirname($this->path)).'.');
    }

    private function finding(PlacedFinding $placed): string
    {
        $finding = $placed->finding;
        $position = (new LineMap($this->sections['source']))->positionAt($finding->span->start);
        $fix = $finding->fix;

        return \sprintf(
            '%d:%d %s %s %s%s',
            $position->line,
            $position->column,
            $finding->level->value,
            $finding->code,
            json_encode($finding->span->of($this->sections['source']), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR),
            null === $fix ? '' : ($fix->isSafe ? ' mend: ' : ' offer: ').InEnglish::of($fix->label),
        );
    }
}
