<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Storage\Stored;

/**
 * What the content of a tote comes to: packed litres, grams, whether there is something heavy in it and something that breaks.
 *
 * @internal
 */
final readonly class Load
{
    private function __construct(public float $litres = 0.0, public int $grams = 0, public bool $hasHeavy = false, public bool $hasFragile = false) {}

    /** @param list<Stored> $content */
    public static function of(array $content): self
    {
        return array_reduce($content, static fn(self $load, Stored $stored): self => $load->with($stored), new self());
    }

    public function with(Stored $more): self
    {
        return new self(
            $this->litres + Laying::litres($more->piece) * Laying::nested($more->piece, $more->units),
            $this->grams + $more->piece->weight->grams() * $more->units,
            $this->hasHeavy || ToteRules::isHeavy($more->piece),
            $this->hasFragile || ToteRules::isFragile($more->piece),
        );
    }

    public function isHeavyOverFragile(): bool
    {
        return $this->hasHeavy && $this->hasFragile;
    }
}
