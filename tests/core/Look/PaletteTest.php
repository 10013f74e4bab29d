<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Look;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourVision;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\PaletteReader;
use BrightCupboard\Core\Look\Partner;
use BrightCupboard\Core\Look\PartnerColours;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Look\RibbonsApart;
use BrightCupboard\Core\Look\RibbonWarning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How ribbons read together: measured, warned of, and given company. */
final class PaletteTest extends TestCase
{
    /** @return iterable<string, array{array<string, int>, list<string>}> colours with shares, words */
    public static function palettes(): iterable
    {
        yield 'greys' => [['#888888' => 60, '#444444' => 40], ['muted', 'neither warm nor cool', 'no hue']];
        yield 'oranges' => [['#E2742A' => 60, '#CE6A1E' => 40], ['bright', 'warm', 'one range of hues']];
        yield 'blues, washed out' => [['#C2D8E6' => 70, '#8FA1AC' => 30], ['muted', 'cool', 'one range of hues']];
        yield 'one strong red on linen' => [['#E8DECD' => 85, '#D62828' => 15], ['muted with a strong note', 'warm', 'a few hues']];
        yield 'red and green' => [['#A3352B' => 50, '#2F6B3A' => 50], ['bright', 'warm against green', 'many hues']];
        yield 'greens' => [['#4E8B3A' => 60, '#2F5A3F' => 40], ['soft', 'between warm and cool', 'one range of hues']];
        yield 'yellow green to blue green, one range and not against itself' => [
            ['#7F9A3A' => 50, '#4E8B6A' => 50],
            ['soft', 'between warm and cool', 'one range of hues'],
        ];
        yield 'orange against blue' => [['#E2742A' => 50, '#1F6FC4' => 50], ['bright', 'warm against cool', 'many hues']];
    }

    /**
     * @param array<string, int> $shares
     * @param list<string>       $words
     */
    #[DataProvider('palettes')]
    public function testReadsInWords(array $shares, array $words): void
    {
        self::assertSame($words, (new PaletteReader())->read($this->look($shares))->words);
    }

    public function testChromaIsTheMeanByShare(): void
    {
        $reading = (new PaletteReader())->read($this->look(['#D62828' => 25, '#808080' => 75]));

        self::assertEqualsWithDelta(0.25 * Oklch::of(Srgb::ofHex('#D62828'))->chroma, $reading->chroma, 1e-9);
    }

    public function testWarnsOnceOfRibbonsNobodyTellsApart(): void
    {
        $warnings = (new RibbonsApart())->warnings($this->look(['#3E5F5A' => 50, '#41625C' => 30, '#B5532A' => 20]));

        self::assertSame([[0, 1, null]], array_map(static fn(RibbonWarning $w): array => [$w->one, $w->two, $w->vision], $warnings));
        self::assertStringStartsWith('Nobody will tell Colour 0 from Colour 1:', $warnings[0]->sentence);
    }

    public function testWarnsOfRibbonsThatDrawTogetherForSome(): void
    {
        $warnings = (new RibbonsApart())->warnings($this->look(['#8C6239' => 50, '#6F7032' => 50]));

        self::assertContains(ColourVision::Deutan, array_map(static fn(RibbonWarning $w): ?ColourVision => $w->vision, $warnings));
        self::assertSame([], (new RibbonsApart())->warnings($this->look(['#F0E7D4' => 50, '#26375A' => 50])));
    }

    public function testCompanyIsNearOppositeDarkerLighterAndMetal(): void
    {
        $juniper = Oklch::of(Srgb::ofHex('#3E5F5A'));
        $partners = array_column(
            array_map(static fn(Partner $p): array => [$p->kind, Oklch::of($p->colour)], (new PartnerColours(new ColourNames()))->of(Srgb::ofHex('#3E5F5A'))),
            1,
            0,
        );

        self::assertSame(['near in hue', 'near, the other way', 'opposite', 'darker sister', 'lighter sister', 'metal'], array_keys($partners));
        self::assertEqualsWithDelta(32.0, $partners['near in hue']->hueApart($juniper), 3.0);
        self::assertEqualsWithDelta(180.0, $partners['opposite']->hueApart($juniper), 3.0);
        self::assertLessThan($juniper->lightness - 0.15, $partners['darker sister']->lightness);
        self::assertGreaterThan($juniper->lightness + 0.15, $partners['lighter sister']->lightness);
        self::assertCount(3, (new PartnerColours(new ColourNames()))->of(Srgb::ofHex('#808080')), 'A grey has neither neighbours nor an opposite.');
    }

    /** @param array<string, int> $shares */
    private function look(array $shares): Look
    {
        $ribbons = [];
        foreach ($shares as $hex => $percent) {
            $ribbons[] = new Ribbon('Colour ' . \count($ribbons), Srgb::ofHex($hex), RibbonRole::Accent, $percent);
        }

        return new Look('Look', $ribbons, [], new Resting(), 50, BalanceSchool::Centred);
    }
}
