<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Contrast;
use BrightCupboard\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Contrast ratios that WCAG and its "Understanding" pages state. */
final class ContrastTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> two colours, ratio as published, to its decimals */
    public static function published(): iterable
    {
        yield 'black on white: 21 to 1 (WCAG 2.2, definition of contrast ratio)' => ['#000000', '#FFFFFF', 21.0];
        yield 'the same colour: 1 to 1' => ['#8A3B2A', '#8A3B2A', 1.0];
        yield '#777777 on white fails at 4.48 (Understanding SC 1.4.3, from memory)' => ['#777777', '#FFFFFF', 4.48];
        yield '#767676 on white just passes at 4.54 (Understanding SC 1.4.3, from memory)' => ['#767676', '#FFFFFF', 4.54];
        yield 'blue links on white at 8.59 (from memory)' => ['#0000FF', '#FFFFFF', 8.59];
    }

    #[DataProvider('published')]
    public function testStatesThePublishedRatio(string $one, string $two, float $ratio): void
    {
        self::assertSame($ratio, round(Contrast::between(Srgb::ofHex($one), Srgb::ofHex($two)), 2));
        self::assertSame($ratio, round(Contrast::between(Srgb::ofHex($two), Srgb::ofHex($one)), 2));
    }
}
