<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Finding\TextEdit;
use Notagram\Question\Option;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Options under letters, one a line: whatever comes, goes or moves, the letters run on from the first. */
final readonly class LetteredList
{
    private const LABEL = '/^(\*?[ ]?\(?)(\p{L})(\)?[.):\-．：）]?\*?[ ]?(?:[ \t]|\x{A0})*+)/u';

    /** @param non-empty-list<Span> $places of the options, letters included */
    public function __construct(private string $text, private array $places)
    {
    }

    /**
     * @param list<Option>                   $options as they shall be
     * @param \Closure(Option, ?int): string $written a kept one with its letter, a new one without
     */
    public function with(array $options, \Closure $written): ?TextEdit
    {
        $index = array_flip(array_map(static fn (Span $span) => $span->start, $this->places));
        $order = array_map(static fn (Option $option) => $index[$option->span->start] ?? null, $options);
        $texts = array_map($written, $options, $order);
        if (array_keys($this->places) !== $order) {
            Regex::match(self::LABEL, $this->places[0]->of($this->text), $label);
            $first = LookAlikes::plain($label[2] ?? 'A');
            $first = 1 === \strlen($first) ? $first : 'A';
            foreach ($order as $place => $was) {
                $letter = \chr(\ord($first) + $place);
                $texts[$place] = null === $was
                    ? str_replace('*', '', $label[1] ?? '').$letter.str_replace('*', '', $label[3] ?? '. ').$texts[$place]
                    : Regex::replace(self::LABEL, '${1}'.$letter.'${3}', $texts[$place]);
            }
        }
        $entries = array_map(static fn (?int $was, string $text) => [$was, $text], $order, $texts);

        return [] === $entries ? null : (new WrittenList($this->text, $this->places))->with($entries, LineEnding::forNewLinesIn($this->text).$this->indent());
    }

    private function indent(): string
    {
        $before = substr($this->text, 0, $this->places[0]->start);

        return substr($before, \strlen(rtrim($before, " \t")));
    }
}
