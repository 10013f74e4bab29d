<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Look;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\ColourSchool;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Restyle;
use BrightCupboard\Core\Look\RestyleIdeas;
use BrightCupboard\Core\Look\RestyleWay;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** What would bring a piece into the look, and what the schools and the resting things do to its fit. */
final class RestyleTest extends TestCase
{
    private const TEAL = '#35A7A5';

    public function testACushionWantsAnotherCover(): void
    {
        $ideas = $this->ideas()->of(Make::piece('cushion', PieceKind::Cushion, colours: [[self::TEAL, 100]], materials: [Material::Cotton]), []);

        self::assertSame(RestyleWay::OtherCover, $ideas[0]->way);
        self::assertGreaterThanOrEqual(95, $ideas[0]->scoreAfter);
        self::assertSame(1400, $ideas[0]->costMinor);
    }

    public function testATurnedFaceCostsNothingAndComesFirstWhereItDoesAsWell(): void
    {
        $face = new Face('ember side', [], [new ColourShare(Srgb::ofHex('#B5532A'), 100)]);
        $ideas = $this->ideas()->of(Make::piece('crock', PieceKind::Crock, colours: [[self::TEAL, 100]], materials: [Material::Wood]), [$face]);

        self::assertSame([RestyleWay::TurnFace, RestyleWay::Paint], array_map(static fn(Restyle $idea): RestyleWay => $idea->way, $ideas));
        self::assertSame(['ember side', 0, null], [$ideas[0]->face, $ideas[0]->costMinor, $ideas[0]->way->caution()]);
        self::assertNotNull($ideas[1]->way->caution());
    }

    public function testWhatGainsNothingIsNotSaid(): void
    {
        self::assertSame([], $this->ideas()->of(Make::piece('cushion', PieceKind::Cushion, colours: [['#B5532A', 100]], materials: [Material::Cotton]), []));
    }

    public function testGlassIsNeverPaintedAndAWreathOnlyTiedAnew(): void
    {
        $glass = Make::piece('bottle', PieceKind::Vase, colours: [[self::TEAL, 100]], materials: [Material::Glass]);
        $wreath = Make::piece('wreath', PieceKind::Wreath, colours: [['#3E5F5A', 70], [self::TEAL, 30]], materials: [Material::FauxGreenery]);

        self::assertSame([], $this->ideas()->of($glass, []));
        self::assertSame([RestyleWay::SwapRibbon], array_map(static fn(Restyle $idea): RestyleWay => $idea->way, $this->ideas()->of($wreath, [])));
    }

    public function testAQuietLookLowersTheLoudAndASurpriseIsWelcomeWhenSmall(): void
    {
        $loud = Make::piece('loud', colours: [['#FF6A00', 100]]);
        $surprise = Make::piece('surprise', colours: [['#3E5F5A', 80], ['#2040FF', 20]]);
        $score = static fn(ColourSchool $school, \BrightCupboard\Core\Stock\Piece $piece): int => (new FitMeter(self::look($school)))->fit($piece)->score;

        self::assertLessThan($score(ColourSchool::AsRibbons, $loud), $score(ColourSchool::Quiet, $loud));
        self::assertLessThan(85, $score(ColourSchool::AsRibbons, $surprise));
        self::assertSame(92, $score(ColourSchool::Unexpected, $surprise), '80 + 0.6 × 20');
    }

    public function testTexturesAndSinglePiecesCanRest(): void
    {
        $piece = Make::piece('urn', colours: [['#3E5F5A', 100]], materials: [Material::Stoneware]);
        $fit = static fn(Resting $resting): int => (new FitMeter(self::look(ColourSchool::AsRibbons, $resting)))->fit($piece)->score;

        self::assertSame([100, 70, 0], [$fit(new Resting()), $fit(new Resting(textures: [Texture::Clay])), $fit(new Resting(pieces: ['urn']))]);
    }

    private function ideas(): RestyleIdeas
    {
        $look = self::look(ColourSchool::AsRibbons);

        return new RestyleIdeas($look, new FitMeter($look));
    }

    private static function look(ColourSchool $school, Resting $resting = new Resting()): Look
    {
        $like = Make::look();

        return new Look('Look', $like->ribbons, [], $resting, 50, BalanceSchool::Centred, $school);
    }
}
