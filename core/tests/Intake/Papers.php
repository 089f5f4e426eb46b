<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

/** The collection of old tests in the folder beside; its README says how they are written down. */
final class Papers
{
    /** @return array<string, array{string, string}> source and what is meant, by file and name */
    public static function all(): array
    {
        $papers = [];
        foreach (new \GlobIterator(__DIR__.'/papers/*.txt', \FilesystemIterator::CURRENT_AS_PATHNAME) as $path) {
            \assert(\is_string($path));
            foreach (explode("\n##### ", "\n".file_get_contents($path)) as $paper) {
                if ('' !== trim($paper)) {
                    [$name, $rest] = explode("\n", $paper, 2);
                    [$source, $meant] = explode("\n=====\n", $rest, 2);
                    $papers[basename($path, '.txt').': '.$name] = [$source, $meant];
                }
            }
        }

        return $papers;
    }
}
