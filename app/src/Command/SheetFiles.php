<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Intake\Documents;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Table\TableFiles;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\UnreadableDocument;
use Notagram\Source\Encoding;
use Notagram\Source\ReadLimits;
use Notagram\Source\SourceText;

/** Finds and reads the files that are named on the command line: files, folders, or - for standard input. */
final class SheetFiles
{
    /** What is taken from a folder: the endings that question files commonly have. */
    private const ENDINGS = ['txt', 'gift', 'aiken', 'gram', 'md', ...Documents::ENDINGS, ...TableFiles::ENDINGS];

    /**
     * @param list<string>                   $names
     * @param ?\Closure(Tabular): ?Manuscript $ofRows makes questions of rows; null where a text is read as it is
     *
     * @return list<NamedSource>
     *
     * @throws UnreadableFile
     */
    public static function read(array $names, ?string $encoding = null, ?\Closure $ofRows = null, bool $wantsTerms = false): array
    {
        $chosen = null === $encoding ? null : Encoding::tryFrom($encoding) ?? throw UnreadableFile::because('encoding', encoding: $encoding, known: implode(', ', array_column(Encoding::cases(), 'value')));
        $sources = [];
        foreach ($names as $name) {
            foreach (is_dir($name) ? self::inFolder($name) : [$name] as $file) {
                $sources[] = self::one($file, $chosen, $ofRows, $wantsTerms);
            }
        }

        return $sources;
    }

    /** @param ?\Closure(Tabular): ?Manuscript $ofRows */
    private static function one(string $name, ?Encoding $encoding, ?\Closure $ofRows, bool $wantsTerms): NamedSource
    {
        if ('-' !== $name && !is_file($name)) {
            throw UnreadableFile::because('no-file', file: $name);
        }
        $bytes = @file_get_contents('-' === $name ? 'php://stdin' : $name, false, null, 0, ReadLimits::MAX_FILE_BYTES + 1);
        if (false === $bytes) {
            throw UnreadableFile::because('closed-file', file: $name);
        }
        if (\strlen($bytes) > ReadLimits::MAX_FILE_BYTES) {
            throw UnreadableFile::because('too-large', file: $name, megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        try {
            $manuscript = Documents::read($bytes, $name);
            $source = null === $manuscript ? SourceText::fromBytes($bytes, $encoding) : SourceText::fromUtf8($manuscript->text);
            $tabular = null === $ofRows ? null : Tabular::in($source->text, $name, $wantsTerms);
            $questions = null === $tabular ? null : $ofRows($tabular);
        } catch (UnreadableDocument $exception) {
            throw UnreadableFile::because('of-file', file: $name, reason: $exception->reason);
        }

        return null === $questions
            ? new NamedSource($name, $bytes, $source, $manuscript)
            : new NamedSource($name, $bytes, SourceText::fromUtf8($questions->text), new Manuscript($questions->text, notes: [...$manuscript->notes ?? [], ...$questions->notes]), true);
    }

    /** @return list<string> */
    private static function inFolder(string $folder): array
    {
        $files = [];
        foreach (new \FilesystemIterator($folder) as $entry) {
            $path = \is_string($entry) ? $entry : $entry->getPathname();
            if (is_file($path) && \in_array(strtolower(pathinfo($path, \PATHINFO_EXTENSION)), self::ENDINGS, true)) {
                $files[] = $path;
            }
        }
        sort($files);
        if ([] === $files) {
            throw UnreadableFile::because('empty-folder', folder: $folder, endings: implode(', ', array_map(static fn (string $ending) => ".{$ending}", self::ENDINGS)));
        }

        return $files;
    }
}
