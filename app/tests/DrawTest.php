<?php

declare(strict_types=1);

namespace App\Tests;

use App\Command\DrawCommand;
use Notagram\Message\Sentences;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Tester\CommandTester;

/** Draws from the command line. */
final class DrawTest extends TestCase
{
    public function testADrawIsToldWithItsSeedAndItsChances(): void
    {
        $first = $this->draw(['--take' => '5 Winter course/Castes; 3 Winter course/The year', '--format' => 'json']);
        self::assertSame(0, $first->getStatusCode());
        $json = (array) json_decode($first->getDisplay(), true);
        self::assertIsString($json['seed']);
        self::assertSame(['least' => '8', 'most' => '8', 'this' => '8'], $json['points']);
        self::assertSame('4798080', $json['sets']);
        self::assertSame(['5 Winter course/Castes', '3 Winter course/The year', 'all'], array_column((array) $json['chances'], 'take'));
        self::assertSame(['5/18', '3/16', '5/96'], array_column((array) $json['chances'], 'each'));

        $again = $this->draw(['--take' => '5 Winter course/Castes; 3 Winter course/The year', '--format' => 'json', '--seed' => $json['seed']]);
        self::assertSame($first->getDisplay(), $again->getDisplay());
        self::assertStringContainsString('get the same ones in less than 0.001 %.', $this->draw(['--take' => '20 *'])->getDisplay());
    }

    #[TestWith(['60 *', 1, '“60 *” asks for more than there are: 50 questions can be drawn there.'])]
    #[TestWith(['0 *', 2, '“0 *” cannot be read.'])]
    #[TestWith(['', 2, 'Name how many to draw from where'])]
    public function testWhatCannotBeDrawnIsSaid(string $take, int $status, string $sentence): void
    {
        $command = $this->draw(['--take' => $take]);
        self::assertSame($status, $command->getStatusCode());
        self::assertStringContainsString($sentence, $command->getDisplay());
    }

    /** @param array<string, string> $options */
    private function draw(array $options): CommandTester
    {
        $command = new CommandTester(new DrawCommand(Sentences::english()));
        $command->execute(['file' => __DIR__.'/../demo/Winter course.gift.txt', ...$options]);

        return $command;
    }
}
