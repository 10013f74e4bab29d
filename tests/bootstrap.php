<?php

/** Prepares one database with the demo in it; each app test works on it and is rolled back. */

declare(strict_types=1);

use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\Process\Process;

$root = dirname(__DIR__);

require $root . '/vendor/autoload.php';

(new Dotenv())->bootEnv($root . '/.env', 'test');

$sources = [
    ...glob($root . '/migrations/*.php') ?: [],
    ...glob($root . '/demo/*/*') ?: [],
    ...glob($root . '/src/Demo/*.php') ?: [],
    ...glob($root . '/src/Entity/*.php') ?: [],
];
// Two runs may begin at once: the browser tests run beside the others.
$turn = fopen(sys_get_temp_dir() . '/bright-cupboard-' . sha1($root) . '.lock', 'c')
    ?: throw new RuntimeException('The lock of the test database cannot be opened.');
flock($turn, \LOCK_EX);
$stamp = sha1(implode('', array_map(sha1_file(...), $sources)));
if (!is_file($root . '/var/test.db') || @file_get_contents($root . '/var/test.stamp') !== $stamp) {
    array_map(unlink(...), glob($root . '/var/test.db*') ?: []);
    foreach ([['doctrine:migrations:migrate', '--no-interaction'], ['app:demo']] as $command) {
        (new Process(['php', 'bin/console', ...$command], $root, ['APP_ENV' => 'test']))->setTimeout(120)->mustRun();
    }
    file_put_contents($root . '/var/test.stamp', $stamp);
}
flock($turn, \LOCK_UN);
