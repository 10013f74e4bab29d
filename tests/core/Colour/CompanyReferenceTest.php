<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\PartnerColours;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The word for a colour is the nearest one, and its company is turned in hue, as the npm package culori has it. */
final class CompanyReferenceTest extends TestCase
{
    private const COLOURS = 600;

    public function testNamesAndPartnersAgreeWithCulori(): void
    {
        $random = new Randomizer(new Mt19937(31));
        $names = new ColourNames();
        $colours = array_map(static fn(): string => sprintf('#%06X', $random->getInt(0, 0xFFFFFF)), range(1, self::COLOURS));
        $words = [];
        foreach ($names->words() as $word) {
            $words[$word] = ($names->read($word) ?? self::fail("{$word} is a word and cannot be read."))->hex();
        }
        /** @var list<array{nearest: float, opposite: string|null, near: string|null}> $expected */
        $expected = Reference::ask(__DIR__ . '/company.mjs', [['colours' => $colours, 'words' => $words]]);
        $shown = 0;
        foreach ($colours as $i => $hex) {
            $colour = Srgb::ofHex($hex);
            $named = (new Ciede2000())->between(Lab::of($colour), Lab::of(Srgb::ofHex($words[$names->of($colour)])));
            self::assertEqualsWithDelta($expected[$i]['nearest'], $named, 1e-6, "{$hex} is called {$names->of($colour)}");
            if (Oklch::of($colour)->chroma < 0.02) {
                continue;
            }
            [$near, , $opposite] = (new PartnerColours($names))->of($colour);
            foreach ([[$expected[$i]['opposite'], $opposite->colour], [$expected[$i]['near'], $near->colour]] as [$turned, $partner]) {
                if (null !== $turned) {
                    ++$shown;
                    $other = Srgb::ofHex($turned);
                    self::assertEqualsWithDelta([$other->red, $other->green, $other->blue], [$partner->red, $partner->green, $partner->blue], 1.0, $hex);
                }
            }
        }
        self::assertGreaterThan(self::COLOURS / 2, $shown, 'colours no screen shows say nothing; many are not of them');
    }
}
