<?php

/** Router of PHP's own server (bin/demo, tests): files as they are, everything else through index.php. */

declare(strict_types=1);

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH);
if ('/' !== $path && !str_contains($path, '..') && is_file(__DIR__ . $path)) {
    if (str_starts_with($path, '/build/assets/')) {
        header('Cache-Control: public, max-age=31536000, immutable');
        $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml'];
        header('Content-Type: ' . ($types[pathinfo($path, \PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
        readfile(__DIR__ . $path);

        return true;
    }

    return false;
}
$_SERVER['SCRIPT_FILENAME'] = __DIR__ . '/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__ . '/index.php';
