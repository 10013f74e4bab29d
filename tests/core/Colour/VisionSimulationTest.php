<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourVision;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\LinearRgb;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Colour\VisionSimulation;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The simulated vision of dichromats against its published matrices and the laws of the method. */
final class VisionSimulationTest extends TestCase
{
    /**
     * Linear RGB to linear RGB, as the matrices of Viénot, Brettel and Mollon (1999) compose; the composed digits from memory.
     *
     * @return iterable<string, array{ColourVision, list<list<float>>}>
     */
    public static function composedMatrices(): iterable
    {
        yield 'protan' => [ColourVision::Protan, [[0.1121, 0.8853, -0.0005], [0.1127, 0.8897, -0.0001], [0.0045, 0.0001, 1.0019]]];
        yield 'deutan' => [ColourVision::Deutan, [[0.2920, 0.7054, -0.0003], [0.2934, 0.7089, 0.0000], [-0.0210, 0.0256, 1.0019]]];
    }

    /** @param list<list<float>> $matrix */
    #[DataProvider('composedMatrices')]
    public function testRedGreenFollowsThePublishedMatrices(ColourVision $vision, array $matrix): void
    {
        foreach (self::colours() as $colour) {
            $light = LinearRgb::of($colour);
            $expected = (new LinearRgb(...array_map(
                static fn(array $row): float => $row[0] * $light->red + $row[1] * $light->green + $row[2] * $light->blue,
                $matrix,
            )))->srgb();
            [$expected, $seen] = [LinearRgb::of($expected), LinearRgb::of((new VisionSimulation())->seen($colour, $vision))];

            // In light, not in steps of the screen: near black the four digits of the composed matrices are too few.
            self::assertEqualsWithDelta([$expected->red, $expected->green, $expected->blue], [$seen->red, $seen->green, $seen->blue], 0.012, $colour->hex());
        }
    }

    /** @return iterable<string, array{ColourVision}> */
    public static function visions(): iterable
    {
        foreach (ColourVision::cases() as $vision) {
            yield $vision->value => [$vision];
        }
    }

    #[DataProvider('visions')]
    public function testGreysStayGrey(ColourVision $vision): void
    {
        foreach ([0, 64, 128, 200, 255] as $grey) {
            $seen = (new VisionSimulation())->seen(Srgb::ofChannels($grey, $grey, $grey), $vision);

            self::assertEqualsWithDelta([$grey, $grey, $grey], [$seen->red, $seen->green, $seen->blue], 2.0);
        }
    }

    #[DataProvider('visions')]
    public function testWhatIsSeenLooksTheSameWhenSeenAgain(ColourVision $vision): void
    {
        $simulation = new VisionSimulation();
        $inside = 0;
        foreach (self::colours() as $colour) {
            $once = $simulation->seen($colour, $vision);
            if (min($once->red, $once->green, $once->blue) > 12 && max($once->red, $once->green, $once->blue) < 243) {
                $twice = $simulation->seen($once, $vision);
                self::assertLessThan(2.5, (new Ciede2000())->between(Lab::of($once), Lab::of($twice)), $colour->hex());
                ++$inside;
            }
        }
        self::assertGreaterThan(100, $inside, 'Clipped colours say nothing; most are not.');
    }

    /**
     * Another published model (Machado, Oliveira and Fernandes, IEEE TVCG 15, 2009), as culori computes it: not
     * the same figures, but the same way of seeing.
     */
    public function testEachVisionIsNearestToItselfInAnotherModel(): void
    {
        $colours = array_map(static fn(Srgb $colour): string => $colour->hex(), self::colours());
        /** @var list<array{protan: string, deutan: string, tritan: string}> $others */
        $others = Reference::ask(__DIR__ . '/vision.mjs', $colours);
        foreach (ColourVision::cases() as $vision) {
            $apart = ['untouched' => 0.0, 'protan' => 0.0, 'deutan' => 0.0, 'tritan' => 0.0];
            foreach ($colours as $i => $hex) {
                $seen = Lab::of((new VisionSimulation())->seen(Srgb::ofHex($hex), $vision));
                foreach (['untouched' => $hex] + $others[$i] as $as => $other) {
                    $apart[$as] += (new Ciede2000())->between($seen, Lab::of(Srgb::ofHex($other))) / \count($colours);
                }
            }
            asort($apart);

            self::assertSame($vision->value, array_key_first($apart), (string) json_encode($apart));
            self::assertLessThan(12.0, $apart[$vision->value], (string) json_encode($apart));
        }
    }

    public function testRedAndGreenDrawTogetherAndBlueAndYellowStayApart(): void
    {
        $difference = static fn(string $one, string $two, ColourVision $vision): float => (new Ciede2000())->between(
            Lab::of((new VisionSimulation())->seen(Srgb::ofHex($one), $vision)),
            Lab::of((new VisionSimulation())->seen(Srgb::ofHex($two), $vision)),
        );

        self::assertLessThan(12.0, $difference('#9A5B3A', '#6D7446', ColourVision::Deutan));
        self::assertGreaterThan(40.0, $difference('#2F62A8', '#F0C419', ColourVision::Deutan));
        self::assertGreaterThan(20.0, $difference('#9A5B3A', '#6D7446', ColourVision::Tritan));
    }

    /** @return list<Srgb> */
    private static function colours(): array
    {
        $random = new Randomizer(new Mt19937(3));

        return array_map(static fn(): Srgb => Srgb::ofNumber($random->getInt(0, 0xFFFFFF)), range(1, 300));
    }
}
