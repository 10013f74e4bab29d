<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

/** Packs anew each time it is asked. */
final readonly class FreshPacking implements Packing
{
    public function totesFor(PackingJob $job): array
    {
        $packer = new TotePacker($job->totes, $job->contents, $job->open, $job->outings);
        foreach ($job->pieces as [$piece, $units, $ownTote]) {
            $packer->pack($piece, $units, $ownTote);
        }

        return $packer->regrouped();
    }
}
