<?php

/** Router of the demo under test: as the demo's own, but readings may be made to come late, or to break off before their first word. */

declare(strict_types=1);

$late = (string) getenv('LATE_FILE');
if ('GET' === $_SERVER['REQUEST_METHOD'] && str_starts_with((string) $_SERVER['REQUEST_URI'], '/api/homes/') && is_file($late)) {
    if ('cut' === file_get_contents($late)) {
        header('Content-Type: application/json');

        return true;
    }
    sleep((int) file_get_contents($late));
}

return require dirname(__DIR__, 3) . '/public/router.php';
