<?php

declare(strict_types=1);

namespace App\Tests;

use Masterminds\HTML5;
use Notagram\Check\Checker;
use Notagram\Finding\Level;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\QuestionType;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;

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
        foreach (['/guide', '/guide/1-bring-in', '/guide/9-hand-over', '/guide/14-starred-list', '/guide/findings', '/guide/pictures/shelf.png'] as $expected) {
            self::assertArrayHasKey($expected, $seen);
        }
    }

    /** @return iterable<string, array{string, list<QuestionType>}> the page of a notation, and what it cannot hold */
    public static function pagesOfNotations(): iterable
    {
        $only = static fn (QuestionType ...$held) => array_values(array_filter(QuestionType::cases(), static fn (QuestionType $type) => !\in_array($type, $held, true)));
        yield 'gram' => ['11-gram', []];
        yield 'gift' => ['12-gift', []];
        yield 'aiken' => ['13-aiken', $only(QuestionType::Choice)];
        yield 'starred' => ['14-starred-list', [QuestionType::Numeric]];
    }

    /**
     * Whoever keeps a page beside the work can rely on each of its examples.
     *
     * @param list<QuestionType> $without
     */
    #[DataProvider('pagesOfNotations')]
    public function testEveryExampleOfANotationIsReadWithoutAFault(string $page, array $without): void
    {
        $notation = Notations::find((string) $this->dataName()) ?? throw new \LogicException();
        preg_match_all('/^```\n(.*?)^```$/ms', (string) file_get_contents(__DIR__."/../../docs/guide/{$page}.md"), $examples);
        $types = [];
        foreach ($examples[1] as $example) {
            $read = ReadSheet::of(SourceText::fromUtf8($example), $notation);
            foreach ((new Checker())->check($read)->findings() as $placed) {
                self::assertNotContains($placed->finding->level, [Level::Fault, Level::Doubt], "{$placed->finding->code} in {$example}");
            }
            // A gap in Gram is one in GIFT as well.
            if ('gram' !== $notation->id()) {
                self::assertSame($notation->id(), Notations::detect($example)->id(), "Pasted, this is taken for something else: {$example}");
            }
            foreach ($read->blocks as $placed) {
                $types[] = $placed->reading->question?->type();
            }
        }
        $missing = array_values(array_filter(QuestionType::cases(), static fn (QuestionType $type) => !\in_array($type, $types, true)));

        self::assertSame($without, $missing, 'Each type that the notation holds has its example.');
    }

    public function testNothingElseIsServed(): void
    {
        foreach (['/guide/nothing', '/guide/README', '/guide/pictures/nothing.png', '/guide/..%2FREADME', '/guide/decisions', '/guide/pictures/..%2F..%2Fshelf.png'] as $address) {
            $this->browser->request('GET', $address);
            self::assertSame('/guide/README' === $address ? 200 : 404, $this->browser->getResponse()->getStatusCode(), $address);
        }
    }
}
