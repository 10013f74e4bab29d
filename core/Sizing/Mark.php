<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** One mark of a picture: a line through points, an area round them, a box (x, y, width, height) or a round (middle x, y, half width, half height). */
final readonly class Mark
{
    /**
     * @param 'line'|'area'|'box'|'round' $form
     * @param list<int>                   $at    tenths of a millimetre; y grows downwards
     * @param string|null                 $piece id of the owned piece it shows
     */
    private function __construct(public MarkRole $role, public string $form, public array $at, public ?Said $label = null, public ?string $piece = null) {}

    /** @param list<array{float|int, float|int}> $points */
    public static function line(MarkRole $role, array $points, ?Said $label = null, ?string $piece = null): self
    {
        return new self($role, 'line', self::flat($points), $label, $piece);
    }

    /** @param list<array{float|int, float|int}> $points */
    public static function area(MarkRole $role, array $points, ?Said $label = null, ?string $piece = null): self
    {
        return new self($role, 'area', self::flat($points), $label, $piece);
    }

    public static function box(MarkRole $role, float $x, float $y, float $width, float $height, ?Said $label = null, ?string $piece = null): self
    {
        return new self($role, 'box', [(int) round($x), (int) round($y), (int) round($width), (int) round($height)], $label, $piece);
    }

    public static function round(MarkRole $role, float $x, float $y, float $halfWidth, ?float $halfHeight = null, ?Said $label = null): self
    {
        return new self($role, 'round', [(int) round($x), (int) round($y), (int) round($halfWidth), (int) round($halfHeight ?? $halfWidth)], $label);
    }

    public function shifted(int $right, int $down): self
    {
        $at = $this->at;
        foreach ($at as $i => $value) {
            $isPoint = 'line' === $this->form || 'area' === $this->form || $i < 2;
            $at[$i] = $value + ($isPoint ? (0 === $i % 2 ? $right : $down) : 0);
        }

        return new self($this->role, $this->form, $at, $this->label, $this->piece);
    }

    /** @return list<int> from left to right how far it goes */
    public function xs(): array
    {
        return $this->reach(0);
    }

    /** @return list<int> */
    public function ys(): array
    {
        return $this->reach(1);
    }

    /** @return list<int> */
    private function reach(int $side): array
    {
        return match ($this->form) {
            'box' => [$this->at[$side], $this->at[$side] + $this->at[$side + 2]],
            'round' => [$this->at[$side] - $this->at[$side + 2], $this->at[$side] + $this->at[$side + 2]],
            default => array_values(array_filter($this->at, static fn(int $i): bool => $i % 2 === $side, \ARRAY_FILTER_USE_KEY)),
        };
    }

    /**
     * @param list<array{float|int, float|int}> $points
     *
     * @return list<int>
     */
    private static function flat(array $points): array
    {
        return array_merge(...array_map(static fn(array $point): array => [(int) round($point[0]), (int) round($point[1])], $points));
    }
}
