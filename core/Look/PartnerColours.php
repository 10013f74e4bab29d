<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;

/**
 * Proposes company for a colour: near in hue, opposite, darker and lighter sister, a metal (steps in OKLCh, own values).
 */
final readonly class PartnerColours
{
    private const NEAR_DEGREES = 32.0;
    private const DARKER = -0.22;
    private const LIGHTER = 0.24;
    /** The metals of the trade, from warm to cool; the choice follows the warmth of the colour. */
    private const METALS = ['copper' => '#B0683F', 'brass' => '#B08D47', 'pewter' => '#757B7C'];

    public function __construct(private ColourNames $names) {}

    /** @return list<Partner> */
    public function of(Srgb $colour): array
    {
        $at = Oklch::of($colour);
        $isGrey = $at->chroma < 0.02;
        $sister = static fn(float $step): Srgb => (new Oklch(max(0.12, min(0.96, $at->lightness + $step)), $at->chroma * 0.7, $at->hue))->srgb();
        $partners = [
            $this->partner(
                'near in hue',
                $at->nudged(0.04, 0.0, self::NEAR_DEGREES)->srgb(),
                RibbonRole::Second,
                'Stays in the family: calm, and easy to carry from room to room.',
            ),
            $this->partner(
                'near, the other way',
                $at->nudged(-0.04, 0.0, -self::NEAR_DEGREES)->srgb(),
                RibbonRole::Second,
                'Stays in the family and leans the other way.',
            ),
            $this->partner(
                'opposite',
                $at->nudged(0.0, 0.0, 180.0)->srgb(),
                RibbonRole::Accent,
                'Pulls against it and makes both stronger: keep it to a tenth.',
            ),
            $this->partner('darker sister', $sister(self::DARKER), RibbonRole::Dark, 'The same colour in the shade: gives the light ones an edge.'),
            $this->partner('lighter sister', $sister(self::LIGHTER), RibbonRole::Base, 'The same colour washed out: a ground for it to stand on.'),
            $this->metal($at),
        ];

        // A grey has neither neighbours nor an opposite in hue.
        return $isGrey ? \array_slice($partners, 3) : $partners;
    }

    private function partner(string $kind, Srgb $colour, RibbonRole $role, string $reads): Partner
    {
        return new Partner($kind, $colour, $this->names->of($colour), $role, $reads);
    }

    private function metal(Oklch $beside): Partner
    {
        $metal = match (true) {
            $beside->chroma < 0.02, $beside->hue > 200 && $beside->hue < 320 => 'pewter',
            $beside->hue > 100 && $beside->hue <= 200 => 'copper',
            default => 'brass',
        };

        return new Partner('metal', Srgb::ofHex(self::METALS[$metal]), $metal, RibbonRole::Metal, 'Catches the light; repeat it on every shelf.');
    }
}
