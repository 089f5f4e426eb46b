<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Qti;

use Notagram\Handover\Qti\QtiVersion;
use PHPUnit\Framework\Assert;

/** The files of a written package, held against schemas of our own reading of the standard. */
final class Package
{
    /** @return array<string, string> its files by their places */
    public static function files(string $bytes): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'package');
        file_put_contents($path, $bytes);
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::RDONLY);
        $files = [];
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $files[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
        }
        unlink($path);

        return $files;
    }

    /** @param int $each of the items, one in so many is looked at */
    public static function assertValid(string $bytes, QtiVersion $version, int $each = 1): void
    {
        $files = self::files($bytes);
        $listed = [];
        $number = 0;
        foreach ($files as $name => $content) {
            if (!str_ends_with($name, '.xml') || (str_starts_with($name, 'items/') && 0 !== $number++ % $each)) {
                continue;
            }
            $document = new \DOMDocument();
            Assert::assertTrue($document->loadXML($content), $name);
            $schema = 'imsmanifest.xml' === $name ? (QtiVersion::V30 === $version ? 'manifest30' : 'manifest') : $version->value;
            Assert::assertSame([], self::errors($document, $schema), $name."\n".$content);
            foreach ('imsmanifest.xml' === $name ? iterator_to_array($document->getElementsByTagName('file')) : [] as $file) {
                $listed[] = $file->getAttribute('href');
            }
        }
        $there = array_keys(array_diff_key($files, ['imsmanifest.xml' => '']));
        sort($there);
        $listed = array_unique($listed);
        sort($listed);
        Assert::assertSame($there, $listed, 'Every file is listed, and every listed file is there.');
    }

    /** @return list<string> */
    public static function errors(\DOMDocument $document, string $schema): array
    {
        $before = libxml_use_internal_errors(true);
        $isValid = $document->relaxNGValidate(__DIR__."/schema/{$schema}.rng");
        $errors = array_map(static fn (\LibXMLError $error) => trim($error->message), libxml_get_errors());
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $isValid ? [] : ['It is not valid.', ...$errors];
    }
}
