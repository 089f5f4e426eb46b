<?php

declare(strict_types=1);

namespace Notagram\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Dependencies of the core point one way; the static analysis enforces it. */
final class Architecture
{
    /** Each layer with those it may know of, besides itself. */
    private const LAYERS = [
        'Message' => [],
        'Source' => ['Message'],
        'Finding' => ['Message', 'Source'],
        'Question' => ['Message', 'Source'],
        'Notation' => ['Message', 'Source', 'Finding', 'Question'],
        'Marking' => ['Message', 'Source', 'Finding', 'Question'],
        'Check' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking'],
        'Proof' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking'],
        'Intake' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking'],
        'Editing' => ['Message', 'Source', 'Finding', 'Question', 'Notation'],
        'Gathering' => ['Message', 'Source', 'Question', 'Notation', 'Handover'],
        'Writing' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking'],
        'Handover' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking', 'Check', 'Proof'],
        'Draft' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking', 'Check', 'Intake', 'Proof', 'Handover'],
        'Rehearsal' => ['Message', 'Source', 'Finding', 'Question', 'Notation', 'Marking', 'Proof', 'Handover', 'Intake'],
    ];

    /** @return iterable<Rule> */
    #[TestRule]
    public function layersPointOneWay(): iterable
    {
        foreach (self::LAYERS as $layer => $known) {
            $unknown = array_diff(array_keys(self::LAYERS), $known, [$layer]);
            if ([] !== $unknown) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("Notagram\\{$layer}"))
                    ->shouldNot()->dependOn()
                    ->classes(...array_map(static fn (string $name) => Selector::inNamespace("Notagram\\{$name}"), array_values($unknown)))
                    ->because("{$layer} may know ".([] === $known ? 'nothing else' : implode(', ', $known)));
            }
        }
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function noNotationKnowsAnother(): iterable
    {
        $notations = ['Gift', 'Aiken', 'Starred', 'Gram'];
        foreach ($notations as $notation) {
            yield PHPat::rule()
                ->classes(Selector::inNamespace("Notagram\\Notation\\{$notation}"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn (string $other) => Selector::inNamespace("Notagram\\Notation\\{$other}"), array_values(array_diff($notations, [$notation]))))
                ->because('What notations share stands beside them.');
        }
    }

    #[TestRule]
    public function noReceiverKnowsANotation(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Notagram\Rehearsal\Receiver'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Notagram\Notation'))
            ->because('What a receiver holds is compared with what the notations understood.');
    }

    #[TestRule]
    public function nothingKnowsAFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Notagram'))
            ->excluding(Selector::inNamespace('Notagram\Tests'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Symfony\Component\HttpFoundation'), Selector::inNamespace('Symfony\Component\Console'), Selector::inNamespace('Doctrine'));
    }
}
