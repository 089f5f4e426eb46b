<?php

declare(strict_types=1);

namespace App\Tests;

/** The one page, before any script of it has run. */
final class PageTest extends ApiTestCase
{
    public function testTheDeskAsksForItsSheetAtOnceUnderTheStrictPolicy(): void
    {
        $page = $this->page('/sheets/01a2-b3/findings');
        self::assertStringContainsString('data-sheet="01a2-b3"', $page);
        self::assertMatchesRegularExpression('~<link rel="modulepreload" href="/build/assets/DeskPage-[\w-]+\.js"~', $page);
        self::assertSame(1, preg_match('/nonce-([^\']+)/', (string) $this->browser->getResponse()->headers->get('Content-Security-Policy'), $nonce));
        // Nothing runs and nothing is styled without the nonce of this answer.
        self::assertSame(preg_match_all('/<(?:script|link rel="(?:stylesheet|modulepreload)")/', $page), substr_count($page, 'nonce="'.htmlspecialchars($nonce[1])));
    }

    public function testTheShelfAsksForNoSheet(): void
    {
        $page = $this->page('/');
        self::assertStringNotContainsString('data-sheet', $page);
        self::assertStringNotContainsString('DeskPage', $page);
    }

    public function testWhatStandsInTheAddressStaysText(): void
    {
        $page = $this->page('/sheets/%22%3E%3Cscript%3Ealert(1)%3C%2Fscript%3E/proof');
        self::assertStringNotContainsString('<script>alert', $page);
    }

    public function testBuiltFilesComeUnderTheSameHeaders(): void
    {
        self::assertSame(1, preg_match('~/build/assets/[\w-]+\.js~', $this->page('/'), $script));
        $this->browser->request('GET', $script[0]);
        $headers = $this->browser->getResponse()->headers;

        self::assertSame(['text/javascript; charset=UTF-8', 'nosniff'], [$headers->get('Content-Type'), $headers->get('X-Content-Type-Options')]);
        self::assertStringContainsString('immutable', (string) $headers->get('Cache-Control'));
        self::assertStringContainsString("default-src 'none'", (string) $headers->get('Content-Security-Policy'));
    }

    public function testWhatIsLongComesCompressedToWhoeverTakesIt(): void
    {
        $id = $this->createSheet(str_repeat("One? {T}\n\n", 200));
        self::assertSame(1, preg_match('~/build/assets/[\w-]+\.js~', $this->page('/'), $script));
        foreach (["/api/sheets/{$id}", "/sheets/{$id}/proof", $script[0]] as $address) {
            $this->browser->request('GET', $address, server: ['HTTP_ACCEPT_ENCODING' => 'gzip, br']);
            $headers = $this->browser->getResponse()->headers;
            self::assertSame(['gzip', 'Accept-Encoding'], [$headers->get('Content-Encoding'), $headers->get('Vary')], $address);
            $compressed = $this->browser->getInternalResponse()->getContent();
            $this->browser->request('GET', $address, server: ['HTTP_ACCEPT_ENCODING' => 'identity']);
            self::assertFalse($this->browser->getResponse()->headers->has('Content-Encoding'), $address);
            $plain = $this->browser->getInternalResponse()->getContent();
            // Each answer has a nonce of its own.
            self::assertSame(self::withoutNonces($plain), self::withoutNonces((string) gzdecode($compressed)), $address);
            self::assertLessThan(\strlen($plain), \strlen($compressed));
        }
    }

    public function testWhatIsShortOrAPictureComesAsItIs(): void
    {
        foreach (['/icon.svg', '/api/sheets/none'] as $address) {
            $this->browser->request('GET', $address, server: ['HTTP_ACCEPT_ENCODING' => 'gzip']);
            self::assertFalse($this->browser->getResponse()->headers->has('Content-Encoding'), $address);
        }
    }

    private static function withoutNonces(string $text): string
    {
        return (string) preg_replace('~nonce="[^"]*"|content="[A-Za-z0-9+/=]{24}"~', '', $text);
    }

    public function testNoOtherFileIsServed(): void
    {
        foreach (['/build/manifest.json', '/index.php', '/build/assets/..%2f..%2findex.php', '/build/assets/x.js', '/build/assets/%00.js', '/.env'] as $address) {
            $this->page($address);
            $this->assertStatus(404);
        }
    }

    private function page(string $address): string
    {
        $this->browser->request('GET', $address);

        return (string) $this->browser->getResponse()->getContent();
    }
}
