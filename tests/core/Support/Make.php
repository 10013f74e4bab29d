<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Support;

use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;

/** Pieces, looks and spots for tests: plain ones, to be varied by what a test is about. Sizes in inches. */
final class Make
{
    /**
     * @param list<array{string, int}> $colours  hex and percent
     * @param list<Material>           $materials
     * @param list<Season>             $seasons
     * @param list<Hazard>             $hazards
     */
    public static function piece(
        string $id,
        PieceKind $kind = PieceKind::Vase,
        float $width = 6,
        float $height = 10,
        array $colours = [['#B5532A', 100]],
        array $materials = [Material::Stoneware],
        array $seasons = [],
        array $hazards = [],
        int $count = 1,
        float $depth = 5,
        Finish $finish = Finish::Plain,
        int $grams = 900,
        ?float $laidOut = null,
    ): Piece {
        return new Piece(
            $id,
            ucfirst($id),
            $kind,
            $count,
            self::size($width, $depth, $height),
            Weight::ofGrams($grams),
            array_map(static fn(array $c): ColourShare => new ColourShare(Srgb::ofHex($c[0]), $c[1]), $colours),
            $materials,
            $finish,
            $seasons,
            $hazards,
            null === $laidOut ? null : Length::ofInches($laidOut),
        );
    }

    public static function size(float $width, float $depth, float $height): Size
    {
        return new Size(Length::ofInches($width), Length::ofInches($depth), Length::ofInches($height));
    }

    /**
     * @param list<Texture> $textures
     * @param list<Srgb>    $resting
     * @param list<Finish>  $restingFinishes
     */
    public static function look(
        BalanceSchool $balance = BalanceSchool::Centred,
        int $mood = 50,
        array $textures = [],
        array $resting = [],
        array $restingFinishes = [],
    ): Look {
        return new Look('Juniper & Ember', [
            new Ribbon('Tallow', Srgb::ofHex('#F0E7D4'), RibbonRole::Base, 50),
            new Ribbon('Juniper', Srgb::ofHex('#3E5F5A'), RibbonRole::Second, 30),
            new Ribbon('Ember', Srgb::ofHex('#B5532A'), RibbonRole::Accent, 20),
        ], $textures, new Resting($resting, $restingFinishes), $mood, $balance);
    }

    /**
     * @param list<KeepClear>  $keepClear
     * @param list<SpotHazard> $hazards
     */
    public static function spot(
        float $width = 60,
        float $depth = 10,
        ?float $clear = 30,
        array $keepClear = [],
        array $hazards = [],
        float $ledge = 52,
        SpotKind $kind = SpotKind::Mantel,
        Layout $layout = new Layout(),
        SeenFrom $seenFrom = SeenFrom::Front,
        string $id = 'spot',
    ): Spot {
        return new Spot(
            $id,
            'Stove shelf',
            $kind,
            Length::ofInches($width),
            Length::ofInches($depth),
            Length::ofInches($ledge),
            null === $clear ? null : Length::ofInches($clear),
            $seenFrom,
            $keepClear,
            Srgb::ofHex('#F6F4EE'),
            $hazards,
            [],
            $layout,
        );
    }

    public static function placed(
        Piece $piece,
        float $left,
        Layer $layer = Layer::Middle,
        float $raise = 0,
        int $count = 1,
        int $tier = 0,
        ?Posture $posture = null,
    ): PlacedPiece {
        return new PlacedPiece('at-' . $piece->id, $piece, $count, new Stance((int) round($left * 254), $layer, (int) round($raise * 254), $tier, $posture));
    }

    public static function judgement(?Look $look = null): Judgement
    {
        $look ??= self::look();

        return new Judgement($look, new FitMeter($look));
    }
}
