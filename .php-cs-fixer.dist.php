<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()->in([__DIR__ . '/core', __DIR__ . '/src', __DIR__ . '/tests', __DIR__ . '/migrations', __DIR__ . '/config', __DIR__ . '/public'])
    ->notPath('reference.php'); // written by the framework

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@PER-CS3x0' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'strict_param' => true,
    ])
    ->setFinder($finder);
