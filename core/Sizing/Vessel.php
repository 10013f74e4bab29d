<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;

/** The inside of a vessel: a box, a cylinder, a frustum or a bowl (a cap of a sphere). */
final readonly class Vessel
{
    private const CUBIC_TENTHS_PER_LITRE = 1e9;

    private function __construct(public string $shape, public float $height, public float $opening, public float $foot, private float $deep) {}

    /** @return list<Ask> */
    public static function asks(): array
    {
        return [
            Ask::choice('vessel', ['cylinder', 'frustum', 'bowl', 'box'])->ofThePlace(),
            Ask::length('vesselHeight', 10, 120)->ofThePlace(),
            Ask::length('opening', 6, 120)->ofThePlace(),
            Ask::length('foot', 4, 120)->when('vessel', 'frustum')->ofThePlace(),
            Ask::length('vesselDepth', 6, 120)->when('vessel', 'box')->ofThePlace(),
        ];
    }

    public static function of(Given $given): self
    {
        $vessel = new self(
            $given->choice('vessel'),
            (float) $given->tenths('vesselHeight'),
            (float) $given->tenths('opening'),
            $given->is('vessel', 'frustum') ? (float) $given->tenths('foot') : (float) $given->tenths('opening'),
            $given->is('vessel', 'box') ? (float) $given->tenths('vesselDepth') : 0.0,
        );

        return 'bowl' === $vessel->shape && $vessel->height > $vessel->opening
            ? throw InvalidSum::at('vesselHeight', 'no bowl', ['height' => $given->length('vesselHeight'), 'opening' => $given->length('opening')])
            : $vessel;
    }

    /**
     * Litres between two heights over its floor, in tenths of a millimetre. The cross-section of each shape is at most
     * quadratic in its height, so Simpson's rule is exact.
     */
    public function litres(float $from, float $to): float
    {
        return max(0.0, $to - $from) / 6 * ($this->section($from) + 4 * $this->section(($from + $to) / 2) + $this->section($to)) / self::CUBIC_TENTHS_PER_LITRE;
    }

    /** Area of its mouth in square inches. */
    public function mouth(): float
    {
        return $this->section($this->height) / Length::TENTHS_PER_INCH ** 2;
    }

    /** Half its width at a height, as it is seen from the front. */
    public function half(float $at): float
    {
        return match ($this->shape) {
            'frustum' => ($this->foot + ($this->opening - $this->foot) * $at / $this->height) / 2,
            'bowl' => sqrt(max(0.0, $this->cap($at))),
            default => $this->opening / 2,
        };
    }

    private function section(float $at): float
    {
        return 'box' === $this->shape ? $this->opening * $this->deep : \M_PI * $this->half($at) ** 2;
    }

    /** Square of the radius of the bowl at a height: 2Ry − y², with R of the sphere from rim and depth. */
    private function cap(float $at): float
    {
        $radius = (($this->opening / 2) ** 2 + $this->height ** 2) / (2 * $this->height);

        return 2 * $radius * $at - $at ** 2;
    }

    /** @return list<array{float, float}> its outline with the mouth at the top, its middle at 0, its floor at 0 upwards negative */
    public function outline(float $from, float $to): array
    {
        $left = $right = [];
        for ($i = 0; $i <= 16; ++$i) {
            $at = $from + ($to - $from) * $i / 16;
            $right[] = [$this->half($at), -$at];
            $left[] = [-$this->half($at), -$at];
        }

        return [...$left, ...array_reverse($right)];
    }
}
