<?php

declare(strict_types=1);

namespace App\Look;

/** A colour with its plain name and its share in percent. */
final readonly class FoundColourAnswer
{
    public function __construct(public string $hex, public string $name, public int $percent) {}
}
