<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/core', __DIR__.'/app', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/config', __DIR__.'/tests'])
    ->append([__DIR__.'/bootstrap/app.php', __DIR__.'/bootstrap/providers.php', __DIR__.'/bin/hawk', __FILE__]);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'ordered_imports' => true,
        'no_unused_imports' => true,
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true],
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'concat_space' => ['spacing' => 'none'],
        'not_operator_with_successor_space' => true,
        'blank_line_before_statement' => ['statements' => ['return']],
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'statement_indentation' => true,
        'phpdoc_trim' => true,
    ])
    ->setFinder($finder);
