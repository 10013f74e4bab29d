<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Colour\ColourShare;

/** A seasonal side of a piece: the jug turned round, another print over the first, another bow. */
final readonly class Face
{
    /**
     * @param list<Season>      $seasons empty when it suits any
     * @param list<ColourShare> $colours one to five, summing to 100 %
     */
    public function __construct(public string $name, public array $seasons, public array $colours)
    {
        if ('' === trim($name)) {
            throw InvalidStock::unnamedFace();
        }
        ColourShare::complete($colours);
    }
}
