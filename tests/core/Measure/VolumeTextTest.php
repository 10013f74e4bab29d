<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Measure;

use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\VolumeText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Volumes as people write them. A US gallon is 231 cubic inches, exactly (NIST Handbook 44, appendix C). */
final class VolumeTextTest extends TestCase
{
    private const GALLON = 231 * 0.0254 ** 3 * 1000;

    /** @return iterable<string, array{string, LengthUnit, float}> text, unit of the home, litres */
    public static function written(): iterable
    {
        yield 'millilitres' => ['500 ml', LengthUnit::Inch, 0.5];
        yield 'a comma' => ['1,5 l', LengthUnit::Centimetre, 1.5];
        yield 'bare in a metric home' => ['2', LengthUnit::Centimetre, 2.0];
        yield 'bare in another: quarts' => ['2', LengthUnit::Inch, self::GALLON / 2];
        yield 'gallons' => ['1 gallon', LengthUnit::Inch, self::GALLON];
        yield 'half of one' => ['1/2 gal', LengthUnit::Centimetre, self::GALLON / 2];
        yield 'a sign for a half' => ['½ gal', LengthUnit::Inch, self::GALLON / 2];
        yield 'fluid ounces' => ['8 fl oz', LengthUnit::Inch, self::GALLON / 16];
        yield 'pints' => ['3 pints', LengthUnit::Inch, self::GALLON * 3 / 8];
        yield 'in words' => ['2 litres', LengthUnit::Inch, 2.0];
    }

    #[DataProvider('written')]
    public function testReads(string $text, LengthUnit $unit, float $litres): void
    {
        self::assertEqualsWithDelta($litres, (new VolumeText($unit))->read($text)->litres(), 1e-9);
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        foreach (['', 'some', '2 boxes', '1/0 l', 'l 2', '2 l 3', '--1 l'] as $text) {
            yield "“{$text}”" => [$text];
        }
    }

    #[DataProvider('unreadable')]
    public function testWhatIsNoVolumeIsSaidToBeNone(string $text): void
    {
        $this->expectException(InvalidMeasure::class);

        (new VolumeText(LengthUnit::Centimetre))->read($text);
    }

    public function testNeitherNegativeNorLargerThanABathroom(): void
    {
        foreach (['-1 l', '1001 l', '99999 gal'] as $text) {
            try {
                (new VolumeText(LengthUnit::Centimetre))->read($text);
                self::fail($text . ' was taken.');
            } catch (InvalidMeasure $refusal) {
                self::assertStringContainsString('volume', $refusal->getMessage());
            }
        }
        self::assertSame(1000.0, Volume::ofLitres(1000)->litres());
    }

    public function testWritesInTheUnitsOfTheHome(): void
    {
        $metric = new VolumeText(LengthUnit::Centimetre);
        $imperial = new VolumeText(LengthUnit::Inch);

        self::assertSame(
            ['250 ml', '1.5 l', '12 l'],
            [$metric->write(Volume::ofLitres(0.25)), $metric->write(Volume::ofLitres(1.5)), $metric->write(Volume::ofLitres(12))],
        );
        self::assertSame(['16 fl oz', '2 qt'], [$imperial->write(Volume::ofLitres(self::GALLON / 8)), $imperial->write(Volume::ofLitres(self::GALLON / 2))]);
    }

    public function testAreasAreSaidSmallAndLarge(): void
    {
        self::assertSame(
            ['50 cm²', '2.5 m²', '120 m²'],
            array_map(static fn(float $area): string => (new Area($area))->written(LengthUnit::Centimetre), [0.005, 2.5, 120]),
        );
        self::assertSame(
            ['10 sq in', '2 sq ft', '1,000 sq ft'],
            array_map(static fn(float $inches): string => (new Area($inches * 0.0254 ** 2))->written(LengthUnit::Inch), [10, 288, 144_000]),
        );
    }
}
