<?php

declare(strict_types=1);

namespace App\Tests;

use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Calls the interface as the browser does. */
abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient(['debug' => false]);
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<array-key, mixed>
     */
    protected function call(string $method, string $path, ?array $body = null, string $origin = 'same-origin'): array
    {
        $this->browser->request($method, $path, server: [
            'CONTENT_TYPE' => 'application/json',
            'HTTP_ACCEPT' => 'application/json',
            'HTTP_CSRF_TOKEN' => str_repeat('a', 36),
            'HTTP_SEC_FETCH_SITE' => $origin,
        ], content: null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));

        return self::decoded((string) $this->browser->getResponse()->getContent());
    }

    /** @return array<array-key, mixed> */
    protected function upload(string $name, string $bytes, string $to = '/api/files'): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($path, $bytes);
        $this->browser->request('POST', $to, files: ['file' => new UploadedFile($path, $name, test: true)], server: [
            'HTTP_CSRF_TOKEN' => str_repeat('a', 36),
            'HTTP_SEC_FETCH_SITE' => 'same-origin',
        ]);
        @unlink($path);

        return self::decoded((string) $this->browser->getResponse()->getContent());
    }

    protected function assertStatus(int $status): void
    {
        self::assertSame($status, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
    }

    protected function createSheet(string $text, ?string $notation = null): string
    {
        $id = $this->call('POST', '/api/sheets', ['title' => 'Test', 'text' => $text, 'notation' => $notation])['id'] ?? null;
        self::assertIsString($id);

        return $id;
    }

    /** @return array<array-key, mixed> */
    protected static function decoded(string $json): array
    {
        $value = '' === $json ? [] : json_decode($json, true, flags: \JSON_THROW_ON_ERROR);

        return \is_array($value) ? $value : [];
    }

    protected static function textAt(mixed $value, string $path): string
    {
        $text = self::at($value, $path);
        self::assertIsString($text);

        return $text;
    }

    protected static function numberAt(mixed $value, string $path): int
    {
        $number = self::at($value, $path);
        self::assertIsInt($number);

        return $number;
    }

    /** What a path such as reading.hash leads to. */
    protected static function at(mixed $value, string $path): mixed
    {
        foreach (explode('.', $path) as $key) {
            self::assertIsArray($value);
            self::assertArrayHasKey($key, $value);
            $value = $value[$key];
        }

        return $value;
    }
}
