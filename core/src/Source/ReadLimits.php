<?php

declare(strict_types=1);

namespace Notagram\Source;

/** How much is read at most. What is beyond is refused with a sentence, never cut off. */
final readonly class ReadLimits
{
    public const MAX_FILE_BYTES = 20_000_000;

    /** Of a picture that is put into a text; and the dots that it unpacks to, which take four bytes each where it is shown. */
    public const MAX_PICTURE_BYTES = 5_000_000;
    public const MAX_PICTURE_DOTS = 50_000_000;

    /** So many questions are compared with each other while a person writes, and so many are looked at together: it takes a second. */
    public const MAX_QUESTIONS_COMPARED = 5_000;
    public const MAX_QUESTIONS_TOGETHER = 20_000;

    /** A text with more tags than this is proofed as plain text: no pupil sees such a thing, and no parser should. */
    public const MAX_TAGS_PER_TEXT = 1_000;

    /** A text longer than this is proofed as plain text. */
    public const MAX_RENDERED_BYTES = 200_000;

    /** Markdown takes longer for each byte, and longer still the deeper it nests. */
    public const MAX_MARKDOWN_BYTES = 10_000;
    public const MAX_MARKDOWN_NESTING = 20;
}
