<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Message\Message;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineEnding;
use Notagram\Source\LineMap;

/**
 * A sheet that goes on in another notation, for its author to write on in.
 *
 * A question that it cannot hold, or that cannot be read, stays in it as a comment: it is handed over nowhere, but it is still somebody's text. Pictures stay with the sheet: they go nowhere, so none is left behind.
 */
final readonly class GoingOn
{
    /** So many numbers say where; more are an ellipsis. */
    private const NUMBERS = 12;

    /**
     * @param string          $text   parted by LF, a blank line between blocks
     * @param list<Message>   $losses what the notation cannot hold, each once, with its questions
     * @param list<array{int, int}> $lines of each question: the line at which it began, and the one at which it begins now
     */
    private function __construct(public string $text, public array $losses, private array $lines)
    {
    }

    public static function of(ReadSheet $sheet, Notation $notation): self
    {
        $target = new NotationTarget($notation);
        $texts = $lines = $numbers = $messages = [];
        $map = new LineMap($sheet->source->text);
        $line = 1;
        $number = 0;
        foreach ($sheet->blocks as $placed) {
            $written = $target->writeBlock($placed->reading);
            $isKept = '' === $written->text && null !== $placed->number;
            $text = $isKept ? self::asComment($placed, $sheet) : $written->text;
            if ($written->isNumbered && '' !== $written->text) {
                $text = ++$number.'. '.$text;
            }
            if (null !== $placed->number) {
                $lines[] = [$map->lineAt($placed->block->start), $line];
            }
            if ('' !== $text) {
                $texts[] = $text;
                $line += substr_count($text, "\n") + 2;
            }
            foreach ($isKept ? [Loss::reduced('kept-as-comment')] : $written->losses as $loss) {
                // What a quiz system refuses is no matter while it is being written.
                if (LossKind::Refused !== $loss->kind) {
                    $key = json_encode([$loss->message->id, $loss->message->arguments], \JSON_THROW_ON_ERROR);
                    $messages[$key] = $loss->message;
                    $numbers[$key][] = $placed->number;
                }
            }
        }
        $losses = [];
        foreach ($messages as $key => $message) {
            $losses[] = self::placed($message, array_values(array_unique(array_filter($numbers[$key], is_int(...)))));
        }

        return new self([] === $texts ? '' : implode("\n\n", $texts)."\n", $losses, $lines);
    }

    /** The line at which the question of a line begins now; null for what stood before all of them. */
    public function lineOf(int $line): ?int
    {
        $question = null;
        foreach ($this->lines as [$before, $now]) {
            if ($before > $line) {
                break;
            }
            $question = $now;
        }

        return $question;
    }

    private static function asComment(PlacedBlock $placed, ReadSheet $sheet): string
    {
        $text = LineEnding::folded(substr($sheet->source->text, $placed->block->start, $placed->block->end - $placed->block->start));

        return implode("\n", array_map(static fn (string $line) => rtrim('// '.$line), explode("\n", trim($text, "\n"))));
    }

    /** @param list<int> $numbers */
    private static function placed(Message $message, array $numbers): Message
    {
        return [] === $numbers ? $message : Message::of('loss/at-questions',
            loss: $message,
            count: \count($numbers),
            numbers: implode(', ', \array_slice($numbers, 0, self::NUMBERS)).(\count($numbers) > self::NUMBERS ? ' …' : ''),
        );
    }
}
