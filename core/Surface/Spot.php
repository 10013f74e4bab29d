<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;

/** The measurements of one spot and what is about it. */
final readonly class Spot
{
    /**
     * @param Length           $ledgeHeight from the floor to the surface
     * @param Length|null      $clearHeight from the surface to what hangs above; null when nothing does
     * @param list<KeepClear>  $keepClear
     * @param list<SpotHazard> $hazards
     * @param list<string>     $assumed     measures that are usual of its kind and not taken yet: width, depth, ledgeHeight, clearHeight
     */
    public function __construct(
        public string $id,
        public string $name,
        public SpotKind $kind,
        public Length $width,
        public Length $depth,
        public Length $ledgeHeight,
        public ?Length $clearHeight,
        public SeenFrom $seenFrom,
        public array $keepClear,
        public Srgb $wall,
        public array $hazards,
        public array $assumed = [],
    ) {
        if (0 === $width->tenths() || 0 === $depth->tenths()) {
            throw InvalidSpot::flat($name);
        }
    }

    /** Whether things hang here rather than stand, so that depth does not limit them. */
    public function isHung(): bool
    {
        return \in_array($this->kind, [SpotKind::Door, SpotKind::Wall, SpotKind::StairRail], true);
    }

    public function has(SpotHazard $hazard): bool
    {
        return \in_array($hazard, $this->hazards, true);
    }
}
