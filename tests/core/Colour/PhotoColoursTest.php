<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\PhotoColours;
use BrightCupboard\Core\Colour\PhotoGroundSeen;
use BrightCupboard\Core\Colour\PixelGrid;
use BrightCupboard\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Colours found in pictures whose shares are known because they were drawn here. */
final class PhotoColoursTest extends TestCase
{
    private const SIDE = 120;

    /** @return iterable<string, array{list<array{int, int}>, int}> colour and percent of the rows it fills; noise in 8-bit steps */
    public static function pictures(): iterable
    {
        yield 'one colour' => [[[0x8A3B2A, 100]], 0];
        yield 'half and half' => [[[0x8A3B2A, 50], [0x2F5A3F, 50]], 0];
        yield 'sixty, thirty, ten' => [[[0xF0E7D4, 60], [0x3E5F5A, 30], [0xB5532A, 10]], 0];
        yield 'five, the least 5 %' => [[[0xF0E7D4, 40], [0x3E5F5A, 25], [0xB5532A, 20], [0x2B2A28, 10], [0xB08D47, 5]], 0];
        yield 'with the grain of a camera' => [[[0xC9BFA8, 55], [0x26375A, 45]], 9];
        yield 'five with grain' => [[[0xF0E7D4, 40], [0x3E5F5A, 25], [0xB5532A, 20], [0x2B2A28, 10], [0x6FA0CC, 5]], 6];
    }

    /** @param list<array{int, int}> $stripes */
    #[DataProvider('pictures')]
    public function testFindsTheSharesWithinTwoPercent(array $stripes, int $noise): void
    {
        $found = (new PhotoColours())->read($this->picture($stripes, $noise), 5, false)->colours;

        self::assertCount(\count($stripes), $found);
        self::assertSame(100, array_sum(array_map(static fn(ColourShare $share): int => $share->percent, $found)));
        foreach ($stripes as [$number, $percent]) {
            $nearest = $this->nearest($number, $found);
            self::assertLessThan(3.0, (new Ciede2000())->between(Lab::of($nearest->colour), Lab::of(Srgb::ofNumber($number))), Srgb::ofNumber($number)->hex());
            self::assertEqualsWithDelta($percent, $nearest->percent, 2.0);
        }
    }

    public function testTheWallBehindAThingIsLeftOutButNotTheSameWhiteInsideIt(): void
    {
        $pixels = array_fill(0, self::SIDE * self::SIDE, 0xF4F2EC);
        for ($y = 30; $y < 90; ++$y) {
            for ($x = 30; $x < 90; ++$x) {
                $isInside = $x >= 45 && $x < 75 && $y >= 45 && $y < 75;
                $pixels[$y * self::SIDE + $x] = $isInside ? 0xF4F2EC : 0x1E4D45;
            }
        }
        $grid = new PixelGrid(self::SIDE, self::SIDE, $pixels);
        $without = (new PhotoColours())->read($grid, 5, true);

        self::assertSame('#F4F2EC', $without->ground?->hex());
        self::assertSame([75, 25], array_map(static fn(ColourShare $share): int => $share->percent, $without->colours));
        self::assertSame(81, (new PhotoColours())->read($grid, 5, false)->colours[0]->percent);
    }

    public function testWhatIsSeeThroughIsNoColour(): void
    {
        $clear = [];
        foreach (range(0, self::SIDE * self::SIDE - 1) as $at) {
            $isThing = abs($at % self::SIDE - 60) < 20 && abs(intdiv($at, self::SIDE) - 60) < 20;
            $isThing ? null : $clear[$at] = true;
        }
        $read = (new PhotoColours())->read(new PixelGrid(self::SIDE, self::SIDE, array_fill(0, self::SIDE * self::SIDE, 0x1E4D45), $clear), 5, true);

        self::assertSame([PhotoGroundSeen::Transparent, ['#1E4D45 100']], [$read->seen, self::said($read->colours)]);
    }

    /** A white vase on a wall that is a little warmer: it is found, not taken for the wall. */
    public function testAThingOnANearlyEqualGroundIsNotTakenForTheGround(): void
    {
        $read = (new PhotoColours())->read(
            $this->onGround(0xEFE9DC, static fn(int $x, int $y): ?int => abs($x - 60) < 24 && abs($y - 60) < 24 ? 0xFCFBF8 : null),
            5,
            true,
        );

        self::assertSame([PhotoGroundSeen::LeftOut, '#EFE9DC', ['#FCFBF8 100']], [$read->seen, $read->ground?->hex(), self::said($read->colours)]);
    }

    public function testTheGroundMayBeAllThereIs(): void
    {
        $all = (new PhotoColours())->read($this->onGround(0xEFE9DC, static fn(): ?int => null), 5, true);
        $nearly = (new PhotoColours())->read(
            $this->onGround(0xEFE9DC, static fn(int $x, int $y): ?int => abs($x - 60) < 9 && abs($y - 60) < 9 ? 0x1E4D45 : null),
            5,
            true,
        );

        self::assertSame([PhotoGroundSeen::All, ['#EFE9DC 100']], [$all->seen, self::said($all->colours)]);
        self::assertSame(PhotoGroundSeen::Nearly, $nearly->seen);
    }

    /** A round jug of one glaze, lit from the left: one colour; a jug of two bands of the same hue: two. */
    public function testShadingOfOneGlazeIsOneColour(): void
    {
        $shade = static fn(float $light): int => (int) (62 * $light) << 16 | (int) (120 * $light) << 8 | (int) (112 * $light);
        $shaded = (new PhotoColours())->read(
            $this->onGround(0xF4F2EC, static fn(int $x, int $y): ?int => abs($x - 60) < 30 && abs($y - 60) < 40 ? $shade(1.25 - 0.7 * ($x - 30) / 60) : null),
            5,
            true,
        );
        $banded = (new PhotoColours())->read(
            $this->onGround(0xF4F2EC, static fn(int $x, int $y): ?int => abs($x - 60) < 30 && abs($y - 60) < 40 ? $shade($y < 60 ? 1.25 : 0.65) : null),
            5,
            true,
        );

        self::assertCount(1, $shaded->colours, implode(', ', self::said($shaded->colours)));
        self::assertCount(2, $banded->colours);
    }

    public function testAnAccentOfThreePercentStaysUnderNoise(): void
    {
        foreach ([4, 8, 12] as $noise) {
            $read = (new PhotoColours())->read($this->picture([[0xE8DECD, 72], [0x3E5F5A, 25], [0xB01E2E, 3]], $noise), 5, false);
            self::assertEqualsWithDelta(3, $this->nearest(0xB01E2E, $read->colours)->percent, 1.0);
            self::assertLessThan(
                8.0,
                (new Ciede2000())->between(Lab::of($this->nearest(0xB01E2E, $read->colours)->colour), Lab::of(Srgb::ofNumber(0xB01E2E))),
                "with noise {$noise}",
            );
        }
    }

    /** @param \Closure(int, int): (int|null) $thing its colour at a place, null beside it */
    private function onGround(int $ground, \Closure $thing): PixelGrid
    {
        $random = new Randomizer(new Mt19937(3));
        $pixels = [];
        for ($at = 0; $at < self::SIDE * self::SIDE; ++$at) {
            $grain = $random->getInt(0, 1);
            $pixels[] = $thing($at % self::SIDE, intdiv($at, self::SIDE)) ?? $ground - $grain * 0x010101 + 0x010101 * $grain;
        }

        return new PixelGrid(self::SIDE, self::SIDE, $pixels);
    }

    /**
     * @param list<ColourShare> $colours
     *
     * @return list<string>
     */
    private static function said(array $colours): array
    {
        return array_map(static fn(ColourShare $share): string => $share->colour->hex() . ' ' . $share->percent, $colours);
    }

    public function testTheSameSeedFindsTheSameAndFewerAreJoinedByLikeness(): void
    {
        $grid = $this->picture([[0xF0E7D4, 40], [0x3E5F5A, 30], [0x4A6B62, 20], [0xB5532A, 10]], 0);
        $hexes = static fn(int $most): array => array_map(
            static fn(ColourShare $share): string => $share->colour->hex() . ' ' . $share->percent,
            (new PhotoColours(5))->read($grid, $most, false)->colours,
        );

        self::assertSame($hexes(5), $hexes(5));
        self::assertSame(['#43645D 50', '#F0E7D4 40', '#B5532A 10'], $hexes(3));
    }

    /** @param list<array{int, int}> $stripes */
    private function picture(array $stripes, int $noise): PixelGrid
    {
        $random = new Randomizer(new Mt19937(9));
        $pixels = [];
        foreach ($stripes as [$number, $percent]) {
            for ($i = 0; $i < self::SIDE * self::SIDE * $percent / 100; ++$i) {
                $channels = array_map(
                    static fn(int $c): int => max(0, min(255, $c + ($noise > 0 ? $random->getInt(-$noise, $noise) : 0))),
                    [$number >> 16, $number >> 8 & 0xFF, $number & 0xFF],
                );
                $pixels[] = $channels[0] << 16 | $channels[1] << 8 | $channels[2];
            }
        }

        return new PixelGrid(self::SIDE, self::SIDE, $pixels);
    }

    /** @param list<ColourShare> $found */
    private function nearest(int $number, array $found): ColourShare
    {
        usort(
            $found,
            static fn(ColourShare $a, ColourShare $b): int => (new Ciede2000())->between(
                Lab::of($a->colour),
                Lab::of(Srgb::ofNumber($number)),
            ) <=> (new Ciede2000())->between(Lab::of($b->colour), Lab::of(Srgb::ofNumber($number))),
        );

        return $found[0] ?? throw new \LogicException('Nothing was found.');
    }
}
