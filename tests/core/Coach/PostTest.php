<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Rearranging;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Sizing\Curves;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What goes round a post: so far up as its length and its turns let it, and no further than the top. */
final class PostTest extends TestCase
{
    /**
     * Of 108 in round a post of 6 in each turn takes 6π = 18.85 in: √(108² − (n · 18.85)²), reckoned by hand.
     *
     * @param float $climbs inches
     */
    #[TestWith([0, 108.0])]
    #[TestWith([2, 101.2])]
    #[TestWith([3, 92.0])]
    #[TestWith([5, 52.7])]
    public function testAGarlandClimbsLessTheOftenerItGoesRound(int $turns, float $climbs): void
    {
        $post = self::post();
        $stance = new Stance(0, Layer::Middle, posture: Posture::Drapes, dips: $turns);
        $garland = new PlacedPiece('at', Make::piece('garland', PieceKind::Garland, 108, 6), 1, $stance->on($post, PieceKind::Garland));

        self::assertEqualsWithDelta($climbs, $garland->width / 254, 0.06);
        self::assertSame([0, $turns > 0], [$garland->drop, $garland->isWound()]);
    }

    /** What is wound is as long as what it climbs says that it is, by the helix that the sums reckon with. */
    #[TestWith([108.0, 3, 6.0])]
    #[TestWith([240.0, 12, 5.5])]
    #[TestWith([60.0, 1, 10.0])]
    public function testTheClimbIsTheHelixReadTheOtherWay(float $length, int $turns, float $across): void
    {
        $climb = Curves::climb($length, $turns, \M_PI * $across);

        self::assertEqualsWithDelta($length, Curves::helix($climb, $turns, $across), 1e-9);
        self::assertEqualsWithDelta($turns, Curves::turns($length, $climb, \M_PI * $across), 1e-9);
    }

    public function testItIsWoundAsOftenAsLeavesNoneOfItOver(): void
    {
        $finder = new PlaceFinder();
        $bare = new Dressing(self::post(), []);
        $long = $finder->find($bare, Make::piece('long', PieceKind::Garland, 108, 6));
        $short = $finder->find($bare, Make::piece('short', PieceKind::Garland, 72, 6));

        self::assertSame([0, 3], [$long?->left, $long?->dips]);
        self::assertSame([0, 0], [$short?->left, $short?->dips], 'too short for the post it runs up it');
        self::assertNull($finder->find($bare, Make::piece('rope', PieceKind::Garland, 400, 6)), 'turns that lie on one another');
    }

    public function testLightsFollowTheGarlandAndASecondOneFindsNoRoom(): void
    {
        $garland = Make::piece('garland', PieceKind::Garland, 108, 6);
        $dressing = new Dressing(self::post(), [new PlacedPiece('one', $garland, 1, new Stance(0, posture: Posture::Drapes, dips: 3, girth: 4788))]);
        $lights = (new PlaceFinder())->find($dressing, Make::piece('lights', PieceKind::Lights, 240, 6));

        self::assertSame([0, Posture::Drapes, 12], [$lights?->left, $lights?->posture, $lights?->dips]);
        self::assertNull((new PlaceFinder())->find($dressing, $garland));
    }

    public function testWhatBelongsOnAPostIsOfferedByWhatItDoesThere(): void
    {
        $offers = array_map(
            static fn(array $one): Available => new Available(Make::piece($one[0], $one[1], $one[2], 6), 1, 'A1, attic'),
            [['garland', PieceKind::Garland, 108], ['vase', PieceKind::Vase, 6], ['cushion', PieceKind::Cushion, 18], ['stocking', PieceKind::Stocking, 8]],
        );
        $ranking = (new CandidateRanking())->rank(new Dressing(self::post(), []), $offers, Make::judgement(), Season::Winter, 12);

        self::assertSame(['garland'], array_map(static fn(Candidate $one): string => $one->available->piece->id, $ranking->candidates));
        self::assertSame(3, array_sum($ranking->leftOut));
    }

    public function testADressedPostLeavesNothingToMendAndOneTooFarUpDoes(): void
    {
        $garland = Make::piece('garland', PieceKind::Garland, 108, 6);
        $at = static fn(int $left): array => array_values(array_filter(
            (new Coach())->lookOver(
                new Dressing(self::post(), [new PlacedPiece('one', $garland, 1, new Stance($left, posture: Posture::Drapes, dips: 3, girth: 4788))]),
                Make::judgement(),
            ),
            static fn(Finding $one): bool => Verdict::Fix === $one->verdict,
        ));

        self::assertSame([], $at(0));
        self::assertSame([Check::Room], array_map(static fn(Finding $one): Check => $one->check, $at(20 * 254)));
    }

    public function testDipsOfARailBecomeTurnsOfAPost(): void
    {
        $garland = Make::piece('garland', PieceKind::Garland, 108, 6);
        $rail = new Dressing(
            Make::spot(width: 120, depth: 4, clear: null, kind: SpotKind::StairRail),
            [new PlacedPiece('one', $garland, 1, new Stance(0, posture: Posture::Drapes, dips: 1))],
        );
        $copied = (new Rearranging())->onto($rail, self::post(), BalanceSchool::Centred)->dressing->placed;

        self::assertSame([[3, true]], array_map(static fn(PlacedPiece $one): array => [$one->stance->dips, $one->isWound()], $copied));
    }

    public function testPlacesAreMeasuredFromItsFoot(): void
    {
        $post = self::post();

        self::assertSame(['foot', 'middle', 'top'], array_map($post->sideOf(...), [0.0, 48 * 254.0, 96 * 254.0]));
        self::assertSame(40 * 254, $post->baseAt(0, 40 * 254.0));
    }

    private static function post(): Spot
    {
        return Make::spot(width: 96, depth: 6, clear: null, ledge: 0, kind: SpotKind::Post);
    }
}
