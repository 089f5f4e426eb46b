<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

/** Archives made for a test. */
final class Zipped
{
    /**
     * @param array<string, string> $parts by their names in the archive
     * @param bool $store whether they are stored as they are, as the first part of some documents must be
     */
    public static function of(array $parts, bool $store = false): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach ($parts as $name => $content) {
            $zip->addFromString($name, $content);
            if ($store) {
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }
}
