<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\InvalidColour;
use BrightCupboard\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ColourInputTest extends TestCase
{
    #[TestWith(['#3E5F5A', '#3E5F5A'])]
    #[TestWith(['3e5f5a', '#3E5F5A'])]
    #[TestWith([' #abc ', '#AABBCC'])]
    public function testReadsHexAsPeopleWriteIt(string $text, string $hex): void
    {
        self::assertSame($hex, Srgb::ofHex($text)->hex());
    }

    #[TestWith([''])]
    #[TestWith(['#12345'])]
    #[TestWith(['rust'])]
    #[TestWith(['#GG0000'])]
    #[TestWith(['url(javascript:1)'])]
    public function testRefusesWhatIsNotAColour(string $text): void
    {
        $this->expectExceptionObject(InvalidColour::unknown($text));
        Srgb::ofHex($text);
    }

    public function testSharesMustSumToTheWhole(): void
    {
        $rust = Srgb::ofHex('#A9502B');
        self::assertCount(2, ColourShare::complete([new ColourShare($rust, 60), new ColourShare($rust, 40)]));

        $this->expectException(InvalidColour::class);
        $this->expectExceptionMessage('The colour shares must add up to 100 %, they add up to 99 %.');
        ColourShare::complete([new ColourShare($rust, 60), new ColourShare($rust, 39)]);
    }

    public function testTakesFiveColoursAndNotSix(): void
    {
        $shares = array_map(static fn(int $percent): ColourShare => new ColourShare(Srgb::ofHex('#A9502B'), $percent), [20, 20, 20, 20, 20]);
        self::assertCount(5, ColourShare::complete($shares));

        $this->expectExceptionMessage('Between 1 and 5 colours are needed, got 6.');
        ColourShare::complete([...$shares, $shares[0]]);
    }
}
