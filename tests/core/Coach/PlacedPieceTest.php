<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How wide, deep and high a thing is as it is put. */
final class PlacedPieceTest extends TestCase
{
    /**
     * A runner of six feet, kept folded to a square, and a skirt of four.
     *
     * @param array{float, float, float} $put as it is put: width, depth, height
     */
    #[TestWith([PieceKind::Runner, 72, [72, 14, 0.25]])]
    #[TestWith([PieceKind::TreeSkirt, 48, [48, 48, 0.25]])]
    public function testClothLiesAsLongAsItIsLaidOutAndFallsOverTheEnds(PieceKind $kind, int $laidOut, array $put): void
    {
        $cloth = Make::piece('cloth', $kind, 14, 3, depth: 14, laidOut: $laidOut);
        $placed = new PlacedPiece('at', $cloth, 1, new Stance(0, Layer::Middle, posture: Posture::Lies));

        self::assertEqualsWithDelta($put, array_map(static fn(int $tenths): float => $tenths / 254, [$placed->width, $placed->depth, $placed->height]), 0.01);
        self::assertTrue($placed->fallsOverTheEnds());
    }

    /**
     * @param array{float, float, float} $size as it is measured: width, depth, height
     * @param array{float, float, float} $put  as it is put
     */
    #[TestWith([PieceKind::Bunch, Posture::Lies, [12, 8, 20], [20, 12, 8]])]
    #[TestWith([PieceKind::Bunch, Posture::Fills, [12, 8, 20], [12, 8, 20]])]
    #[TestWith([PieceKind::Plate, Posture::Lies, [10, 1, 10], [10, 10, 1]])]
    #[TestWith([PieceKind::Plate, Posture::Leans, [10, 1, 10], [10, 1, 10]])]
    #[TestWith([PieceKind::Tray, Posture::Lies, [18, 12, 2], [18, 12, 2]])]
    #[TestWith([PieceKind::Tray, Posture::Leans, [18, 12, 2], [18, 2, 12]])]
    #[TestWith([PieceKind::Vase, Posture::Stands, [6, 6, 11], [6, 6, 11]])]
    public function testWhatLiesIsLowAndWhatLeansIsHigh(PieceKind $kind, Posture $posture, array $size, array $put): void
    {
        [$width, $depth, $height] = $size;
        $piece = Make::piece('one', $kind, $width, $height, depth: $depth);
        $placed = new PlacedPiece('at', $piece, 2, new Stance(0, Layer::Middle, posture: $posture));

        self::assertEquals(
            [2 * $put[0], $put[1], $put[2]],
            array_map(static fn(int $tenths): float => $tenths / 254, [$placed->width, $placed->depth, $placed->height]),
        );
    }
}
