<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Look;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\ColourSchool;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\InvalidLook;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Look\RibbonShares;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FitMeterTest extends TestCase
{
    public function testARibbonsOwnColourFitsWholly(): void
    {
        $fit = (new FitMeter(Make::look()))->fit(Make::piece('jug'));

        self::assertSame([100, 2, FitVerdict::In], [$fit->score, $fit->ribbon, $fit->verdict]);
        self::assertEqualsWithDelta(0.0, $fit->distance, 1e-9);
    }

    public function testAColourFarFromEveryRibbonIsOutside(): void
    {
        self::assertSame(FitVerdict::Outside, (new FitMeter(Make::look()))->fit(Make::piece('bauble', colours: [['#2040FF', 100]]))->verdict);
    }

    /** Moving a colour towards its ribbon never lowers the fit, on 300 seeded walks (no colour rests here). */
    public function testMovingNearerNeverLowersTheFit(): void
    {
        $meter = new FitMeter(Make::look());
        $random = new Randomizer(new Mt19937(9));
        $ember = [0xB5, 0x53, 0x2A];
        for ($walk = 0; $walk < 300; ++$walk) {
            $from = [$random->getInt(120, 255), $random->getInt(40, 120), $random->getInt(0, 70)];
            $reached = [];
            for ($step = 0; $step <= 10; ++$step) {
                $mix = array_map(static fn(int $a, int $b): int => (int) round($a + ($b - $a) * $step / 10), $from, $ember);
                $answer = $meter->answer(Srgb::ofHex(vsprintf('#%02X%02X%02X', $mix)));
                $reached[] = [$answer->distance, $answer->score];
            }
            usort($reached, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
            $scores = array_column($reached, 1);
            $sorted = $scores;
            sort($sorted);
            self::assertEqualsWithDelta($sorted, $scores, 1e-9);
        }
    }

    public function testAWarmNeutralCountsThreeQuarters(): void
    {
        $answer = (new FitMeter(Make::look()))->answer(Srgb::ofHex('#868480'));

        self::assertGreaterThan(8.0, $answer->distance);
        self::assertEqualsWithDelta(0.75, $answer->score, 0.001);
    }

    public function testAPieceOfTwoColoursIsWeighedByShare(): void
    {
        $meter = new FitMeter(Make::look());
        $mostly = $meter->fit(Make::piece('a', colours: [['#B5532A', 80], ['#FF00FF', 20]]));
        $hardly = $meter->fit(Make::piece('b', colours: [['#B5532A', 20], ['#FF00FF', 80]]));

        self::assertSame([80, 20], [$mostly->score, $hardly->score]);
    }

    public function testWhatRestsCostsAndIsSaid(): void
    {
        $look = Make::look(resting: [Srgb::ofHex('#B5532A')], restingFinishes: [Finish::Glitter]);
        $fit = (new FitMeter($look))->fit(Make::piece('cushion', finish: Finish::Glitter));

        self::assertSame(30, $fit->score);
        self::assertSame(['half, for a colour that rests', 'times 0.6, glitter rests'], $fit->notes);
    }

    public function testATraceOfARestingColourIsForgiven(): void
    {
        $look = Make::look(resting: [Srgb::ofHex('#B01E2E')]);

        self::assertSame([], (new FitMeter($look))->fit(Make::piece('a', colours: [['#3E5F5A', 92], ['#B01E2E', 8]]))->notes);
        self::assertNotSame([], (new FitMeter($look))->fit(Make::piece('b', colours: [['#3E5F5A', 90], ['#B01E2E', 10]]))->notes);
    }

    /** One step of one channel is not seen by anybody, so it moves no figure by more than 3. */
    public function testOneStepOfAChannelNeverMovesAFitByMoreThanThree(): void
    {
        $random = new Randomizer(new Mt19937(3));
        foreach ([[], [Srgb::ofHex('#B01E2E'), Srgb::ofHex('#C8D8E0')]] as $resting) {
            $look = Make::look(resting: $resting);
            foreach ([$look, new Look('Quiet', $look->ribbons, [], $look->resting, 50, $look->balance, ColourSchool::Quiet)] as $one) {
                $meter = new FitMeter($one);
                for ($i = 0; $i < 1500; ++$i) {
                    $rgb = 0 === $i % 3
                        ? array_fill(0, 3, $random->getInt(0, 254))
                        : [$random->getInt(0, 254), $random->getInt(0, 254), $random->getInt(0, 254)];
                    $next = $rgb;
                    ++$next[$i % 3 === 0 ? $random->getInt(0, 2) : $i % 3];
                    $fit = static fn(array $of): int => $meter->fit(Make::piece('p', colours: [[sprintf('#%02X%02X%02X', ...$of), 100]]))->score;
                    self::assertLessThanOrEqual(3, abs($fit($rgb) - $fit($next)), json_encode([$rgb, $next], \JSON_THROW_ON_ERROR));
                }
            }
        }
    }

    /** White, greys and black sit in every look, and none of them falls off a step. */
    #[TestWith(['#FFFFFF'])]
    #[TestWith(['#808080'])]
    #[TestWith(['#808081'])]
    #[TestWith(['#101010'])]
    public function testANeutralSitsInWarmAndCoolLooks(string $hex): void
    {
        $cool = new Look(
            'River',
            [new Ribbon('Navy', Srgb::ofHex('#1F2A4D'), RibbonRole::Base, 60), new Ribbon('River', Srgb::ofHex('#4E7D9C'), RibbonRole::Second, 40)],
            [],
            new Resting(),
            50,
            BalanceSchool::Centred,
        );
        foreach ([Make::look(), $cool] as $look) {
            self::assertGreaterThanOrEqual(70, (new FitMeter($look))->fit(Make::piece('p', colours: [[$hex, 100]]))->score);
        }
    }

    public function testOutOfSeasonNothingIsInTheLook(): void
    {
        $fit = (new FitMeter(Make::look(textures: [Texture::Metal]), Season::Winter))->fit(Make::piece(
            'p',
            materials: [Material::Brass],
            seasons: [Season::Summer],
        ));

        self::assertSame(79, $fit->score);
    }

    public function testSeasonAndTextureTakeALittle(): void
    {
        $meter = new FitMeter(Make::look(textures: [Texture::Metal]), Season::Winter);

        self::assertSame(79, $meter->fit(Make::piece('summer', seasons: [Season::Summer]))->score);
        self::assertSame(100, $meter->fit(Make::piece('brass', materials: [Material::Brass], seasons: [Season::Winter]))->score);
    }

    public function testSharesGoToTheNearestRibbonByFace(): void
    {
        $look = Make::look();
        $shares = (new RibbonShares($look, new FitMeter($look)))->of([
            [Make::piece('ember', width: 10, height: 10), 1],
            [Make::piece('mixed', width: 10, height: 10, colours: [['#3E5F5A', 50], ['#2040FF', 50]]), 2],
        ]);

        self::assertEqualsWithDelta([0.0, 1 / 3, 1 / 3, 1 / 3], $shares, 1e-9);
    }

    public function testWithoutALookNothingIsJudged(): void
    {
        $fit = (new FitMeter(Look::notChosen('Later')))->fit(Make::piece('jug'));

        self::assertSame([FitVerdict::NotJudged, 0], [$fit->verdict, $fit->score]);
    }

    #[TestWith([[50, 49], 'The ribbon shares must add up to 100 %, they add up to 99 %.'])]
    public function testRefusesALookNothingCouldBeJudgedBy(array $shares, string $sentence): void
    {
        $ribbons = array_map(
            static fn(int $percent): Ribbon => new Ribbon('Ribbon', Srgb::ofHex('#B5532A'), RibbonRole::Base, $percent),
            array_values($shares),
        );

        $this->expectException(InvalidLook::class);
        $this->expectExceptionMessage($sentence);
        new Look('Look', $ribbons, [], new Resting(), 50, BalanceSchool::Centred);
    }
}
