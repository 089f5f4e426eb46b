<?php

declare(strict_types=1);

namespace App\Tests;

use Masterminds\HTML5;
use Notagram\Check\Checker;
use Notagram\Finding\Level;
use Notagram\Notation\Gram\Gram;
use Notagram\Notation\ReadSheet;
use Notagram\Question\QuestionType;
use Notagram\Source\SourceText;

/** The guide is there without a network: every page, every picture, every link. */
final class GuideTest extends ApiTestCase
{
    public function testEveryLinkAndPictureOfEveryPageLeadsSomewhere(): void
    {
        $waiting = ['/guide'];
        $seen = [];
        while ([] !== $waiting) {
            $address = (string) preg_replace('/#.*/', '', array_pop($waiting));
            if ('' === $address || isset($seen[$address]) || '/' === $address) {
                continue;
            }
            $seen[$address] = true;
            $this->browser->request('GET', $address);
            $this->assertStatus(200);
            if (str_ends_with($address, '.png')) {
                self::assertSame('image/png', $this->browser->getResponse()->headers->get('Content-Type'));
                continue;
            }
            $document = (new HTML5())->loadHTML((string) $this->browser->getResponse()->getContent());
            $main = $document->getElementsByTagName('main')->item(0);
            self::assertNotNull($main);
            self::assertNotSame('', trim($main->textContent));
            foreach ($document->getElementsByTagName('nav')->item(0)?->getElementsByTagName('a') ?? [] as $link) {
                $waiting[] = $link->getAttribute('href');
            }
            foreach (['a' => 'href', 'img' => 'src'] as $tag => $attribute) {
                foreach ($main->getElementsByTagName($tag) as $element) {
                    $target = $element->getAttribute($attribute);
                    self::assertMatchesRegularExpression('~^(?:/guide|#)~', $target, "{$address} leads out of the guide.");
                    $waiting[] = $target;
                }
            }
        }
        foreach (['/guide', '/guide/1-bring-in', '/guide/8-hand-over', '/guide/10-gram', '/guide/findings', '/guide/pictures/shelf.png'] as $expected) {
            self::assertArrayHasKey($expected, $seen);
        }
    }

    /** Whoever keeps the page beside the work can rely on each of its examples. */
    public function testEveryExampleOfGramIsReadWithoutAFault(): void
    {
        preg_match_all('/^```\n(.*?)^```$/ms', (string) file_get_contents(__DIR__.'/../../docs/guide/10-gram.md'), $examples);
        $types = [];
        foreach ($examples[1] as $example) {
            $read = ReadSheet::of(SourceText::fromUtf8($example), new Gram());
            foreach ((new Checker())->check($read)->findings() as $placed) {
                self::assertNotContains($placed->finding->level, [Level::Fault, Level::Doubt], "{$placed->finding->code} in {$example}");
            }
            foreach ($read->blocks as $placed) {
                $types[] = $placed->reading->question?->type();
            }
        }

        self::assertSame([], array_filter(QuestionType::cases(), static fn (QuestionType $type) => !\in_array($type, $types, true)), 'Each type has its example.');
    }

    public function testNothingElseIsServed(): void
    {
        foreach (['/guide/nothing', '/guide/README', '/guide/pictures/nothing.png', '/guide/..%2FREADME', '/guide/decisions', '/guide/pictures/..%2F..%2Fshelf.png'] as $address) {
            $this->browser->request('GET', $address);
            self::assertSame('/guide/README' === $address ? 200 : 404, $this->browser->getResponse()->getStatusCode(), $address);
        }
    }
}
