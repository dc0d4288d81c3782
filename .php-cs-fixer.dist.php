<?php

declare(strict_types=1);

$finder = (new PhpCsFixer\Finder())
    ->in([__DIR__.'/core', __DIR__.'/app'])
    ->notPath('catalogue/font-metrics.php')
    ->append([__FILE__]);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/.php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'ordered_imports' => true,
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'vertical'],
        'single_line_throw' => false,
        'concat_space' => ['spacing' => 'none'],
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced'],
    ])
    ->setFinder($finder);
