<?php

declare(strict_types=1);

namespace Notagram\Handover;

/** Several files as one. The same files give the same bytes. */
final readonly class ZipFile
{
    /** The first moment that an archive can tell; when it was written does not matter. */
    private const AT = 315_532_800;

    /**
     * @param array<string, string> $files  their bytes by their names
     * @param ?string               $stored the name of one that is not packed, so that it can be read without unpacking
     */
    public static function of(array $files, ?string $stored = null): string
    {
        $path = tempnam(sys_get_temp_dir(), 'notagram');
        if (false === $path) {
            throw new \RuntimeException('No temporary file could be written.');
        }
        try {
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::OVERWRITE);
            foreach ($files as $name => $bytes) {
                $zip->addFromString($name, $bytes);
                $zip->setMtimeName($name, self::AT);
                if ($name === $stored) {
                    $zip->setCompressionName($name, \ZipArchive::CM_STORE);
                }
            }
            if (!$zip->close()) {
                throw new \RuntimeException('The archive could not be written.');
            }

            return (string) file_get_contents($path);
        } finally {
            @unlink($path);
        }
    }
}
