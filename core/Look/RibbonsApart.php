<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourVision;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Colour\VisionSimulation;

/** Finds pairs of ribbons nearer to one another than CIEDE2000 6 (own value): for everyone, or as seen with two kinds of cones. */
final readonly class RibbonsApart
{
    private const TOLD_APART_FROM = 6.0;

    public function __construct(private VisionSimulation $simulation = new VisionSimulation(), private Ciede2000 $difference = new Ciede2000()) {}

    /** @return list<RibbonWarning> by pair from left to right; a pair nobody tells apart is named once */
    public function warnings(Look $look): array
    {
        $warnings = [];
        foreach ($look->ribbons as $i => $one) {
            foreach (\array_slice($look->ribbons, $i + 1, null, true) as $j => $two) {
                foreach ([null, ...ColourVision::cases()] as $vision) {
                    $distance = $this->difference->between($this->seen($one->colour, $vision), $this->seen($two->colour, $vision));
                    if ($distance < self::TOLD_APART_FROM) {
                        $warnings[] = new RibbonWarning($i, $j, $distance, $vision, $this->sentence($one->name, $two->name, $distance, $vision));
                        if (null === $vision) {
                            break;
                        }
                    }
                }
            }
        }

        return $warnings;
    }

    private function sentence(string $one, string $two, float $distance, ?ColourVision $vision): string
    {
        return null === $vision
            ? sprintf('Nobody will tell %s from %s: %.1f apart, want 6.', $one, $two, $distance)
            : sprintf('%s and %s look alike to %s: %.1f apart, want 6.', $one, $two, $vision->inWords(), $distance);
    }

    private function seen(Srgb $colour, ?ColourVision $vision): Lab
    {
        return Lab::of(null === $vision ? $colour : $this->simulation->seen($colour, $vision));
    }
}
