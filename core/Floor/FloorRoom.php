<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/** The floor of a room, a rectangle, with what is in its walls. */
final readonly class FloorRoom
{
    private const LEAST = 36 * Length::TENTHS_PER_INCH;
    private const MOST = 1200 * Length::TENTHS_PER_INCH;

    /**
     * @param list<Opening> $openings
     *
     * @throws InvalidFloor when a side is under 3 ft or over 100 ft, or something reaches past its wall
     */
    public function __construct(public Length $width, public Length $depth, public array $openings = [])
    {
        foreach (['width' => $width, 'depth' => $depth] as $side => $length) {
            if ($length->tenths() < self::LEAST || $length->tenths() > self::MOST) {
                throw InvalidFloor::room($side);
            }
        }
        foreach ($openings as $opening) {
            $wall = Wall::Far === $opening->wall || Wall::Near === $opening->wall ? $width : $depth;
            if ($opening->from->tenths() + $opening->width->tenths() > $wall->tenths()) {
                throw InvalidFloor::opening($opening->kind->value);
            }
        }
    }

    public function box(): Box
    {
        return new Box(0, 0, $this->width->tenths(), $this->depth->tenths());
    }

    /** @return list<Opening> */
    public function all(OpeningKind $kind): array
    {
        return array_values(array_filter($this->openings, static fn(Opening $one): bool => $one->kind === $kind));
    }
}
