<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Check\Checker;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Encoding;
use Notagram\Source\SourceText;

/** The tables of docs/findings.md: each kind of finding there is, with its level, what may mend it, and an example. */
final class FindingsPage
{
    public const PATH = __DIR__.'/../../docs/findings.md';
    private const SECTIONS = ['text' => 'Text', 'gift' => 'GIFT', 'aiken' => 'Aiken', 'starred' => 'Starred list', 'gram' => 'Gram', 'marking' => 'Marking', 'craft' => 'Craft', 'sheet' => 'Sheet', 'draft' => 'Drafts'];

    /** @var array<string, list<Finding>> by code, that of the fixture of its name first */
    private array $found = [];

    public function __construct()
    {
        foreach (Fixture::all() as $name => $fixture) {
            foreach ($fixture->checked()->findings() as $placed) {
                $isOfItsName = str_replace('/', '.', $name) === $placed->finding->code;
                $this->found[$placed->finding->code] ??= [];
                $isOfItsName ? array_unshift($this->found[$placed->finding->code], $placed->finding) : $this->found[$placed->finding->code][] = $placed->finding;
            }
        }
        foreach (self::notOfText() as [$source, $wishes]) {
            foreach ((new Checker())->check(ReadSheet::of($source, Notations::all()[0]), $wishes)->findings() as $placed) {
                $this->found[$placed->finding->code][] = $placed->finding;
            }
        }
    }

    public function rewritten(): string
    {
        $page = (string) file_get_contents(self::PATH);
        $page = substr($page, 0, (int) strpos($page, "\n## ")).$this->tables();

        return rtrim($page)."\n";
    }

    private function tables(): string
    {
        $tables = '';
        foreach (self::SECTIONS as $prefix => $title) {
            $tables .= "\n## {$title}\n\n| code | level | fix | such as |\n|---|---|---|---|\n";
            foreach (self::codes() as $code) {
                if (str_starts_with($code, $prefix.'.')) {
                    $tables .= $this->row($code);
                }
            }
        }

        return $tables;
    }

    private function row(string $code): string
    {
        $findings = $this->found[$code] ?? throw new \LogicException("Nothing shows {$code}.");
        $levels = implode(', ', array_unique(array_map(static fn (Finding $finding) => $finding->level->value, $findings)));
        $fixes = array_filter(array_map(static fn (Finding $finding) => $finding->fix, $findings));
        $isSafe = [] !== array_filter($fixes, static fn ($fix) => $fix->isSafe);
        $fix = [] === $fixes ? '–' : ($isSafe ? 'safe' : 'offered');

        return "| `{$code}` | {$levels} | {$fix} | ".str_replace(['|', "\n"], ['\\|', ' '], InEnglish::of($findings[0]->message()))." |\n";
    }

    /** @return list<string> every code of the catalogue, in its order */
    private static function codes(): array
    {
        $codes = [];
        foreach (array_keys(Sentences::catalogue('en')) as $id) {
            if (1 === preg_match('~^finding/([^/]+)/~', $id, $match)) {
                $codes[$match[1]] = $match[1];
            }
        }

        return array_values($codes);
    }

    /** @return iterable<array{SourceText, SheetWishes}> what stands in the bytes of a file, or in what a person wishes */
    private static function notOfText(): iterable
    {
        yield [SourceText::fromBytes("\u{FEFF}One? {T}\n"), new SheetWishes()];
        yield [SourceText::fromBytes("One? {T}\r\n\nTwo? {F}\n\nThree? {T}\n"), new SheetWishes()];
        yield [SourceText::fromBytes(mb_convert_encoding("Wo schläft die Königin? {=in der Wabe ~überall}\n\nWas hören Bienen? {=Töne ~Geräusche}\n", 'Windows-1252', 'UTF-8')), new SheetWishes()];
        yield [SourceText::fromBytes("One\x81? {T}\n", Encoding::Utf8), new SheetWishes()];
        yield [SourceText::fromUtf8("One? {T}\n"), new SheetWishes(2, expectedPoints: '2')];
        yield [SourceText::fromUtf8(''), new SheetWishes()];
    }
}
