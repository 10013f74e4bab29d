<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use Random\Randomizer;

/** Seeded cupboards and bare spots of every kind, their sizes about the usual ones. */
final class SeededStock
{
    private const COLOURS = ['#F0E7D4', '#3E5F5A', '#B5532A', '#2040FF', '#2B2A28', '#C9A24B'];
    private const MATERIALS = [Material::Stoneware, Material::Brass, Material::Wood, Material::FauxGreenery, Material::Wool, Material::Glass];

    /** @return list<Available> */
    public static function cupboard(Randomizer $random, int $pieces): array
    {
        $available = [];
        for ($i = 0; $i < $pieces; ++$i) {
            $kind = PieceKind::cases()[$random->getInt(0, \count(PieceKind::cases()) - 1)];
            $facts = $kind->facts();
            $scale = $random->getInt(60, 150) / 100;
            $usual = $facts->usualSize();
            $scaled = static fn(Length $side): Length => Length::ofTenths(max(127, (int) ($side->tenths() * $scale)));
            $piece = Make::piece(
                'p' . $i,
                $kind,
                colours: [[self::COLOURS[$random->getInt(0, 5)], 100]],
                materials: [$facts->material ?? self::MATERIALS[$random->getInt(0, 5)]],
                hazards: 0 === $random->getInt(0, 4) ? [Hazard::Breakable] : $facts->hazards,
            );
            $available[] = new Available(
                new Piece(
                    $piece->id,
                    $piece->name,
                    $kind,
                    1,
                    new Size($scaled($usual->width), $scaled($usual->depth), $scaled($usual->height)),
                    $piece->weight,
                    $piece->colours,
                    $piece->materials,
                    $piece->finish,
                    [],
                    $piece->hazards,
                ),
                1,
                'A1, attic',
            );
        }

        return $available;
    }

    public static function bareSpot(Randomizer $random, SpotKind $kind): Dressing
    {
        $facts = SpotFacts::of($kind);
        $scale = $random->getInt(80, 160) / 100;
        $scaled = static fn(Length $side): Length => Length::ofTenths((int) ($side->tenths() * $scale));
        $layout = new Layout($facts->layout->tiers, seats: SpotKind::DiningTable === $kind ? 4 : 0, posts: $facts->layout->posts);
        $usual = Make::spot(kind: $kind);

        return new Dressing(
            new Spot(
                'spot',
                'A spot',
                $kind,
                $scaled($facts->width),
                $scaled($facts->depth),
                $facts->ledgeHeight,
                $facts->clearHeight,
                $facts->seenFrom,
                [],
                $usual->wall,
                0 === $random->getInt(0, 3) ? [SpotHazard::Children] : [],
                [],
                $layout,
            ),
            [],
        );
    }
}
