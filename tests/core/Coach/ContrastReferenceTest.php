<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Rule\WallContrast;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What stands out from a wall, against a second opinion: the contrast ratio of WCAG 2.2 (relative luminance of sRGB, success
 * criterion 1.4.11: 3 to 1 for what must be told from its ground), worked out here anew.
 */
final class ContrastReferenceTest extends TestCase
{
    public function testWhatHasThreeToOneAlwaysStandsOut(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $agreed = 0;
        for ($run = 0; $run < 600; ++$run) {
            [$wall, $piece] = [$this->colour($random), $this->colour($random)];
            if ($this->ratio($wall, $piece) >= 3.0) {
                ++$agreed;
                self::assertSame(Verdict::Good, $this->verdict($wall, $piece), "{$piece} before {$wall}");
            }
        }
        self::assertGreaterThan(100, $agreed);
    }

    public function testTheColourOfTheWallItselfIsLost(): void
    {
        $random = new Randomizer(new Mt19937(17));
        for ($run = 0; $run < 50; ++$run) {
            $colour = $this->colour($random);
            self::assertSame(Verdict::LookAgain, $this->verdict($colour, $colour));
        }
    }

    private function verdict(string $wall, string $piece): ?Verdict
    {
        $inches = Length::ofInches(...);
        $spot = new Spot('s', 'Shelf', SpotKind::Console, $inches(40), $inches(12), $inches(30), null, SeenFrom::Front, [], Srgb::ofHex($wall), []);

        return (new WallContrast())->check(new Dressing($spot, [Make::placed(Make::piece('p', colours: [[$piece, 100]]), 10)]), Make::judgement())?->verdict;
    }

    private function ratio(string $one, string $two): float
    {
        [$light, $dark] = [max($this->luminance($one), $this->luminance($two)), min($this->luminance($one), $this->luminance($two))];

        return ($light + 0.05) / ($dark + 0.05);
    }

    private function luminance(string $hex): float
    {
        $linear = array_map(static function (string $pair): float {
            $share = hexdec($pair) / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, str_split(substr($hex, 1), 2));

        return 0.2126 * $linear[0] + 0.7152 * $linear[1] + 0.0722 * $linear[2];
    }

    private function colour(Randomizer $random): string
    {
        return sprintf('#%06X', $random->getInt(0, 0xFFFFFF));
    }
}
