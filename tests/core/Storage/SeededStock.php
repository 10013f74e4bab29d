<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Storage;

use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Tests\Core\Support\Make;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Totes and things to be packed into them, from a seed: of every kind, hard and soft, heavy and brittle, that suffer and that do not. */
final readonly class SeededStock
{
    private const KINDS = [
        PieceKind::Vase, PieceKind::Box, PieceKind::Bowl, PieceKind::Cushion, PieceKind::Garland, PieceKind::Lights, PieceKind::Runner,
        PieceKind::Plate, PieceKind::Wreath, PieceKind::Candlestick,
    ];
    private const MATERIALS = [
        Material::Stoneware, Material::Wood, Material::Glass, Material::Wool, Material::FauxGreenery, Material::Wax, Material::Paper,
        Material::Brass, Material::Linen,
    ];

    /** @var list<StoredTote> */
    public array $totes;
    /** @var list<array{Piece, int}> largest first */
    public array $stock;

    public function __construct(int $seed, int $totes = 6, int $pieces = 25)
    {
        $random = new Randomizer(new Mt19937($seed));
        $any = static fn(array $of): mixed => $of[$random->getInt(0, \count($of) - 1)];
        $boxes = $things = [];
        for ($i = 0; $i < $totes; ++$i) {
            $conditions = 0 === $random->getInt(0, 2) ? [$any(Condition::cases())] : [];
            $most = 0 === $random->getInt(0, 1) ? Weight::ofGrams($random->getInt(4, 18) * 1000) : null;
            $boxes[] = new StoredTote(
                't' . $i,
                'T' . $i,
                'attic',
                Make::size($random->getInt(12, 30), $random->getInt(10, 20), $random->getInt(8, 18)),
                $conditions,
                $most,
            );
        }
        for ($i = 0; $i < $pieces; ++$i) {
            $kind = $any(self::KINDS);
            $long = \in_array($kind, [PieceKind::Garland, PieceKind::Lights], true);
            $things[] = [
                Make::piece(
                    'p' . $i,
                    $kind,
                    width: $long ? $random->getInt(36, 144) : $random->getInt(2, 16),
                    height: $long ? 4 : $random->getInt(2, 18),
                    depth: $long ? 4 : $random->getInt(1, 12),
                    materials: [$any(self::MATERIALS)],
                    seasons: 0 === $random->getInt(0, 1) ? [] : [$any(Season::cases())],
                    hazards: 0 === $random->getInt(0, 2) ? [Hazard::Breakable] : [],
                    grams: $random->getInt(50, 3500),
                    count: 9,
                ),
                $random->getInt(1, 6),
            ];
        }
        usort($things, static fn(array $a, array $b): int => [$b[0]->size->litres(), $a[0]->id] <=> [$a[0]->size->litres(), $b[0]->id]);
        [$this->totes, $this->stock] = [$boxes, $things];
    }
}
