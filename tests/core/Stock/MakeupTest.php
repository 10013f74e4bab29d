<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Stock;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Stock\Alike;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\FaceTurn;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\InvalidStock;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\PieceSet;
use BrightCupboard\Core\Stock\SetCheck;
use BrightCupboard\Core\Stock\SetState;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Faces, parts, sets and look-alikes. */
final class MakeupTest extends TestCase
{
    public function testATurnedPieceTurnsBack(): void
    {
        $piece = Make::piece('crock', colours: [['#EDE4D3', 85], ['#5A3046', 15]]);
        $makeup = new Makeup([new Face('plain side', [], [new ColourShare(Srgb::ofHex('#EDE4D3'), 100)])]);
        [$turned, $kept] = (new FaceTurn())->to($piece, $makeup, 'plain side') ?? [$piece, $makeup];
        self::assertCount(1, $turned->colours);
        self::assertSame('as it was', $kept->faces[0]->name);
        [$back] = (new FaceTurn())->to($turned, $kept, 'as it was') ?? [$turned];

        self::assertEquals($piece->colours, $back->colours);
        self::assertNull((new FaceTurn())->to($piece, $makeup, 'no such side'));
    }

    public function testEachRestyleKeepsTheSideBeforeUnderAFreeName(): void
    {
        [$piece, $makeup] = [Make::piece('cushion'), new Makeup()];
        foreach (['#112233', '#445566', '#778899'] as $hex) {
            [$piece, $makeup] = (new FaceTurn())->into($piece, $makeup, [new ColourShare(Srgb::ofHex($hex), 100)]);
        }

        self::assertSame(['as it was', 'as it was 2', 'as it was 3'], array_map(static fn(Face $face): string => $face->name, $makeup->faces));
        self::assertSame('#445566', $makeup->faces[2]->colours[0]->colour->hex());
    }

    public function testASetCountsWhatIsAtHand(): void
    {
        $sets = ['a' => new PieceSet('Bone service', 8), 'b' => new PieceSet('bone service', 8), 'c' => new PieceSet('bookends', 2)];
        $now = new Whereabouts(['a' => ['tote:1' => 4, 'lost' => 1], 'b' => ['spot:1' => 1, 'lent' => 1], 'c' => ['spot:1' => 2]]);

        self::assertEquals([new SetState('Bone service', 8, 5, ['a', 'b']), new SetState('bookends', 2, 2, ['c'])], (new SetCheck())->states($sets, $now));
    }

    /** @return iterable<string, array{Piece, Piece, string|null}> two pieces, why they may be the same */
    public static function pairs(): iterable
    {
        yield 'one name' => [Make::piece('jug', PieceKind::Jug), Make::piece('JUG', PieceKind::Vase, width: 20), 'the same name'];
        yield 'alike in all but the name' => [Make::piece('one', width: 6), Make::piece('two', width: 6.5), 'the same kind, size and colour'];
        yield 'a tenth too wide' => [Make::piece('one', width: 6), Make::piece('two', width: 6.8), null];
        yield 'another colour' => [Make::piece('one'), Make::piece('two', colours: [['#26375A', 100]]), null];
        yield 'another material' => [Make::piece('one'), Make::piece('two', materials: [Material::Brass]), null];
        yield 'another finish' => [Make::piece('one'), Make::piece('two', finish: Finish::Glitter), null];
    }

    #[DataProvider('pairs')]
    public function testSuspectsDoubles(Piece $one, Piece $two, ?string $reason): void
    {
        self::assertSame($reason, (new Alike())->reason($one, $two));
        self::assertSame($reason, (new Alike())->reason($two, $one));
    }

    /** @return iterable<string, array{\Closure(): object, string}> */
    public static function refusals(): iterable
    {
        $share = [new ColourShare(Srgb::ofHex('#fff'), 100)];
        yield 'a face without a name' => [static fn(): object => new Face(' ', [], $share), 'Every face needs a name'];
        yield 'a part without a name' => [
            static fn(): object => new Part('', PieceKind::Bunch, 1, Make::size(1, 1, 1), Srgb::ofHex('#fff'), Material::Wood),
            'Every part needs a name',
        ];
        yield 'a part of no size' => [
            static fn(): object => new Part('stem', PieceKind::Bunch, 1, Make::size(0, 1, 1), Srgb::ofHex('#fff'), Material::Wood),
            'needs a width and a height above 0',
        ];
        yield 'a set of one' => [static fn(): object => new PieceSet('pair', 1), 'A whole set has from 2 to 999 units, got 1.'];
        yield 'nine faces' => [static fn(): object => new Makeup(array_fill(0, 9, new Face('f', [], $share))), 'at most 8 faces'];
    }

    /** @param \Closure(): object $make */
    #[DataProvider('refusals')]
    public function testRefuses(\Closure $make, string $sentence): void
    {
        $this->expectException(InvalidStock::class);
        $this->expectExceptionMessage($sentence);
        $make();
    }
}
