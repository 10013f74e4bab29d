<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** One haul line as the purse sees it. */
final readonly class PurseLine
{
    public function __construct(
        public string $id,
        public string $name,
        public Money $price,
        public LineState $state,
        public Tender $tender,
    ) {}
}
