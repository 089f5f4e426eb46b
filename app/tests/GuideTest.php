<?php

declare(strict_types=1);

namespace App\Tests;

use Masterminds\HTML5;

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
        foreach (['/guide', '/guide/1-bring-in', '/guide/6-hand-over', '/guide/findings', '/guide/pictures/shelf.png'] as $expected) {
            self::assertArrayHasKey($expected, $seen);
        }
    }

    public function testNothingElseIsServed(): void
    {
        foreach (['/guide/nothing', '/guide/README', '/guide/pictures/nothing.png', '/guide/..%2FREADME', '/guide/decisions', '/guide/pictures/..%2F..%2Fshelf.png'] as $address) {
            $this->browser->request('GET', $address);
            self::assertSame('/guide/README' === $address ? 200 : 404, $this->browser->getResponse()->getStatusCode(), $address);
        }
    }
}
