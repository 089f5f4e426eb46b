<?php

declare(strict_types=1);

namespace App\Tests;

use Notagram\Tests\Handover\Qti\Package;
use Notagram\Tests\Intake\Zipped;
use PHPUnit\Framework\Attributes\TestWith;

/** Packages of quiz systems on their way in and out. */
final class PackagesTest extends ApiTestCase
{
    private const DEMO = __DIR__.'/../demo/Hive safety.zip';

    public function testAPackageBecomesASheetWithItsPicturesAndSaysWhatDidNotComeAlong(): void
    {
        $created = $this->upload('Hive safety.zip', (string) file_get_contents(self::DEMO));
        $this->assertStatus(201);
        self::assertSame(['Hive safety', false], [self::at($created, 'title'), self::at($created, 'untidy')]);
        $id = self::textAt($created, 'id');
        $sheet = $this->shown($id);
        self::assertSame('gift', self::at($sheet, 'notation'));
        self::assertStringStartsWith("\$CATEGORY: Opening a hive\n\n// [id:smoke]\n::Before the lid comes off:: What", self::textAt($sheet, 'text'));
        self::assertSame(['hive-parts.png'], array_column((array) self::at($sheet, 'pictures'), 'name'));
        self::assertSame(['Notagram has no type of question for these (orderInteraction), so they came as comments: “Step by step”.'], self::at($sheet, 'notes'));
        self::assertStringContainsString('<img class="kept"', self::textAt($sheet, 'reading.bodies.3.question.stem'));
        // Its bytes are no text that could be decoded in another way.
        $this->call('GET', "/api/sheets/{$id}/decoding?encoding=windows-1252");
        $this->assertStatus(422);

        $this->browser->request('GET', "/api/sheets/{$id}/original-file");
        self::assertTrue(file_get_contents(self::DEMO) === $this->browser->getInternalResponse()->getContent(), 'The original is what came.');
    }

    #[TestWith(['qti12', 'QTI 1.2'])]
    #[TestWith(['qti21', 'QTI 2.1'])]
    #[TestWith(['qti30', 'QTI 3.0'])]
    public function testAPackageIsHandedOverWithItsPicturesAndTakenBack(string $target, string $label): void
    {
        $id = self::textAt($this->upload('Hive safety.zip', (string) file_get_contents(self::DEMO)), 'id');
        $text = self::at($this->shown($id), 'text');
        $written = $this->call('GET', "/api/sheets/{$id}/handover/{$target}");
        self::assertSame(["Hive safety ({$label}).zip", false], [self::at($written, 'fileName'), self::at($written, 'isText')]);
        $this->browser->request('GET', "/api/sheets/{$id}/file/{$target}");
        $file = (string) $this->browser->getResponse()->getContent();
        self::assertSame('application/zip', $this->browser->getResponse()->headers->get('Content-Type'));
        $files = Package::files($file);
        self::assertSame(file_get_contents(__DIR__.'/../demo/hive-parts.png'), $files['images/hive-parts.png']);
        self::assertStringContainsString('title="Hive safety"', $files['qti12' === $target ? 'questions.xml' : 'test.xml']);

        $again = $this->shown(self::textAt($this->upload('Again.zip', $file), 'id'));
        self::assertSame(['hive-parts.png'], array_column((array) self::at($again, 'pictures'), 'name'));
        // What came as a comment does not go out.
        self::assertIsString($text);
        self::assertSame(preg_replace('~// Step by step\n(?:// .*\n)+\n~', '', $text), self::at($again, 'text'));
    }

    /** @return array<array-key, mixed> */
    private function shown(string $id): array
    {
        return $this->call('GET', "/api/sheets/{$id}");
    }

    public function testWhatIsPastedIsATextWhateverItLooksLike(): void
    {
        foreach (['%PDF-1.4 {T}', "PK\u{3}\u{4} {T}", '{"format": "notagram-questions"}', '<assessmentItem identifier="a"/> {T}'] as $text) {
            $id = $this->createSheet($text, 'gift');
            $this->call('GET', "/api/sheets/{$id}/decoding?encoding=windows-1252");
            $this->assertStatus(200);
            self::assertSame($text, self::at($this->call('GET', "/api/sheets/{$id}/original"), 'text'), $text);
        }
    }

    public function testAZipWithATextAndItsPictureBecomesASheetThatShowsIt(): void
    {
        $dot = base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==', true);
        $created = $this->upload('Hives.zip', Zipped::of(['test.gift' => "See <img src\\=\"hive.png\" alt\\=\"a hive\">. {T}\n", 'hive.png' => $dot]));
        $this->assertStatus(201);
        $id = self::textAt($created, 'id');
        self::assertSame(['gift', 'hive.png'], [self::at($this->shown($id), 'notation'), self::at($this->shown($id), 'pictures.0.name')]);
        self::assertStringContainsString("/api/sheets/{$id}/pictures/1", self::textAt($this->shown($id), 'reading.bodies.0.question.stem'));
    }

    public function testAnArchiveOfOtherThingsIsRefused(): void
    {
        $this->upload('Photos.zip', Zipped::of(['a.png' => 'x', 'b.png' => 'y']));
        $this->assertStatus(422);
        self::assertStringContainsString('holds no questions', (string) $this->browser->getResponse()->getContent());
    }
}
