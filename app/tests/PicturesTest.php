<?php

declare(strict_types=1);

namespace App\Tests;

use Notagram\Tests\Pictures;

/** Pictures that are put into a text: kept with the sheet, shown, handed over, removed. */
final class PicturesTest extends ApiTestCase
{
    /** @return array<array-key, mixed> */
    private function add(string $sheet, string $name, string $bytes): array
    {
        return $this->upload($name, $bytes, "/api/sheets/{$sheet}/pictures");
    }

    public function testAPictureIsPutInShownAndHandedOver(): void
    {
        $id = $this->createSheet("Wie heißt 🐝 das? {=Hive ~Skep}\n\nTwo? {T}\n", 'gift');
        $picture = $this->add($id, 'Große Kiste.PNG', Pictures::dot());
        $this->assertStatus(200);
        self::assertSame(['grosse-kiste.png', 1, 1, \strlen(Pictures::dot())], [self::at($picture, 'name'), self::at($picture, 'width'), self::at($picture, 'height'), self::at($picture, 'size')]);
        $sheet = $this->call('GET', "/api/sheets/{$id}");
        self::assertSame([$picture], self::at($sheet, 'pictures'));
        self::assertSame([['number' => 1, 'isUsed' => false, 'questions' => []]], self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'pictures'));

        $entry = $this->call('POST', "/api/sheets/{$id}/pictures/1/entry", ['base' => self::at($sheet, 'reading.hash'), 'offset' => 17, 'description' => 'A box']);
        $mark = '<img src="grosse-kiste.png" alt="A box">';
        self::assertSame([['from' => 17, 'to' => 17, 'text' => $mark]], self::at($entry, 'edits'));
        $this->call('POST', "/api/sheets/{$id}/edits", ['changeId' => '0198c000-0000-7000-8000-000000000001', 'base' => self::at($sheet, 'reading.hash'), 'edits' => self::at($entry, 'edits'), 'digest' => null]);
        $this->assertStatus(200);

        $body = self::at($this->call('GET', "/api/sheets/{$id}"), 'reading.bodies.0');
        self::assertStringContainsString("<img class=\"kept\" src=\"/api/sheets/{$id}/pictures/1\" alt=\"A box\" />", self::textAt($body, 'question.stem'));
        self::assertStringNotContainsString('picture-missing', json_encode($body, \JSON_THROW_ON_ERROR));
        self::assertSame([1], self::at($this->call('GET', "/api/sheets/{$id}/outlook"), 'pictures.0.questions'));

        // What is shown is shortened, what is taken away is whole.
        $inside = $this->call('GET', "/api/sheets/{$id}/handover/gift:pictures-inside");
        self::assertStringContainsString(';base64,'.substr(base64_encode(Pictures::dot()), 0, 24).'…"', self::textAt($inside, 'blocks.0.text'));
        $this->browser->request('GET', "/api/sheets/{$id}/file/gift:pictures-inside");
        $file = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('"data:image/png;base64,'.base64_encode(Pictures::dot()).'"', $file);
        self::assertSame(\strlen($file), self::at($inside, 'fileSize'));
        $zip = $this->call('GET', "/api/sheets/{$id}/handover/gift:pictures-zip");
        self::assertSame(['Test (GIFT).zip', false], [self::at($zip, 'fileName'), self::at($zip, 'isText')]);
        $this->browser->request('GET', "/api/sheets/{$id}/file/gift:pictures-zip");
        self::assertSame('application/zip', $this->browser->getResponse()->headers->get('Content-Type'));
    }

    public function testOnlyWhatIsNotInTheTextIsRemovedAndItComesBack(): void
    {
        $id = $this->createSheet("What is <img src=\"hive.png\" alt=\"x\">? {=A ~B ~C}\n", 'gift');
        $codes = fn () => array_column((array) self::at($this->call('GET', "/api/sheets/{$id}"), 'reading.bodies.0.findings'), 'code');
        $state = function () use ($id): mixed {
            foreach ((array) self::at($this->call('GET', '/api/shelf'), 'sheets') as $sheet) {
                if (self::at($sheet, 'id') === $id) {
                    return self::at($sheet, 'states');
                }
            }
            self::fail('It is on the shelf.');
        };
        self::assertSame([['craft.picture-missing'], 'd'], [$codes(), $state()]);
        $this->add($id, 'hive.png', Pictures::dot());
        self::assertSame([[], 's'], [$codes(), $state()], 'It was missed, and is there now.');
        $this->add($id, 'again.png', Pictures::dot());
        $this->add($id, 'hive.png', Pictures::dot().'other');
        self::assertSame(['hive.png', 'hive-2.png'], array_column((array) self::at($this->call('GET', "/api/sheets/{$id}"), 'pictures'), 'name'));

        $refusal = $this->call('PATCH', "/api/sheets/{$id}/pictures/1", ['isRemoved' => true]);
        $this->assertStatus(422);
        self::assertSame('This picture still stands in the text. Remove it there first.', self::at($refusal, 'message'));
        $this->call('PATCH', "/api/sheets/{$id}/pictures/2", ['isRemoved' => true]);
        $this->assertStatus(200);
        self::assertCount(1, (array) self::at($this->call('GET', "/api/sheets/{$id}"), 'pictures'));
        $this->call('PATCH', "/api/sheets/{$id}/pictures/2", ['isRemoved' => false]);
        self::assertCount(2, (array) self::at($this->call('GET', "/api/sheets/{$id}"), 'pictures'));
        $this->call('PATCH', "/api/sheets/{$id}/pictures/3", ['isRemoved' => true]);
        $this->assertStatus(404);
    }

    public function testWhatCannotBePutInIsRefusedWithASentence(): void
    {
        $id = $this->createSheet("[plain]One? {T}\n", 'gift');
        $aiken = $this->createSheet("What?\nA. a\nB. b\nANSWER: A\n", 'aiken');
        foreach ([
            [$id, 'map.svg', '<svg xmlns="http://www.w3.org/2000/svg"/>', '“map.svg” is an SVG drawing, which can hold scripts. Save it as PNG and put that in.'],
            [$id, 'notes.png', 'no picture', '“notes.png” is not a picture that can be shown here. PNG, JPEG, GIF and WebP can.'],
            [$id, 'poster.png', Pictures::claiming(10_000, 10_000), '“poster.png” has 10,000 × 10,000 dots, more than 50 million. Make it smaller first.'],
            [$id, 'photo.png', str_pad(Pictures::dot(), 50_000_000, "\0"), '“photo.png” is larger than 5 MB, the most that a picture may have. Make it smaller first: pupils wait for every megabyte.'],
            [$aiken, 'dot.png', Pictures::dot(), 'Aiken has no place for a picture. Go on in GIFT or Gram under Names & points, or describe in words what is to be seen.'],
        ] as [$sheet, $name, $bytes, $sentence]) {
            self::assertSame($sentence, self::at($this->add($sheet, $name, $bytes), 'message'));
        }
        self::assertSame([], self::at($this->call('GET', "/api/sheets/{$id}"), 'pictures'));

        $this->add($id, 'dot.png', Pictures::dot());
        $hash = self::at($this->call('GET', "/api/sheets/{$id}"), 'reading.hash');
        foreach ([[['offset' => 9], 422, 'This question is marked as plain text'], [['offset' => 900], 422, 'These edits do not fit'], [['offset' => 9, 'base' => 'x'], 409, 'The text has changed'], [['offset' => 9, 'description' => str_repeat('x', 1_001)], 422, 'Say in at most 1,000 characters']] as [$request, $status, $sentence]) {
            self::assertStringStartsWith($sentence, self::textAt($this->call('POST', "/api/sheets/{$id}/pictures/1/entry", $request + ['base' => $hash]), 'message'));
            $this->assertStatus($status);
        }
    }

    public function testSheetsThatAreJoinedKeepTheirPictures(): void
    {
        $text = static fn (string $name) => "What is <img src=\"{$name}\" alt=\"x\">? {=A ~B ~C}\n";
        [$hive, $skep, $same, $other] = array_map(function (array $picture) use ($text): string {
            $id = $this->createSheet($text($picture[0]), 'gift');
            $this->add($id, $picture[0], Pictures::dot().$picture[1]);

            return $id;
        }, [['hive.png', ''], ['skep.png', '1'], ['hive.png', ''], ['hive.png', '2']]);
        $joined = self::textAt($this->call('POST', '/api/gathered', ['title' => 'All', 'from' => array_map(static fn ($id) => ['sheet' => $id], [$hive, $skep, $same])]), 'id');
        self::assertSame(['hive.png', 'skep.png'], array_column((array) self::at($this->call('GET', "/api/sheets/{$joined}"), 'pictures'), 'name'));
        $this->browser->request('GET', "/api/sheets/{$joined}/pictures/2");
        self::assertSame(Pictures::dot().'1', $this->browser->getResponse()->getContent());

        $refusal = $this->call('POST', '/api/gathered', ['title' => 'All', 'from' => [['sheet' => $hive], ['sheet' => $skep], ['sheet' => $other]]]);
        $this->assertStatus(422);
        self::assertStringStartsWith('Pictures of “Test” and “Test (4)” could not be told apart', self::textAt($refusal, 'message'));
    }
}
