<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

/** What a paragraph of a paper is. */
enum PaperRole: string
{
    case Title = 'PaperTitle';
    case Version = 'PaperVersion';
    /** The lines for name, class and date, and for points. */
    case Who = 'PaperWho';
    case Heading = 'PaperHeading';
    case Passage = 'PaperPassage';
    /** The first line of a question, with its number. */
    case Question = 'PaperQuestion';
    /** What goes on below it, without a number. */
    case More = 'PaperMore';
    /** An answer to pick, with its letter. */
    case Option = 'PaperOption';
    /** A further line of one. */
    case MoreOption = 'PaperMoreOption';
    /** A line to write on. */
    case Line = 'PaperLine';
    /** The head of the key, on a page of its own. */
    case KeyTitle = 'PaperKeyTitle';
    case KeyEntry = 'PaperKeyEntry';
}
