<?php

declare(strict_types=1);

namespace App\Sqlite;

/** A copy of the database that does not count; the message says why, to whoever runs the command. */
final class UnsoundCopy extends \RuntimeException {}
