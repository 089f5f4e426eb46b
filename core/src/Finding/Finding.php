<?php

declare(strict_types=1);

namespace Notagram\Finding;

use Notagram\Message\Message;
use Notagram\Source\Span;

/**
 * One thing the check says about a span: what is wrong, and what to do.
 *
 * Its span is in the coordinates of whatever was checked: a block's own text for what readers and question rules say,
 * the sheet's text for what sheet rules say. One that is off is counted, but asks for nothing.
 */
final readonly class Finding
{
    public function __construct(
        public string $code,
        public Level $level,
        public Span $span,
        public ?Fix $fix = null,
        /** Which of several things of this code it says; empty where there is one. */
        public string $case = '',
        /** @var array<string, string|int|float|Message> what its sentences name */
        public array $arguments = [],
        public bool $isOff = false,
        /** What would mend it, until the notation has said how: {@see Remedy}. */
        public ?Remedy $remedy = null,
        /** Whether it says again what another one says of the question beside it: the slip is one, and counts once. */
        public bool $isEcho = false,
        /** What it speaks of: where another finding settles the same, that one is enough. */
        public ?Matter $matter = null,
        /** @var list<Matter> what need not be said any more once this is said */
        public array $settles = [],
        /** Another sheet that it speaks of. */
        public ?OtherPlace $other = null,
    ) {
    }

    public static function fault(string $code, Span $span, ?Fix $fix = null, string $case = '', string|int|float|Message ...$arguments): self
    {
        return new self($code, Level::Fault, $span, $fix, $case, Message::named($arguments));
    }

    public static function doubt(string $code, Span $span, ?Fix $fix = null, string $case = '', string|int|float|Message ...$arguments): self
    {
        return new self($code, Level::Doubt, $span, $fix, $case, Message::named($arguments));
    }

    public static function hint(string $code, Span $span, ?Fix $fix = null, string $case = '', string|int|float|Message ...$arguments): self
    {
        return new self($code, Level::Hint, $span, $fix, $case, Message::named($arguments));
    }

    /** What is wrong. */
    public function message(): Message
    {
        return new Message($this->sentence('message'), $this->arguments);
    }

    /** What to do. */
    public function advice(): Message
    {
        return new Message($this->sentence('advice'), $this->arguments);
    }

    private function sentence(string $part): string
    {
        return 'finding/'.$this->code.('' === $this->case ? '/' : "/{$this->case}/").$part;
    }

    public function withRemedy(?Remedy $remedy): self
    {
        return $this->with(['remedy' => $remedy]);
    }

    /** With the edits that its remedy comes to; null where there is no way to make them. */
    public function remediedBy(?Fix $fix): self
    {
        return $this->with(['fix' => $fix, 'remedy' => null]);
    }

    public function withoutFix(): self
    {
        return $this->with(['fix' => null]);
    }

    public function shiftedBy(int $bytes): self
    {
        return $this->with(['span' => $this->span->shiftedBy($bytes), 'fix' => $this->fix?->shiftedBy($bytes)]);
    }

    public function switchedOff(): self
    {
        return $this->with(['isOff' => true]);
    }

    public function asEcho(): self
    {
        return $this->with(['isEcho' => true]);
    }

    public function elsewhere(OtherPlace $other): self
    {
        return $this->with(['other' => $other]);
    }

    public function about(Matter $matter): self
    {
        return $this->with(['matter' => $matter]);
    }

    public function settling(Matter ...$matters): self
    {
        return $this->with(['settles' => array_values($matters)]);
    }

    /** @param array<string, mixed> $changes by property */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]); // @phpstan-ignore argument.type (they are its own properties)
    }
}
