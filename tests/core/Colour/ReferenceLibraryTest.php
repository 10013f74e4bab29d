<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Lab and CIEDE2000 against the npm package culori, on seeded colours with greys and neighbours in hue among them. */
final class ReferenceLibraryTest extends TestCase
{
    private const PAIRS = 1200;
    private const TOLERANCE = 1e-6;

    public function testLabAndDifferenceAgreeWithCulori(): void
    {
        $pairs = $this->pairs();
        /** @var list<array{one: array{float, float, float}, two: array{float, float, float}, difference: float}> $expected */
        $expected = Reference::ask(__DIR__ . '/culori.mjs', $pairs);

        self::assertCount(self::PAIRS, $expected);
        foreach ($pairs as $i => [$one, $two]) {
            $this->assertSameLab($expected[$i]['one'], Lab::of(Srgb::ofHex($one)), $one);
            $this->assertSameLab($expected[$i]['two'], Lab::of(Srgb::ofHex($two)), $two);
            $difference = (new Ciede2000())->between(Lab::of(Srgb::ofHex($one)), Lab::of(Srgb::ofHex($two)));
            // The hue of a grey is decided by last digits there, and left out here.
            self::assertEqualsWithDelta($expected[$i]['difference'], $difference, $this->hasGrey($one, $two) ? 1e-5 : self::TOLERANCE, "{$one} against {$two}");
        }
    }

    private function hasGrey(string ...$colours): bool
    {
        return [] !== array_filter(
            $colours,
            static fn(string $hex): bool => substr($hex, 1, 2) === substr($hex, 3, 2) && substr($hex, 3, 2) === substr($hex, 5, 2),
        );
    }

    /** @return list<array{string, string}> a third far apart, a third one step apart, a third with a near grey */
    private function pairs(): array
    {
        $random = new Randomizer(new Mt19937(7));
        $any = static fn(): array => [$random->getInt(0, 255), $random->getInt(0, 255), $random->getInt(0, 255)];
        $pairs = [];
        for ($i = 0; $i < self::PAIRS; ++$i) {
            $one = $any();
            $grey = $random->getInt(0, 250);
            $two = match ($i % 3) {
                0 => $any(),
                1 => array_map(static fn(int $c): int => max(0, min(255, $c + $random->getInt(-3, 3))), $one),
                default => [$grey, $grey + $random->getInt(0, 2), $grey],
            };
            $pairs[] = [vsprintf('#%02X%02X%02X', $one), vsprintf('#%02X%02X%02X', $two)];
        }

        return $pairs;
    }

    /** @param array{float, float, float} $expected */
    private function assertSameLab(array $expected, Lab $lab, string $hex): void
    {
        foreach ([$lab->lightness, $lab->a, $lab->b] as $axis => $value) {
            self::assertEqualsWithDelta($expected[$axis], $value, self::TOLERANCE, "{$hex}, axis {$axis}");
        }
    }
}
