<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        'declare_strict_types' => true,
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true],
        'native_constant_invocation' => true,
        'concat_space' => ['spacing' => 'none'],
        'phpdoc_align' => ['align' => 'vertical'],
        'phpdoc_to_comment' => false,
        'yoda_style' => false,
        'increment_style' => ['style' => 'pre'],
        'single_line_throw' => false,
        'single_line_empty_body' => false,
        'braces_position' => ['allow_single_line_anonymous_functions' => true, 'allow_single_line_empty_anonymous_classes' => true],
        'global_namespace_import' => false,
    ])
    ->setFinder((new PhpCsFixer\Finder())->in([__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/bench', __DIR__.'/config', __DIR__.'/migrations', __DIR__.'/public'])->notPath('app'));
