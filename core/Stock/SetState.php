<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** A set with the units that are at hand; what is lost, lent or gone is missing. */
final readonly class SetState
{
    /** @param list<string> $pieces ids */
    public function __construct(public string $name, public int $of, public int $have, public array $pieces) {}

    public function missing(): int
    {
        return max(0, $this->of - $this->have);
    }
}
