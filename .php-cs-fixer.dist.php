<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setParallelConfig(new PhpCsFixer\Runner\Parallel\ParallelConfig(2))
    ->setRiskyAllowed(true)
    ->setRules(['@Symfony' => true, '@Symfony:risky' => true, 'declare_strict_types' => true, 'phpdoc_align' => false, 'phpdoc_to_comment' => false, 'concat_space' => ['spacing' => 'none'], 'single_line_throw' => false, 'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true]])
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder((new PhpCsFixer\Finder())
        ->in([__DIR__.'/core', __DIR__.'/app'])
        ->append([__DIR__.'/bin/notagram', __DIR__.'/bin/fixtures'])
        ->exclude(['vendor', 'var', 'fixtures', 'public/build', 'node_modules'])
        // Symfony writes it anew.
        ->notPath('config/reference.php'));
