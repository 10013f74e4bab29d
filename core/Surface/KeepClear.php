<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Measure\Length;

/** A stretch of the ledge that must stay usable, measured from its left end, and why. */
final readonly class KeepClear
{
    public function __construct(public Length $from, public Length $to, public string $reason)
    {
        if ($to->tenths() <= $from->tenths()) {
            throw InvalidSpot::keepClear();
        }
    }

    /**
     * What is left between the stretches at both ends, in tenths of a millimetre from the left end.
     *
     * @param list<self> $keepClear
     *
     * @return array{int, int} the whole where all of it stays clear
     */
    public static function between(int $width, array $keepClear): array
    {
        usort($keepClear, static fn(self $a, self $b): int => $a->from->tenths() <=> $b->from->tenths());
        [$from, $to] = [0, $width];
        foreach ($keepClear as $zone) {
            $from = $zone->from->tenths() <= $from ? max($from, $zone->to->tenths()) : $from;
        }
        usort($keepClear, static fn(self $a, self $b): int => $b->to->tenths() <=> $a->to->tenths());
        foreach ($keepClear as $zone) {
            $to = $zone->to->tenths() >= $to ? min($to, $zone->from->tenths()) : $to;
        }

        return $from < $to ? [$from, $to] : [0, $width];
    }
}
