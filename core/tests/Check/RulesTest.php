<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\Rules;
use Notagram\Check\SheetWishes;
use Notagram\Notation\ReadSheet;
use Notagram\Tests\Fixture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule that is listed fires in the fixture of its name. */
final class RulesTest extends TestCase
{
    /** Not of what stands in a text but of its bytes, or of what a person wishes; their own tests speak of them. */
    private const NOT_OF_TEXT = ['text.not-utf8', 'text.undecodable', 'text.bom', 'text.mixed-line-endings', 'sheet.empty', 'sheet.count-differs', 'marking.points-total'];

    /** @return iterable<string, array{string}> */
    public static function codes(): iterable
    {
        foreach (Rules::all() as $rule) {
            $constants = (new \ReflectionClass($rule))->getConstants();
            $codes = $constants['CODES'] ?? [$constants['CODE'] ?? null];
            self::assertIsArray($codes);
            foreach ($codes as $code) {
                self::assertIsString($code, $rule::class.' names its code.');
                if (!\in_array($code, self::NOT_OF_TEXT, true)) {
                    yield $code => [$code];
                }
            }
        }
    }

    #[DataProvider('codes')]
    public function testARuleFiresInTheFixtureOfItsName(string $code): void
    {
        $fixture = Fixture::all()[str_replace('.', '/', $code)] ?? null;
        self::assertNotNull($fixture, "There is no fixture {$code}.");
        $checked = (new Checker())->check(ReadSheet::of($fixture->source(), $fixture->notation()), new SheetWishes());
        $codes = array_map(static fn ($placed) => $placed->finding->code, $checked->findings());
        self::assertContains($code, $codes);
    }
}
