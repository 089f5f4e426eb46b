<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The built scripts and styles of the front end, by the manifest that its build writes. */
final class Assets
{
    private const ENTRY = 'src/main.ts';
    private const FOLDER = '/build/';

    public function __construct(#[Autowire('%kernel.project_dir%/public/build/manifest.json')] private readonly string $manifest)
    {
    }

    public function script(): string
    {
        return self::FOLDER.$this->entry()['file'];
    }

    /** @return list<string> */
    public function styles(): array
    {
        return array_map(static fn (string $file) => self::FOLDER.$file, $this->entry()['css'] ?? []);
    }

    /** @return array{file: string, css?: list<string>} */
    private function entry(): array
    {
        /** @var array<string, array{file: string, css?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($this->manifest), true, flags: \JSON_THROW_ON_ERROR);

        return $manifest[self::ENTRY];
    }
}
