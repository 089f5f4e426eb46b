<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The built scripts and styles of the front end, by the manifest that its build writes. */
final class Assets
{
    private const ENTRY = 'src/main.ts';
    private const DESK = 'src/pages/DeskPage.vue';
    private const FOLDER = '/build/';

    public function __construct(#[Autowire('%kernel.project_dir%/public/build/manifest.json')] private readonly string $manifest)
    {
    }

    public function script(): string
    {
        return self::FOLDER.$this->part(self::ENTRY)['file'];
    }

    /** @return list<string> */
    public function styles(): array
    {
        return $this->stylesOf(self::ENTRY);
    }

    /** What the desk needs besides: known from the address, so that it need not wait for the script to ask for it. */
    public function deskScript(): string
    {
        return self::FOLDER.$this->part(self::DESK)['file'];
    }

    /** @return list<string> */
    public function deskStyles(): array
    {
        return $this->stylesOf(self::DESK);
    }

    /** @return list<string> */
    private function stylesOf(string $part): array
    {
        return array_map(static fn (string $file) => self::FOLDER.$file, $this->part($part)['css'] ?? []);
    }

    /** @return array{file: string, css?: list<string>} */
    private function part(string $name): array
    {
        /** @var array<string, array{file: string, css?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($this->manifest), true, flags: \JSON_THROW_ON_ERROR);

        return $manifest[$name];
    }
}
