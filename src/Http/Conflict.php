<?php

declare(strict_types=1);

namespace App\Http;

/** Somebody else changed the same thing, or what is asked no longer holds; carries how things are now. */
final class Conflict extends \RuntimeException
{
    public function __construct(string $message, public readonly ?object $current = null)
    {
        parent::__construct($message);
    }
}
