<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Contrast;
use BrightCupboard\Core\Colour\Oklab;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** OKLab, OKLCh and contrast against the npm package culori on seeded colours, greys among them. */
final class OklabReferenceTest extends TestCase
{
    private const COLOURS = 1200;
    private const TOLERANCE = 1e-6;

    public function testOklabOklchAndContrastAgreeWithCulori(): void
    {
        $colours = $this->colours();
        /** @var list<array{l: float, a: float, b: float, c: float, h: float|null, contrast: float}> $expected */
        $expected = Reference::ask(__DIR__ . '/oklab.mjs', $colours);

        self::assertCount(self::COLOURS, $expected);
        foreach ($colours as $i => $hex) {
            $colour = Srgb::ofHex($hex);
            [$lab, $lch] = [Oklab::of($colour), Oklch::of($colour)];
            self::assertEqualsWithDelta(
                [$expected[$i]['l'], $expected[$i]['a'], $expected[$i]['b']],
                [$lab->lightness, $lab->a, $lab->b],
                self::TOLERANCE,
                $hex,
            );
            self::assertEqualsWithDelta($expected[$i]['c'], $lch->chroma, self::TOLERANCE, $hex);
            if ($lch->chroma > 0.001) {
                self::assertEqualsWithDelta(0.0, $lch->hueApart(new Oklch(0.5, 0.1, $expected[$i]['h'] ?? 0.0)), 1e-3, $hex);
            }
            self::assertEqualsWithDelta(
                $expected[$i]['contrast'],
                Contrast::between($colour, Srgb::ofHex($colours[($i + 1) % self::COLOURS])),
                self::TOLERANCE,
                $hex,
            );
        }
    }

    public function testAColourComesBackTheSameThroughOklch(): void
    {
        foreach ($this->colours() as $hex) {
            self::assertSame($hex, Oklch::of(Srgb::ofHex($hex))->srgb()->hex());
        }
    }

    public function testWhatIsTooColourfulForAScreenKeepsItsHueAndLightness(): void
    {
        foreach ([20.0, 90.0, 150.0, 250.0, 320.0] as $hue) {
            $asked = new Oklch(0.6, 0.4, $hue);
            $shown = Oklch::of($asked->srgb());

            self::assertLessThan(0.4, $shown->chroma);
            self::assertEqualsWithDelta(0.6, $shown->lightness, 0.01, "hue {$hue}");
            self::assertLessThan(1.5, $shown->hueApart($asked), "hue {$hue}");
        }
    }

    /** @return list<string> */
    private function colours(): array
    {
        $random = new Randomizer(new Mt19937(11));
        $colours = [];
        for ($i = 0; $i < self::COLOURS; ++$i) {
            $grey = $random->getInt(0, 255);
            $colours[] = 0 === $i % 10 ? sprintf('#%02X%02X%02X', $grey, $grey, $grey) : sprintf('#%06X', $random->getInt(0, 0xFFFFFF));
        }

        return $colours;
    }
}
