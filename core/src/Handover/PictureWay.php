<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** How the pictures of a sheet go along with its text. */
enum PictureWay: string
{
    /** They stay: the text only names them. */
    case Named = '';
    /** Each is written out in the text itself, where any reader of HTML shows it. */
    case Inside = 'pictures-inside';
    /** The text and its pictures are files of one archive. */
    case Beside = 'pictures-zip';
}
