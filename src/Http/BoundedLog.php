<?php

declare(strict_types=1);

namespace App\Http;

use Monolog\Handler\RotatingFileHandler;
use Monolog\LogRecord;

/** A file a day, ten of them, none larger than it may be: a flood of errors does not fill the disk. */
final class BoundedLog extends RotatingFileHandler
{
    private const MOST_BYTES = 5_000_000;
    private const FILES = 10;

    public function __construct(string $file)
    {
        parent::__construct($file, self::FILES, 'info');
    }

    protected function write(LogRecord $record): void
    {
        clearstatcache(true, (string) $this->url);
        if (!is_file((string) $this->url) || filesize((string) $this->url) < self::MOST_BYTES) {
            parent::write($record);
        }
    }
}
