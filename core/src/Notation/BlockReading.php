<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Finding\Finding;
use Notagram\Question\Question;

/** What one block says. Everything in it is relative to the block's own text. */
final readonly class BlockReading
{
    /**
     * @param list<Finding> $findings    what the notation itself has to say
     * @param list<Token>|(\Closure(string): list<Token>) $tokens in order, none overlapping another; or how to find them in the block's text, since only what is shown needs them
     * @param ?list<string> $category    the path, of a category block
     * @param list<string>  $comments    of a comment block, without their marks
     * @param list<string>  $switchedOff codes that the author does not want to hear of here
     */
    public function __construct(
        public BlockKind $kind,
        public ?Question $question = null,
        public array $findings = [],
        private array|\Closure $tokens = [],
        public ?array $category = null,
        public array $comments = [],
        public array $switchedOff = [],
    ) {
    }

    /** Of a block in which nothing is to be read. Half of all blocks are blank, and all of them read the same. */
    public static function nothing(BlockKind $kind): self
    {
        /** @var array<string, self> $readings */
        static $readings = [];

        return $readings[$kind->value] ??= new self($kind);
    }

    public function withQuestion(Question $question): self
    {
        return new self($this->kind, $question, $this->findings, $this->tokens, $this->category, $this->comments, $this->switchedOff);
    }

    /**
     * @param string $text the block's own
     *
     * @return list<Token>
     */
    public function tokensIn(string $text): array
    {
        return \is_array($this->tokens) ? $this->tokens : ($this->tokens)($text);
    }
}
