<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;

/**
 * Suspects that two pieces are the same thing entered or bought twice: the same name, or the same kind, finish and some material, sides
 * within a tenth of each other and a main colour the eye takes for the same (CIEDE2000 under 8). Own values.
 */
final class Alike
{
    private const SIDES_WITHIN = 0.10;
    private const SAME_COLOUR_BELOW = 8.0;

    private readonly Ciede2000 $difference;
    /** @var array<int, Lab> */
    private array $labs = [];

    public function __construct()
    {
        $this->difference = new Ciede2000();
    }

    /** Why they may be the same, or null. */
    public function reason(Piece $one, Piece $two): ?string
    {
        return match (true) {
            $one->name !== $two->name && Cut::wholeName($one->name) === Cut::wholeName($two->name) => null, // cut from one another, not bought twice
            mb_strtolower(trim($one->name)) === mb_strtolower(trim($two->name)) => 'the same name',
            $one->kind === $two->kind
                && $one->finish === $two->finish
                && $this->sharesMaterial($one, $two)
                && $this->isSameSize($one, $two)
                && $this->isSameColour($one, $two) => 'the same kind, size and colour',
            default => null,
        };
    }

    private function sharesMaterial(Piece $one, Piece $two): bool
    {
        foreach ($one->materials as $material) {
            if (\in_array($material, $two->materials, true)) {
                return true;
            }
        }

        return [] === $one->materials && [] === $two->materials;
    }

    private function isSameSize(Piece $one, Piece $two): bool
    {
        $pairs = [[$one->size->width, $two->size->width], [$one->size->height, $two->size->height]];
        foreach ($pairs as [$a, $b]) {
            if (abs($a->tenths() - $b->tenths()) > self::SIDES_WITHIN * max($a->tenths(), $b->tenths())) {
                return false;
            }
        }

        return true;
    }

    private function isSameColour(Piece $one, Piece $two): bool
    {
        return $this->difference->between($this->main($one), $this->main($two)) < self::SAME_COLOUR_BELOW;
    }

    private function main(Piece $piece): Lab
    {
        $main = $piece->colours[0];
        foreach ($piece->colours as $share) {
            $main = $share->percent > $main->percent ? $share : $main;
        }

        return $this->labs[$main->colour->number()] ??= Lab::of($main->colour);
    }
}
