<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover;

use Notagram\Check\Markup\Pictures as ShownPictures;
use Notagram\Handover\HandedOver;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Handover\TitledTarget;
use Notagram\Message\Sentences;
use Notagram\Notation\Loss;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\EachText;
use Notagram\Question\FormattedText;
use Notagram\Source\SourceText;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PicturesTest extends TestCase
{
    private const GIFT = <<<'GIFT'
        What is this? <img src\="hive.png" alt\="A box {
          =<img src\="smoker.png" alt\="">A hive
          ~A smoker # No\: see <img src\="smoker.png" alt\="Lit">.
        }

        [markdown]What is ![a *hive*](hive.png)? {T}

        [plain]What is <img src="hive.png">? {F}
        GIFT;

    private static function handedOver(string $target, string $text, string $notation = 'gift'): HandedOver
    {
        return (Targets::standard()->find($target) ?? self::fail($target))->write(self::read($text, $notation), Pictures::kept('hive.png', 'smoker.png', 'unused.png'));
    }

    private static function read(string $text, string $notation): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? self::fail($notation));
    }

    /** @return list<string> the sources of all pictures that the questions show */
    private static function shown(string $text, string $notation): array
    {
        $sources = [];
        foreach (self::read($text, $notation)->blocks as $placed) {
            if (null === $placed->reading->question) {
                continue;
            }
            EachText::replaced($placed->reading->question, static function (FormattedText $text) use (&$sources): FormattedText {
                foreach (ShownPictures::in($text) as $picture) {
                    $sources[] = $picture->source;
                }

                return $text;
            });
        }
        sort($sources);

        return $sources;
    }

    /** @return list<string> */
    private static function losses(HandedOver $handedOver): array
    {
        $sentences = Sentences::english();

        return array_merge(...array_map(static fn ($block) => array_map(static fn (Loss $loss) => "{$block->placed->number}: ".$sentences->of($loss->message), $block->losses), $handedOver->blocks));
    }

    /** @return iterable<string, array{string, string}> */
    public static function sheets(): iterable
    {
        $gift = strtr(self::GIFT, ['A box {' => 'A box"> {']);
        yield 'GIFT' => ['gift', $gift];
        yield 'Gram' => ['gram', "What is ![a box](hive.png)?\n= ![](smoker.png) A hive\n~ A smoker\n# No: see ![Lit](smoker.png).\n\nIs this ![a *hive*](hive.png)?\n{T}"];
        yield 'a document' => ['starred', "1. What is [picture 1: a box]?\n*A) [picture 2] A hive\nB) A smoker\n\n2. Is [picture 1] *bold*?\n*A) True\nB) False"];
    }

    #[DataProvider('sheets')]
    public function testInsideTheTextEachPictureIsItsOwnAddress(string $notation, string $text): void
    {
        $own = 'data:image/png;base64,'.base64_encode(Pictures::dot());
        foreach (['gift', 'gram'] as $target) {
            $written = self::handedOver("{$target}:pictures-inside", $text, $notation)->bytes();
            $shown = self::shown($written, $target);
            self::assertSame([$own], array_values(array_unique($shown)), $written);
            self::assertGreaterThanOrEqual(3, \count($shown));
        }
    }

    #[DataProvider('sheets')]
    public function testAnArchiveHoldsTheTextAndThePicturesThatItShows(string $notation, string $text): void
    {
        foreach (['gift' => 'questions.txt', 'gram' => 'questions.gram'] as $target => $name) {
            $bytes = self::handedOver("{$target}:pictures-zip", $text, $notation)->bytes();
            self::assertSame($bytes, self::handedOver("{$target}:pictures-zip", $text, $notation)->bytes());
            $file = (string) tempnam(sys_get_temp_dir(), 'zip');
            file_put_contents($file, $bytes);
            $zip = new \ZipArchive();
            $zip->open($file);
            self::assertCount(3, $zip);
            self::assertSame(Pictures::dot(), $zip->getFromName('hive.png'));
            self::assertSame(Pictures::dot(), $zip->getFromName('smoker.png'));
            self::assertSame(['hive.png', 'smoker.png'], array_values(array_unique(self::shown((string) $zip->getFromName($name), $target))));
            unlink($file);
        }
    }

    public function testWhatStaysIsSaidByName(): void
    {
        $text = strtr(self::GIFT, ['A box {' => 'A box"> {']);
        $stays = static fn (int $number, string $name) => "{$number}: The picture “{$name}” stays here";
        $losses = self::losses(self::handedOver('gift', $text));
        self::assertCount(4, $losses);
        foreach ([$stays(1, 'hive.png'), $stays(1, 'smoker.png'), $stays(2, 'hive.png'), $stays(3, 'hive.png')] as $index => $beginning) {
            self::assertStringStartsWith($beginning, $losses[$index]);
        }
        foreach (['gift:pictures-inside', 'gift:pictures-zip'] as $target) {
            self::assertSame(['3: The picture “hive.png” is not shown: the text around it is plain text, or no browser can show it.'], self::losses(self::handedOver($target, $text)));
        }
        $aiken = array_filter(self::losses(self::handedOver('aiken', $text)), static fn (string $loss) => str_contains($loss, 'no place'));
        self::assertStringStartsWith($stays(1, 'hive.png'), array_values($aiken)[0]);
        self::assertNull(Targets::standard()->find('aiken:pictures-inside'));
        self::assertNull(Targets::standard()->find('gift:pictures-outside'));
    }

    public function testTheTextIsTheSameWherePicturesStay(): void
    {
        // A paper and a package take them along in any case.
        foreach (array_filter(Targets::standard()->all, static fn (Target $target) => !$target instanceof TitledTarget) as $target) {
            $read = self::read("What is <img src=\"hive.png\" alt=\"x\">? {=A ~B}\n", 'gift');
            self::assertSame($target->write($read)->bytes(), $target->write($read, Pictures::kept('hive.png'))->bytes());
        }
    }
}
