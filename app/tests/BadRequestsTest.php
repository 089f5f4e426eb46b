<?php

declare(strict_types=1);

namespace App\Tests;

use Doctrine\DBAL\Connection;
use Notagram\Source\ReadLimits;
use PHPUnit\Framework\Attributes\DataProvider;

final class BadRequestsTest extends ApiTestCase
{
    public function testAWriteFromAnotherSiteIsRefused(): void
    {
        $this->call('POST', '/api/sheets', ['title' => 'x', 'text' => ''], 'cross-site');
        $this->assertStatus(403);
        $this->browser->request('POST', '/api/sheets', server: ['CONTENT_TYPE' => 'application/json'], content: '{"title":"x","text":""}');
        $this->assertStatus(403);
    }

    /** @return iterable<string, array{string}> */
    public static function bodies(): iterable
    {
        yield 'no JSON' => ['{"title'];
        yield 'an empty body' => [''];
        yield 'another shape' => ['{"a": 1}'];
        yield 'wrong types' => ['{"title": [], "text": 5}'];
        yield 'a list' => ['[1, 2]'];
        yield 'half a surrogate pair' => ['{"title": "x", "text": "\ud83d"}'];
        yield 'very deep' => [str_repeat('[', 600).str_repeat(']', 600)];
        yield 'an unknown notation' => ['{"title": "x", "text": "", "notation": "../etc"}'];
    }

    #[DataProvider('bodies')]
    public function testABodyThatIsNotTakenIsRefusedWithASentence(string $body): void
    {
        $this->browser->request('POST', '/api/sheets', server: [
            'CONTENT_TYPE' => 'application/json',
            'HTTP_CSRF_TOKEN' => str_repeat('a', 36),
            'HTTP_SEC_FETCH_SITE' => 'same-origin',
        ], content: $body);
        $status = $this->browser->getResponse()->getStatusCode();
        $message = self::at(self::decoded((string) $this->browser->getResponse()->getContent()), 'message');

        self::assertTrue($status >= 400 && $status < 500, "Answered {$status}.");
        self::assertIsString($message);
        self::assertDoesNotMatchRegularExpression('/App|Request|Symfony|\.php|#\d|[a-z][A-Z]/', $message);
    }

    public function testWhatAPersonTypedTooLongIsSaidInWords(): void
    {
        $answer = $this->call('POST', '/api/sheets', ['title' => str_repeat('x', 1_001), 'text' => '']);

        $this->assertStatus(422);
        self::assertSame('The name is longer than 1,000 characters.', $answer['message']);
    }

    /** Each name would be looked at, which takes a minute for so many. */
    public function testManyNamesAreRefusedAtOnce(): void
    {
        $this->call('POST', '/api/sheets', ['title' => 'x', 'text' => ''] + array_fill_keys(array_map(static fn (int $number) => "name{$number}", range(1, 300_000)), 0));
        $this->assertStatus(400);
        $this->call('POST', '/api/sheets/x/edits', ['edits' => [array_fill_keys(range(1, 300_000), 0) + ['from' => 0]]]);
        self::assertContains($this->browser->getResponse()->getStatusCode(), [400, 404]);
    }

    public function testAFileNameInAnotherEncodingIsKeptAsItCanBeShown(): void
    {
        $id = self::textAt($this->upload("R\xFCben.txt", "One? {T}\n"), 'id');

        self::assertSame(['R?ben', 'R?ben.txt'], [$this->call('GET', "/api/sheets/{$id}")['title'] ?? null, $this->call('GET', "/api/sheets/{$id}")['fileName'] ?? null]);
    }

    public function testAPictureIsNamedInOrdinaryDigits(): void
    {
        $id = $this->createSheet('One? {T}');
        $this->call('GET', "/api/sheets/{$id}/pictures/".rawurlencode('٣'));
        $this->assertStatus(404);
    }

    public function testOnlyOptionsThatExistAreMarked(): void
    {
        $id = $this->createSheet("Which? {=a ~b}\n");
        $base = self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        foreach ([5, -1] as $key) {
            $answer = $this->call('POST', "/api/sheets/{$id}/marking", ['base' => $base, 'question' => 1, 'keys' => [$key]]);
            $this->assertStatus(422);
            self::assertMatchesRegularExpression('/^Question 1 has no option /', self::textAt($answer, 'message'));
        }
    }

    public function testOneMethodIsNotTakenForAnother(): void
    {
        $id = $this->createSheet('One? {T}');
        $this->browser->request('POST', "/api/sheets/{$id}", server: ['HTTP_X_HTTP_METHOD_OVERRIDE' => 'DELETE', 'HTTP_CSRF_TOKEN' => str_repeat('a', 36), 'HTTP_SEC_FETCH_SITE' => 'same-origin']);

        $this->assertStatus(405);
        $this->call('GET', "/api/sheets/{$id}");
        $this->assertStatus(200);
    }

    /** A page of another name that leads here is another site. */
    public function testOnlyItsOwnNamesAreServed(): void
    {
        foreach (['localhost' => 200, '127.0.0.1' => 200, '[::1]' => 200, 'evil.example' => 400, 'localhost.evil.example' => 400] as $host => $status) {
            $this->browser->request('GET', '/api/shelf', server: ['HTTP_HOST' => "{$host}:8600"]);
            $this->assertStatus($status);
        }
    }

    public function testAFileThatCannotBeReadIsRefusedWithWhatToDo(): void
    {
        $answer = $this->upload('Old.docx', "PK\x03\x04 word/document.xml");
        $this->assertStatus(422);
        self::assertStringContainsString('save it again', self::textAt($answer, 'message'));
    }

    public function testATextThatIsTooLargeIsRefused(): void
    {
        $this->call('POST', '/api/sheets', ['title' => 'x', 'text' => str_repeat('a', ReadLimits::MAX_FILE_BYTES + 1)]);
        $this->assertStatus(413);
    }

    public function testTenMegabytesAreTaken(): void
    {
        $text = str_repeat("Which bee has a sting? {=the worker ~the drone ~neither of them}\n\n", 15_000).str_repeat('x ', 4_500_000);
        $sheet = $this->call('GET', '/api/sheets/'.$this->createSheet($text));

        $this->assertStatus(200);
        self::assertSame($text, $sheet['text']);
    }

    public function testAnUnknownAddressIsToldInJson(): void
    {
        $this->call('GET', '/api/sheets/0190-no-such');
        $this->assertStatus(404);
        $this->call('GET', '/api/nothing');
        $this->assertStatus(404);
    }

    public function testEveryPageIsServedUnderAStrictPolicy(): void
    {
        $this->browser->request('GET', '/api/shelf');
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');

        self::assertMatchesRegularExpression("/default-src 'none'; script-src 'nonce-[A-Za-z0-9+\/=]{20,}' 'strict-dynamic'/", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertSame('nosniff', $this->browser->getResponse()->headers->get('X-Content-Type-Options'));
    }

    public function testADiskThatIsFullIsNamed(): void
    {
        $id = $this->createSheet("One? {T}\n");
        $hash = self::textAt($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        $this->browser->disableReboot();
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);
        $connection->executeStatement('PRAGMA query_only = 1');
        try {
            $answer = $this->call('POST', "/api/sheets/{$id}/edits", ['changeId' => '01a211eb-25a4-7c80-b26e-f41237310168', 'base' => $hash, 'edits' => [['from' => 0, 'to' => 0, 'text' => 'x']]]);
        } finally {
            $connection->executeStatement('PRAGMA query_only = 0');
        }

        $this->assertStatus(503);
        self::assertSame('Nothing can be saved: the disk is read-only.', $answer['message']);
    }
}
