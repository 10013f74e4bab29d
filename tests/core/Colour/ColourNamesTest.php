<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ColourNamesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> colour, word */
    public static function colours(): iterable
    {
        yield 'a word itself' => ['#C27B5E', 'soft rust'];
        yield 'a little off it' => ['#4A5632', 'deep moss'];
        yield 'white' => ['#FFFFFF', 'white'];
        yield 'nearly black' => ['#101010', 'black'];
        yield 'a strong red' => ['#C82030', 'red'];
    }

    #[DataProvider('colours')]
    public function testSaysTheNearestPlainWord(string $hex, string $word): void
    {
        self::assertSame($word, (new ColourNames())->of(Srgb::ofHex($hex)));
    }

    public function testEveryWordNamesItselfAndIsReadBack(): void
    {
        $names = new ColourNames();
        self::assertGreaterThanOrEqual(140, \count($names->words()));
        foreach ($names->words() as $word) {
            $colour = $names->read(' ' . ucfirst($word));
            self::assertNotNull($colour);
            self::assertSame($word, $names->of($colour));
        }
        self::assertNull($names->read('smurf'));
    }

    public function testNoTwoWordsStandForWhatTheEyeTakesForOne(): void
    {
        $names = new ColourNames();
        $labs = array_map(static fn(string $word): Lab => Lab::of($names->read($word) ?? Srgb::ofHex('#000')), $names->words());
        $near = [];
        foreach ($labs as $i => $lab) {
            foreach (\array_slice($labs, $i + 1, null, true) as $j => $other) {
                if ((new Ciede2000())->between($lab, $other) < 1.5) {
                    $near[] = $names->words()[$i] . ' and ' . $names->words()[$j];
                }
            }
        }
        self::assertSame([], $near);
    }

    /** Ranges of hue a person would call by the word, on the OKLCh circle; own judgement. */
    #[TestWith(['green', 110.0, 170.0])]
    #[TestWith(['yellow', 80.0, 110.0])]
    #[TestWith(['orange', 40.0, 75.0])]
    #[TestWith(['dusty blue', 230.0, 280.0])]
    #[TestWith(['dark forest green', 130.0, 170.0])]
    public function testReadsEverydayWordsItNeverSays(string $words, float $from, float $to): void
    {
        $hue = Oklch::of((new ColourNames())->read($words) ?? Srgb::ofHex('#000'))->hue;

        self::assertTrue($from <= $hue && $hue <= $to, "{$words} has hue {$hue}");
    }

    public function testAWordInFrontMakesAColourLighterDarkerOrQuieter(): void
    {
        $read = static fn(string $words): Oklch => Oklch::of((new ColourNames())->read($words) ?? self::fail("{$words} is not read."));
        self::assertGreaterThan($read('teal')->lightness, $read('light teal')->lightness);
        self::assertLessThan($read('teal')->lightness, $read('dark teal')->lightness);
        self::assertLessThan($read('pink')->chroma, $read('dusty pink')->chroma);
        self::assertEqualsWithDelta(
            $read('blue')->hue,
            $read('light blue')->hue,
            3.0,
            'its hue stays, but for what a screen cannot show and the rounding to 8 bits',
        );
        self::assertEquals($read('light grey'), $read('Light Gray'));
        self::assertNull((new ColourNames())->read('dark'));
        self::assertNull((new ColourNames())->read('light smurf'));
    }
}
