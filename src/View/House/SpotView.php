<?php

declare(strict_types=1);

namespace App\View\House;

use App\Entity\Spot;
use BrightCupboard\Core\Coach\KeepClear;
use BrightCupboard\Core\Coach\SeenFrom;
use BrightCupboard\Core\Coach\SpotHazard;
use BrightCupboard\Core\Coach\SpotKind;

/** Lengths in tenths of a millimetre. */
final readonly class SpotView
{
    /**
     * @param list<KeepClearView> $keepClear
     * @param list<SpotHazard>    $hazards
     */
    private function __construct(
        public string $id,
        public string $room,
        public string $name,
        public SpotKind $kind,
        public int $width,
        public int $depth,
        public int $ledgeHeight,
        public ?int $clearHeight,
        public SeenFrom $seenFrom,
        public array $keepClear,
        public string $wall,
        public array $hazards,
        public int $focalRank,
        public int $version,
    ) {}

    public static function of(Spot $spot): self
    {
        $m = $spot->measures();

        return new self(
            $spot->id(),
            $spot->room()->id(),
            $m->name,
            $m->kind,
            $m->width->tenths(),
            $m->depth->tenths(),
            $m->ledgeHeight->tenths(),
            $m->clearHeight?->tenths(),
            $m->seenFrom,
            array_map(static fn(KeepClear $zone): KeepClearView => new KeepClearView($zone->from->tenths(), $zone->to->tenths(), $zone->reason), $m->keepClear),
            $m->wall->hex(),
            $m->hazards,
            $spot->focalRank(),
            $spot->version(),
        );
    }
}
