<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\MisreadText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MisreadTextTest extends TestCase
{
    private const SENTENCES = ['Où est l’abeille, déjà rentrée à l’été ?', 'Wie heißt die Königin der süßen Äpfel?', '¿Qué hace el zángano mañana?', 'Který včelař žije v údolí?', 'Która pszczoła leci na łąkę?', 'Пчела летит на луг за мёдом.', 'Η μέλισσα πετά στο λιβάδι.', 'Bees “dance” – at 35 °C … for 3 € each.'];

    /** @return iterable<string, array{string, string, int}> a sentence, Python's name of the encoding it is read in, how often */
    public static function misreadings(): iterable
    {
        foreach (self::SENTENCES as $sentence) {
            foreach (['cp1252', 'mac_roman', 'cp1251'] as $encoding) {
                yield "{$encoding}: {$sentence}" => [$sentence, $encoding, 1];
            }
            yield "cp1252 twice: {$sentence}" => [$sentence, 'cp1252', 2];
        }
    }

    /** Python reads the sentence wrongly; what comes back must be the sentence. */
    #[DataProvider('misreadings')]
    public function testWhatWasReadWronglyIsReadRightAgain(string $sentence, string $encoding, int $times): void
    {
        // Bytes that the encoding lacks become control characters, as browsers and word processors have it.
        $python = <<<'PY'
            import codecs, sys
            codecs.register_error('c1', lambda e: (''.join(chr(b) for b in e.object[e.start:e.end]), e.end))
            text = sys.argv[1]
            for _ in range(int(sys.argv[3])):
                text = text.encode('utf-8').decode(sys.argv[2], 'c1')
            sys.stdout.buffer.write(text.encode('utf-8'))
            PY;
        $misread = (string) shell_exec('python3 -c '.escapeshellarg($python).' '.escapeshellarg($sentence).' '.escapeshellarg($encoding).' '.$times);
        self::assertNotSame($sentence, $misread);
        $repaired = $misread;
        foreach (array_reverse(MisreadText::repairs($misread), true) as $offset => [$wrong, $right]) {
            $repaired = substr_replace($repaired, $right, $offset, \strlen($wrong));
        }

        self::assertSame($sentence, $repaired);
    }

    /** @return iterable<string, array{string}> sound texts of many languages, from uchardet's and Go's test data */
    public static function soundTexts(): iterable
    {
        foreach ([...self::files(__DIR__.'/../../../var/uchardet-0.0.7/test/*/utf-8.txt'), ...self::files('/usr/share/gocode/src/golang.org/x/text/encoding/testdata/*-utf-8.txt')] as $path) {
            yield basename(\dirname($path)).'/'.basename($path) => [(string) file_get_contents($path)];
        }
        foreach (['“IRMÔ', 'CAFÉ : oui', '„SPASS“', '„Ä“ und „Å“', '√π', '2√2', 'ÄÖÜ', 'DÉJÀ VU…', 'Ñ°', '«Là»', 'αβγ', 'Это «пчела»', 'naïve Åse Øl', '20 °C ± 3 µm'] as $text) {
            yield $text => [$text];
        }
    }

    #[DataProvider('soundTexts')]
    public function testSoundTextIsLeftAlone(string $text): void
    {
        self::assertSame([], MisreadText::repairs($text));
    }

    /** @return list<string> */
    private static function files(string $pattern): array
    {
        $files = glob($pattern);

        return false === $files ? [] : $files;
    }
}
