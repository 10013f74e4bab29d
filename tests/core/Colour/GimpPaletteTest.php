<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\GimpPalette;
use BrightCupboard\Core\Colour\InvalidColour;
use BrightCupboard\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GimpPaletteTest extends TestCase
{
    public function testWhatIsWrittenIsReadBackTheSame(): void
    {
        $palette = new GimpPalette(
            'Juniper & Ember',
            [
                ['colour' => Srgb::ofHex('#F0E7D4'), 'name' => 'Tallow'],
                ['colour' => Srgb::ofHex('#3E5F5A'), 'name' => 'Grünlich 1'],
                ['colour' => Srgb::ofHex('#000000'), 'name' => ''],
            ],
        );

        self::assertEquals($palette, GimpPalette::read($palette->write()));
    }

    public function testReadsWhatOtherProgramsWrite(): void
    {
        $palette = GimpPalette::read("\xEF\xBB\xBFGIMP Palette\r\nName: Bears\r\nColumns: 4\r\n# a comment\r\n\r\n  8   8   8\tgrey3\r\n240 231 212\r\n");

        self::assertSame('Bears', $palette->name);
        self::assertSame(
            [['#080808', 'grey3'], ['#F0E7D4', '']],
            array_map(static fn(array $entry): array => [$entry['colour']->hex(), $entry['name']], $palette->entries),
        );
    }

    /** @return iterable<string, array{string, string}> text, sentence */
    public static function noPalettes(): iterable
    {
        yield 'something else' => ["JASC-PAL\n", 'This is not a GIMP palette with colours in it.'];
        yield 'no colours' => ["GIMP Palette\nName: x\n", 'This is not a GIMP palette with colours in it.'];
        yield 'a channel too high' => ["GIMP Palette\n256 0 0 red\n", 'Line 2 of the palette cannot be read: each channel goes from 0 to 255.'];
        yield 'words for numbers' => ["GIMP Palette\n#\nred green blue\n", 'Line 3 of the palette cannot be read: a colour is three numbers and a name.'];
        yield 'no end of colours' => ["GIMP Palette\n" . str_repeat("1 2 3 x\n", 257), 'a palette has at most 256 colours'];
    }

    #[DataProvider('noPalettes')]
    public function testRefusesWhatIsNoneByItsLine(string $text, string $sentence): void
    {
        $this->expectException(InvalidColour::class);
        $this->expectExceptionMessage($sentence);
        GimpPalette::read($text);
    }
}
