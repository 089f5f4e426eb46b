<?php

declare(strict_types=1);

namespace App\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The application is thin; the static analysis enforces where its parts may reach. */
final class Architecture
{
    #[TestRule]
    public function viewsAndRequestsKnowNoEntity(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\View'), Selector::inNamespace('App\Request'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Entity'), Selector::inNamespace('App\Repository'), Selector::inNamespace('App\Controller'), Selector::inNamespace('Doctrine'));
    }

    #[TestRule]
    public function controllersAskNoDatabase(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Controller'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Doctrine\DBAL'), Selector::classname('Doctrine\ORM\EntityManagerInterface'));
    }

    #[TestRule]
    public function theCommandLineNeedsNoServer(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Command'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Entity'), Selector::inNamespace('App\Repository'), Selector::inNamespace('App\Reading'), Selector::inNamespace('Doctrine'), Selector::inNamespace('Symfony\Component\HttpKernel'));
    }
}
