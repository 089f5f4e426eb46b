<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Surroundings;
use Notagram\Source\Regex;

/**
 * Cuts an Aiken text into blocks, line by line.
 *
 * A question runs from its stem to its ANSWER line, blank lines inside it or not; where that line is missing, to the line
 * that starts another. One object splits one text.
 */
final class AikenSplitter
{
    /** The context of a question that touches one which a receiver reads past the end of. */
    public const OPEN = 'open';

    /** @var list<Block> */
    private array $blocks = [];
    private int $covered = 0;
    private int $length;

    public function __construct(private readonly string $text)
    {
        $this->length = \strlen($text);
    }

    /**
     * @return list<Block>
     */
    public function split(): array
    {
        $offset = 0;
        $touches = false;
        while ($offset < $this->length) {
            $lineEnds = strspn($this->text, "\r\n", $offset);
            if ($lineEnds > 0) {
                $offset += $lineEnds;
                $touches = false;
                continue;
            }
            if (Regex::match('/\G'.StrictQuestion::PATTERN.'/', $this->text, $match, 0, $offset)) {
                [$kind, $end] = [BlockKind::Question, $offset + \strlen($match[0])];
            } else {
                $line = AikenLine::at($this->text, $offset);
                if ($line->isBlank()) {
                    $offset = $line->next;
                    $touches = false;
                    continue;
                }
                [$kind, $end] = $this->question($line);
            }
            if ($offset > $this->covered) {
                $this->blocks[] = new Block(BlockKind::Blank, $this->covered, $offset);
            }
            $this->blocks[] = new Block($kind, $offset, $end, $touches ? new Surroundings(touchesPrevious: true, context: $this->endsAsAReceiverWants() ? '' : self::OPEN) : null);
            $this->covered = $offset = $end;
            $touches = BlockKind::Question === $kind;
        }
        if ($this->length > $this->covered) {
            $this->blocks[] = new Block(BlockKind::Blank, $this->covered, $this->length);
        }

        return $this->blocks;
    }

    /** Whether a receiver that stopped somewhere in the last block begins anew behind it. */
    private function endsAsAReceiverWants(): bool
    {
        $last = $this->blocks[array_key_last($this->blocks) ?? throw new \LogicException('Nothing stands before the first block.')];

        return Regex::match('/(?:\A|[\r\n])ANSWER: [A-Z][ \t]*+[\r\n]*+\z/', $last->textIn($this->text));
    }

    /** @return array{BlockKind, int} what starts with this line, and where it ends */
    private function question(AikenLine $stem): array
    {
        $letters = new AikenLetters();
        $end = $offset = $stem->next;
        $isAfterBlank = false;
        while ($offset < $this->length) {
            $line = AikenLine::at($this->text, $offset);
            if ($line->isBlank()) {
                $isAfterBlank = true;
                $offset = $line->next;
                continue;
            }
            if (null !== $line->answer) {
                return [BlockKind::Question, $line->next];
            }
            if ($isAfterBlank && !$letters->hasAny() && 'A' === $line->letter && $this->startsQuestionLettered($line)) {
                // Above it stood a title: a stem may begin like an option.
                break;
            }
            $isOption = $letters->take($line, $this->text, $isAfterBlank);
            if (!$isOption) {
                // A blank line ends what is not going on; a stem may only be followed by its options or answer.
                if ($isAfterBlank || ($letters->hasAny() && $this->startsQuestion($line))) {
                    break;
                }
            }
            $isAfterBlank = false;
            $end = $offset = $line->next;
        }

        return [$letters->hasAny() ? BlockKind::Question : BlockKind::Stray, $end];
    }

    /** Where ANSWER is missing: a plain line that is followed by a line lettered A. */
    private function startsQuestion(AikenLine $line): bool
    {
        return null === $line->letter && 'A' === $this->nextLine($line->next)?->letter;
    }

    /** A line lettered A with another one right below it is a stem. */
    private function startsQuestionLettered(AikenLine $line): bool
    {
        return $line->next < $this->length && 'A' === AikenLine::at($this->text, $line->next)->letter;
    }

    /** The next line that is not blank. */
    private function nextLine(int $offset): ?AikenLine
    {
        while ($offset < $this->length) {
            $line = AikenLine::at($this->text, $offset);
            if (!$line->isBlank()) {
                return $line;
            }
            $offset = $line->next;
        }

        return null;
    }
}
