<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

/** Finds totes for all that goes to rest. The same job always gives the same totes, so what was found may be remembered. */
interface Packing
{
    /** @return array<string, array<string, int>> units by id of the piece and of the tote; fewer than asked for where there is no room */
    public function totesFor(PackingJob $job): array;
}
