<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\ColourFamily;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Families against the named colours of CSS Color Module 4 (W3C), each put where its own name says it belongs. */
final class ColourFamilyTest extends TestCase
{
    /** @return iterable<string, array{string, string, ColourFamily}> name, value, family */
    public static function named(): iterable
    {
        $css = [
            'red' => ['red #FF0000', 'dark red #8B0000', 'fire brick #B22222', 'crimson #DC143C'],
            'pink' => ['pink #FFC0CB', 'light pink #FFB6C1', 'hot pink #FF69B4', 'pale violet red #DB7093'],
            'orange' => ['orange #FFA500', 'dark orange #FF8C00'],
            'brown' => ['saddle brown #8B4513', 'sienna #A0522D'],
            'yellow' => ['yellow #FFFF00', 'gold #FFD700', 'khaki #F0E68C'],
            'green' => ['green #008000', 'dark green #006400', 'forest green #228B22', 'sea green #2E8B57', 'pale green #98FB98', 'dark sea green #8FBC8F'],
            'teal' => ['teal #008080', 'dark cyan #008B8B', 'cadet blue #5F9EA0'],
            'blue' => [
                'blue #0000FF',
                'navy #000080',
                'sky blue #87CEEB',
                'steel blue #4682B4',
                'royal blue #4169E1',
                'light blue #ADD8E6',
                'midnight blue #191970',
            ],
            'purple' => ['purple #800080', 'indigo #4B0082', 'medium purple #9370DB', 'orchid #DA70D6', 'plum #DDA0DD'],
            'white' => ['white #FFFFFF', 'snow #FFFAFA', 'white smoke #F5F5F5'],
            'cream' => ['beige #F5F5DC', 'linen #FAF0E6', 'tan #D2B48C', 'wheat #F5DEB3'],
            'grey' => ['grey #808080', 'silver #C0C0C0', 'dim grey #696969', 'light grey #D3D3D3'],
            'black' => ['black #000000'],
        ];
        foreach ($css as $family => $colours) {
            foreach ($colours as $colour) {
                yield "{$colour} is {$family}" => [$colour, substr($colour, -7), ColourFamily::from($family)];
            }
        }
    }

    #[DataProvider('named')]
    public function testANamedColourIsOfTheFamilyItsNameSays(string $name, string $hex, ColourFamily $family): void
    {
        self::assertTrue($family->has(Srgb::ofHex($hex)), $name);
    }

    public function testFamiliesThatNobodyWouldMixUpShareNothing(): void
    {
        $apart = [
            ['red', 'green'], ['red', 'blue'], ['yellow', 'purple'], ['black', 'white'], ['blue', 'orange'], ['green', 'pink'],
            ['brown', 'blue'], ['cream', 'black'],
        ];
        mt_srand(8);
        for ($i = 0; $i < 3000; ++$i) {
            $colour = Srgb::ofNumber(mt_rand(0, 0xFFFFFF));
            foreach ($apart as [$one, $other]) {
                self::assertFalse(
                    ColourFamily::from($one)->has($colour) && ColourFamily::from($other)->has($colour),
                    "{$colour->hex()} is {$one} and {$other}",
                );
            }
        }
    }

    public function testNearlyEveryColourBelongsSomewhere(): void
    {
        mt_srand(9);
        $homeless = 0;
        for ($i = 0; $i < 2000; ++$i) {
            $colour = Srgb::ofNumber(mt_rand(0, 0xFFFFFF));
            $homeless += [] === array_filter(ColourFamily::cases(), static fn(ColourFamily $family): bool => $family->has($colour)) ? 1 : 0;
        }
        self::assertLessThan(2000 * 0.06, $homeless);
    }

    public function testShadesAreNoFamiliesAndEverydayWordsAre(): void
    {
        self::assertNull(ColourFamily::named('sage'));
        self::assertSame(
            [ColourFamily::Grey, ColourFamily::Purple, ColourFamily::Cream],
            [ColourFamily::named('gray'), ColourFamily::named('violet'), ColourFamily::named('beige')],
        );
        self::assertNotNull((new ColourNames())->read('sage'), 'it is a colour of its own');
    }
}
