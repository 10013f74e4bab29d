<?php

declare(strict_types=1);

namespace App\Look;

/** A palette file as it was read. */
final readonly class PaletteAnswer
{
    /** @param list<NamedColourAnswer> $colours */
    public function __construct(public string $name, public array $colours) {}
}
