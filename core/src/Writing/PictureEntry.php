<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Finding\TextEdit;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notation;
use Notagram\Question\FormattedText;

/** Puts the mark of a picture into a text, in the form of its notation. */
final readonly class PictureEntry
{
    /**
     * @param int    $offset      of the cursor, in bytes
     * @param string $name        of the picture
     * @param string $description the words for those who cannot see it
     *
     * @throws CannotAmend where no picture can stand there
     */
    public static function at(string $text, Notation $notation, int $offset, string $name, string $description): TextEdit
    {
        if (null === $notation->pictureMark(FormattedText::AUTO)) {
            throw CannotAmend::as(Message::of('refusal/picture-no-place', notation: $notation->id()));
        }
        $format = FormattedText::AUTO;
        $before = '';
        foreach ($notation->reader()->split($text) as $block) {
            if ($block->start <= $offset && $offset <= $block->end && BlockKind::Blank !== $block->kind) {
                $own = $block->textIn($text);
                $format = $notation->reader()->read($block, $own)->question->stem->format ?? FormattedText::AUTO;
                $before = substr($own, 0, $offset - $block->start);
            }
        }
        $mark = $notation->pictureMark($format) ?? throw CannotAmend::as(new Message('refusal/picture-plain'));

        return TextEdit::insert($offset, $notation->rewriter()->spelledAt($before, $mark->written($name, $description)));
    }
}
