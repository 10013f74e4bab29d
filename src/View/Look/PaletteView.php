<?php

declare(strict_types=1);

namespace App\View\Look;

/** A palette file as it was read. */
final readonly class PaletteView
{
    /** @param list<NamedColourView> $colours */
    public function __construct(public string $name, public array $colours) {}
}
