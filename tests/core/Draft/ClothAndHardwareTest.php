<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Ranking;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** What is laid under the rest, and what only holds the rest up. */
final class ClothAndHardwareTest extends TestCase
{
    /** A runner of 72 in on a table of 60: half of what is over hangs down at either end, and nothing is too wide for it. */
    public function testARunnerLongerThanTheTableHangsDownAlikeAtBothEnds(): void
    {
        $table = Make::spot(width: 60, depth: 36, clear: null, ledge: 30, kind: SpotKind::DiningTable);
        $runner = Make::piece('runner', PieceKind::Runner, 14, 3, materials: [Material::Linen], depth: 14, laidOut: 72);

        $offered = self::rank(new Dressing($table, []), [$runner])->candidates[0] ?? null;

        self::assertSame([Posture::Lies, -6 * 254], [$offered?->stance->posture, $offered?->stance->left]);
        $laid = new Dressing($table, [new PlacedPiece('at', $runner, 1, $offered->stance)]);
        self::assertSame([], Coach::toMend((new Coach())->lookOver($laid, Make::judgement())));
    }

    public function testASkirtIsOfferedRoundATreeThatStandsAndOnce(): void
    {
        $corner = Make::spot(width: 48, depth: 48, clear: 96, ledge: 0, kind: SpotKind::Tree);
        $tree = Make::piece('fir', PieceKind::Tree, 44, 80, materials: [Material::FauxGreenery], depth: 44);
        $skirt = Make::piece('skirt', PieceKind::TreeSkirt, 14, 4, materials: [Material::Cotton], depth: 10, laidOut: 52);
        $standing = new Dressing($corner, [Make::placed($tree, 2, posture: Posture::Stands)]);

        $offered = self::rank($standing, [$skirt])->candidates[0] ?? null;
        self::assertSame([Posture::Lies, (2 + 22 - 26) * 254], [$offered?->stance->posture, $offered?->stance->left], 'its middle under the tree');

        $laid = $standing->with(new PlacedPiece('at', $skirt, 1, $offered->stance));
        self::assertSame([], self::rank($laid, [Make::piece('another', PieceKind::TreeSkirt, 14, 4, depth: 10, laidOut: 48)])->candidates);
        self::assertSame([], Coach::toMend((new Coach())->lookOver($laid, Make::judgement())));
    }

    public function testHooksAreNotOfferedToBeSeen(): void
    {
        $ranking = self::rank(new Dressing(Make::spot(), []), [Make::piece('hooks', PieceKind::Hooks, 10, 3), Make::piece('jug', PieceKind::Jug)]);

        self::assertSame(['jug'], array_map(static fn(Candidate $one): string => $one->available->piece->id, $ranking->candidates));
        self::assertSame(['hardware, not shown' => 1], $ranking->leftOut);
    }

    /** @param list<Piece> $pieces */
    private static function rank(Dressing $dressing, array $pieces): Ranking
    {
        $offers = array_map(static fn(Piece $piece): Available => new Available($piece, 1, 'A1'), $pieces);

        return (new CandidateRanking())->rank($dressing, $offers, Make::judgement(), Season::Winter, 12);
    }
}
