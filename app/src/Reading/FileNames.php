<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use Notagram\Handover\Target;
use Notagram\Intake\Documents;
use Notagram\Intake\Table\TableFiles;
use Notagram\Source\Regex;

/** What the files are called that a person takes away. */
final class FileNames
{
    public static function handedOver(Sheet $sheet, Target $target): string
    {
        return self::safe($sheet->title()).' ('.$target->label().').'.$target->ending();
    }

    /** Under the name it came with, where it came as a text file; a document stays a document of its own. */
    public static function mended(Sheet $sheet): string
    {
        $name = $sheet->fileName();
        $isText = null !== $name && !\in_array(strtolower(pathinfo($name, \PATHINFO_EXTENSION)), [...Documents::ENDINGS, ...TableFiles::ENDINGS], true);

        return self::safe($isText ? $name : $sheet->title().'.txt');
    }

    public static function original(Sheet $sheet): string
    {
        return self::safe($sheet->fileName() ?? $sheet->title().'.txt');
    }

    /** Without what a file system or a header could take for something else. */
    private static function safe(string $name): string
    {
        $name = trim(Regex::replace('~[\s\x00-\x1F\x7F/\\\\:*?"<>|]+~', ' ', $name), ' .');

        return '' === $name ? 'sheet' : $name;
    }
}
