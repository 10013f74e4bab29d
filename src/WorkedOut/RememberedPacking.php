<?php

declare(strict_types=1);

namespace App\WorkedOut;

use BrightCupboard\Core\Storage\FreshPacking;
use BrightCupboard\Core\Storage\Packing;
use BrightCupboard\Core\Storage\PackingJob;

/** Packs anew only what has to be packed otherwise than the last time: laying out hundreds of totes takes most of reading a day. */
final readonly class RememberedPacking implements Packing
{
    public function __construct(private WorkedOut $workedOut, private string $swap) {}

    public function totesFor(PackingJob $job): array
    {
        return $this->workedOut->get('packing ' . $this->swap, $job, static fn(): array => (new FreshPacking())->totesFor($job));
    }
}
