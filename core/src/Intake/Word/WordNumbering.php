<?php

declare(strict_types=1);

namespace Notagram\Intake\Word;

use Notagram\Intake\ListLabel;
use Notagram\Intake\XmlElements;
use Notagram\Source\Regex;

/**
 * The automatic numbers of a document in Office Open XML (ECMA-376 Part 1, 17.9; from memory): counts along as paragraphs
 * go by, and gives each its label.
 */
final class WordNumbering
{
    private const W = WordDocument::W;
    private const FORMATS = ['lowerLetter' => 'lower-letter', 'upperLetter' => 'upper-letter', 'lowerRoman' => 'lower-roman', 'upperRoman' => 'upper-roman', 'decimalZero' => 'zero', 'ordinal' => 'ordinal', 'bullet' => 'bullet', 'none' => 'none'];

    /** @var array<string, array<int, WordLevel>> levels of each abstract list */
    private array $abstract = [];
    /** @var array<string, string> abstract list by the style that names it */
    private array $byStyle = [];
    /** @var array<string, array{string, array<int, WordLevel>, array<int, int>}> each list: its abstract one, its own levels, its own starts */
    private array $lists = [];
    /** @var array<string, array<int, int>> counters of each abstract list */
    private array $counters = [];
    /** @var array<string, true> lists whose own starts were taken */
    private array $started = [];

    public function __construct(?\DOMDocument $numbering)
    {
        if (null === $numbering) {
            return;
        }
        $links = [];
        foreach (XmlElements::children($numbering, self::W, 'abstractNum') as $list) {
            $id = $list->getAttributeNS(self::W, 'abstractNumId');
            $this->abstract[$id] = self::levels($list);
            $links[$id] = WordDocument::value($list, 'numStyleLink');
            $style = WordDocument::value($list, 'styleLink');
            if (null !== $style) {
                $this->byStyle[$style] = $id;
            }
        }
        foreach ($links as $id => $style) {
            if (null !== $style && isset($this->byStyle[$style])) {
                $this->abstract[$id] = $this->abstract[$this->byStyle[$style]];
            }
        }
        foreach (XmlElements::children($numbering, self::W, 'num') as $list) {
            $levels = $starts = [];
            foreach (XmlElements::children($list, self::W, 'lvlOverride') as $override) {
                $level = (int) $override->getAttributeNS(self::W, 'ilvl');
                $start = WordDocument::value($override, 'startOverride');
                if (null !== $start) {
                    $starts[$level] = ListLabel::number($start);
                }
                $levels += self::levels($override);
            }
            $this->lists[$list->getAttributeNS(self::W, 'numId')] = [WordDocument::value($list, 'abstractNumId') ?? '', $levels, $starts];
        }
    }

    /** @return array<int, WordLevel> */
    private static function levels(\DOMElement $list): array
    {
        $levels = [];
        foreach (XmlElements::children($list, self::W, 'lvl') as $level) {
            $restart = WordDocument::value($level, 'lvlRestart');
            $format = WordDocument::value($level, 'numFmt') ?? 'decimal';
            $levels[(int) $level->getAttributeNS(self::W, 'ilvl')] = new WordLevel(
                ListLabel::number(WordDocument::value($level, 'start') ?? '1'),
                self::FORMATS[$format] ?? 'decimal',
                WordDocument::value($level, 'lvlText') ?? '',
                null === $restart ? null : (int) $restart,
                null !== WordDocument::child($level, 'isLgl'),
                WordDocument::value($level, 'pStyle'),
            );
        }

        return $levels;
    }

    /** The level of a list that a style stands for; null where it stands for none. */
    public function levelOfStyle(string $list, string $style): ?int
    {
        [$abstract, $own] = $this->lists[$list] ?? ['', [], []];
        foreach ($own + ($this->abstract[$abstract] ?? []) as $index => $level) {
            if ($level->style === $style) {
                return $index;
            }
        }

        return null;
    }

    /** The next label of a list at a level; empty where it shows none. */
    public function next(string $list, int $level): string
    {
        if (!isset($this->lists[$list])) {
            return '';
        }
        [$abstract, $own, $starts] = $this->lists[$list];
        $levels = $own + ($this->abstract[$abstract] ?? []);
        if (!isset($levels[$level])) {
            return '';
        }
        $counters = $this->counters[$abstract] ?? [];
        $isFirstUse = !isset($this->started["{$list}/{$level}"]);
        $this->started["{$list}/{$level}"] = true;
        if ($isFirstUse && isset($starts[$level])) {
            $counters[$level] = $starts[$level];
        } else {
            $counters[$level] = isset($counters[$level]) ? $counters[$level] + 1 : $levels[$level]->start;
        }
        // Deeper levels begin anew, unless they say after which level alone they do.
        foreach (array_keys($counters) as $deeper) {
            $restart = ($levels[$deeper] ?? null)?->restartsAfter;
            if ($deeper > $level && 0 !== $restart && (null === $restart || $level < $restart)) {
                unset($counters[$deeper]);
            }
        }
        $this->counters[$abstract] = $counters;

        return $this->label($levels, $level, $counters);
    }

    /**
     * @param array<int, WordLevel> $levels
     * @param array<int, int>       $counters
     */
    private function label(array $levels, int $level, array $counters): string
    {
        $format = $levels[$level]->format;
        if ('bullet' === $format) {
            return WordSymbols::bullet($levels[$level]->text);
        }

        return Regex::replaceBy('/%([1-9])/', static function (array $match) use ($levels, $level, $counters): string {
            $of = (int) $match[1] - 1;
            $number = $counters[$of] ?? (isset($levels[$of]) ? $levels[$of]->start : 1);
            $format = isset($levels[$of]) ? $levels[$of]->format : 'decimal';

            return 'none' === $format ? '' : ListLabel::of($number, $levels[$level]->isLegal ? 'decimal' : $format);
        }, 'none' === $format ? Regex::replace('/%\d/', '', $levels[$level]->text) : $levels[$level]->text);
    }
}
