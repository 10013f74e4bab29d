<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Core\Surface\TableShape;
use BrightCupboard\Tests\Core\Support\Make;

/**
 * Dressed spots of all forms: fourteen that are good by common practice (large with medium, odd numbers, half of
 * the seat free, ⅔ to ¾ of the furniture, 57 to 60 in, the sight band), forty-two with one fault each. Sizes in inches.
 */
final class DressedSpots
{
    /** @return iterable<string, array{Dressing}> centred school, everything in the look */
    public static function good(): iterable
    {
        yield 'mantel: mirror, pair of lights, greenery, one low' => [new Dressing(Make::spot(width: 60, depth: 12, clear: 48), [
            self::at(PieceKind::Mirror, 21, 18, 30, depth: 1, layer: Layer::Back),
            self::at(PieceKind::Vase, 9, 7, 15), self::at(PieceKind::Lantern, 40, 6, 16), self::at(PieceKind::Bowl, 49, 10, 8.5),
            self::at(PieceKind::Box, 1, 8, 8),
        ])];
        yield 'mantel: a wreath 7 in over it, three below' => [new Dressing(Make::spot(width: 60, depth: 12, clear: 48), [
            self::at(PieceKind::Wreath, 19, 22, 22, depth: 4, raise: 7, layer: Layer::Back, posture: Posture::Hangs),
            self::at(PieceKind::Vase, 6, 8, 15), self::at(PieceKind::Lantern, 42, 6, 16), self::at(PieceKind::Bowl, 49, 9, 9),
        ])];
        yield 'console: a mirror over it and nothing else yet' => [new Dressing(
            Make::spot(width: 48, depth: 12, clear: null, ledge: 32, kind: SpotKind::Console),
            [self::at(PieceKind::Mirror, 12, 24, 30, depth: 1, raise: 6.5, layer: Layer::Back, posture: Posture::Hangs)],
        )];
        yield 'sill: four alike pots in a row' => [new Dressing(Make::spot(width: 40, depth: 6, kind: SpotKind::WindowSill), [
            self::at(PieceKind::PotPlant, 4, 5, 7, id: 'a'), self::at(PieceKind::PotPlant, 13, 5, 7, id: 'b'),
            self::at(PieceKind::PotPlant, 22, 5, 7, id: 'c'), self::at(PieceKind::PotPlant, 31, 5, 7, id: 'd'),
        ])];
        yield 'hutch: each board a tall, a middle, a low' => [new Dressing(Make::spot(
            width: 40,
            depth: 12,
            clear: 16,
            kind: SpotKind::Hutch,
            layout: new Layout([Length::ofInches(14), Length::ofInches(16)]),
        ), [
            self::at(PieceKind::Jug, 1, 10, 12, tier: 0), self::at(PieceKind::Bowl, 14, 9, 6.5, tier: 0), self::at(PieceKind::Vase, 30, 8, 9, tier: 0),
            self::at(PieceKind::House, 4, 7, 8.5, tier: 1), self::at(PieceKind::Vase, 15, 8, 14, tier: 1), self::at(PieceKind::Crock, 29, 9, 10, tier: 1),
        ])];
        yield 'dining table: low in the middle, slim lights' => [new Dressing(Make::spot(
            width: 84,
            depth: 42,
            clear: null,
            ledge: 30,
            kind: SpotKind::DiningTable,
            layout: new Layout(seats: 6),
        ), [
            self::at(PieceKind::Bowl, 37, 10, 6, depth: 10), self::at(
                PieceKind::Candlestick,
                30,
                3,
                10,
                depth: 3,
                id: 'one',
            ), self::at(PieceKind::Candlestick, 51, 3, 10, depth: 3, id: 'two'),
        ])];
        yield 'round table: one low bowl' => [
            new Dressing(
                Make::spot(width: 48, depth: 48, clear: null, ledge: 30, kind: SpotKind::DiningTable, layout: new Layout(shape: TableShape::Round, seats: 4)),
                [self::at(PieceKind::Bowl, 18, 12, 6, depth: 12)],
            ),
        ];
        yield 'wall over a sofa: ⅔ of it, 7 in over it' => [new Dressing(self::wall(below: 84), [
            self::at(
                PieceKind::Picture,
                19,
                18,
                20,
                raise: 19,
                posture: Posture::Hangs,
                id: 'a',
            ), self::at(
                PieceKind::Picture,
                39,
                18,
                20,
                raise: 19,
                posture: Posture::Hangs,
                id: 'b',
            ), self::at(PieceKind::Picture, 59, 18, 20, raise: 19, posture: Posture::Hangs, id: 'c'),
        ])];
        yield 'door: a wreath at 61 in' => [
            new Dressing(
                Make::spot(width: 36, depth: 4, clear: 80, ledge: 0, kind: SpotKind::Door),
                [self::at(PieceKind::Wreath, 7, 22, 22, raise: 50, posture: Posture::Hangs)],
            ),
        ];
        yield 'rail: garland along all of it' => [
            new Dressing(
                Make::spot(width: 144, depth: 4, clear: null, ledge: 36, kind: SpotKind::StairRail),
                [self::at(PieceKind::Garland, 0, 72, 6, id: 'a'), self::at(PieceKind::Garland, 72, 72, 6, id: 'b')],
            ),
        ];
        yield 'sofa: four cushions from the ends, a throw' => [new Dressing(Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa), [
            self::at(PieceKind::Cushion, 2, 18, 18, layer: Layer::Back, id: 'a'), self::at(
                PieceKind::Cushion,
                64,
                18,
                18,
                layer: Layer::Back,
                id: 'b',
            ), self::at(PieceKind::Cushion, 6, 16, 14, id: 'c'), self::at(PieceKind::Cushion, 62, 16, 14, id: 'd'),
        ])];
        yield 'bed: a row behind, one in front' => [new Dressing(Make::spot(width: 60, depth: 80, clear: null, ledge: 24, kind: SpotKind::Bed), [
            self::at(
                PieceKind::Cushion,
                10,
                20,
                20,
                layer: Layer::Back,
                id: 'a',
            ), self::at(PieceKind::Cushion, 30, 20, 20, layer: Layer::Back, id: 'b'), self::at(PieceKind::Cushion, 22, 16, 12),
        ])];
        yield 'corner: one tall basket' => [
            new Dressing(Make::spot(width: 30, depth: 30, clear: null, ledge: 0, kind: SpotKind::Floor), [self::at(PieceKind::Basket, 8, 14, 16, depth: 14)]),
        ];
        yield 'tree: every band has something' => [new Dressing(Make::spot(width: 54, depth: 54, clear: 96, ledge: 0, kind: SpotKind::Tree), [
            self::at(PieceKind::Tree, 6, 42, 84, depth: 42), ...array_map(
                static fn(int $band): PlacedPiece => self::at(
                    PieceKind::Bauble,
                    20,
                    3,
                    3,
                    layer: Layer::Front,
                    tier: $band,
                    posture: Posture::Trims,
                    id: 'bauble-' . $band,
                ),
                range(0, 4),
            ),
        ])];
    }

    /** @return iterable<string, array{Dressing, Check, string}> the check that finds it and the code of the fault */
    public static function bad(): iterable
    {
        $ledge = Make::spot(width: 60, depth: 8, clear: 48);
        yield 'mantel: two vases that are too deep together' => [
            new Dressing($ledge, [self::at(PieceKind::Vase, 20, 6, 12, layer: Layer::Back), self::at(PieceKind::Jug, 22, 6, 9, layer: Layer::Front)]),
            Check::Room,
            'same place',
        ];
        yield 'mantel: a wreath that hangs down to it' => [
            new Dressing($ledge, [
                self::at(PieceKind::Wreath, 21, 18, 18, depth: 4, raise: 1, layer: Layer::Back, posture: Posture::Hangs),
                self::at(PieceKind::Vase, 6, 8, 15),
            ]),
            Check::HangingHeight,
            'too low',
        ];
        yield 'mantel: two in one place on the wall over it' => [
            new Dressing($ledge, [
                self::at(PieceKind::Mirror, 20, 20, 20, depth: 1, raise: 7, layer: Layer::Back, posture: Posture::Hangs),
                self::at(PieceKind::Wreath, 30, 14, 14, depth: 4, raise: 8, layer: Layer::Back, posture: Posture::Hangs),
            ]),
            Check::Room,
            'same place',
        ];
        yield 'sideboard: more than a hook bears, over it' => [
            new Dressing(Make::spot(width: 60, depth: 18, clear: null, ledge: 34, kind: SpotKind::Sideboard), [
                Make::placed(
                    Make::piece('glass', PieceKind::Mirror, 30, 30, materials: [Material::Glass], depth: 1, grams: 9000),
                    15,
                    Layer::Back,
                    7,
                    posture: Posture::Hangs,
                ),
            ]),
            Check::Hooks,
            'heavy',
        ];
        yield 'mantel: a candle under the wreath over it' => [
            new Dressing($ledge, [
                self::at(PieceKind::Wreath, 20, 18, 18, depth: 4, raise: 7, layer: Layer::Back, posture: Posture::Hangs, material: Material::FauxGreenery),
                self::at(PieceKind::Pillar, 24, 4, 7, hazard: Hazard::OpenFlame, material: Material::Wax),
                self::at(PieceKind::Vase, 44, 8, 11),
            ]),
            Check::Flame,
            'too close',
        ];
        yield 'mantel: a small one lost behind a large one' => [
            new Dressing(
                Make::spot(width: 60, depth: 20),
                [self::at(PieceKind::Bell, 22, 4, 6, layer: Layer::Back), self::at(PieceKind::Crock, 20, 10, 10, layer: Layer::Front)],
            ),
            Check::Hidden,
            'hidden',
        ];
        yield 'mantel: stems without a vessel' => [
            new Dressing($ledge, [self::at(PieceKind::Bunch, 20, 8, 18, posture: Posture::Fills)]),
            Check::Posture,
            'no vessel',
        ];
        yield 'shelf: a candle 8 in under the next board' => [
            new Dressing(self::hutch(), [self::at(PieceKind::Candlestick, 10, 4, 6, hazard: Hazard::OpenFlame)]),
            Check::Flame,
            'under a board',
        ];
        yield 'hutch: too tall for its board' => [new Dressing(self::hutch(), [self::at(PieceKind::Vase, 10, 8, 15, tier: 0)]), Check::Room, 'too tall'];
        yield 'hutch: a board that is not there' => [new Dressing(self::hutch(), [self::at(PieceKind::Vase, 10, 8, 9, tier: 5)]), Check::Room, 'no such board'];
        yield 'hutch: all level on one board' => [
            new Dressing(self::hutch(), [self::at(PieceKind::Vase, 1, 8, 10), self::at(PieceKind::Jug, 14, 8, 10), self::at(PieceKind::House, 27, 8, 10)]),
            Check::Levels,
            'too level',
        ];
        $table = static fn(PlacedPiece ...$pieces): Dressing => new Dressing(
            Make::spot(width: 84, depth: 42, clear: null, ledge: 30, kind: SpotKind::DiningTable, layout: new Layout(seats: 8)),
            $pieces,
        );
        yield 'table: a broad vase in the sight' => [$table(self::at(PieceKind::Vase, 38, 8, 18, depth: 8)), Check::Sight, 'in the sight'];
        yield 'table: a bowl that plates would push off' => [
            $table(self::at(PieceKind::Bowl, 34, 16, 6, depth: 16)),
            Check::Settings,
            'deeper than the centre',
        ];
        yield 'table: where the end place is' => [$table(self::at(PieceKind::Bowl, 2, 10, 6, depth: 8)), Check::Settings, 'where somebody eats'];
        yield 'wall: hung at 40 in' => [
            new Dressing(self::wall(below: null), [self::at(PieceKind::Picture, 38, 20, 20, raise: 6, posture: Posture::Hangs)]),
            Check::HangingHeight,
            'too low',
        ];
        yield 'wall: small over a wide sofa' => [
            new Dressing(self::wall(below: 84), [self::at(PieceKind::Picture, 42, 12, 16, raise: 19, posture: Posture::Hangs)]),
            Check::Air,
            'sparse',
        ];
        yield 'wall: 20 in over the sofa' => [
            new Dressing(self::wall(below: 30), [self::at(PieceKind::Picture, 36, 21, 20, raise: 32, posture: Posture::Hangs)]),
            Check::HangingHeight,
            'too high',
        ];
        yield 'rail: a garland past its end' => [
            new Dressing(Make::spot(width: 100, depth: 4, clear: null, kind: SpotKind::StairRail), [self::at(PieceKind::Garland, 60, 72, 6)]),
            Check::Room,
            'over the edge',
        ];
        yield 'rail: a short one on a long rail' => [
            new Dressing(Make::spot(width: 144, depth: 4, clear: null, kind: SpotKind::StairRail), [self::at(PieceKind::Garland, 0, 36, 6)]),
            Check::Air,
            'sparse',
        ];
        yield 'rail: a vase stands on it' => [
            new Dressing(Make::spot(width: 144, depth: 4, clear: null, kind: SpotKind::StairRail), [self::at(PieceKind::Vase, 20, 8, 10)]),
            Check::Posture,
            'not here',
        ];
        yield 'sofa: nowhere left to sit' => [
            new Dressing(
                Make::spot(width: 60, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa),
                [
                    self::at(PieceKind::Cushion, 1, 18, 18, id: 'a'),
                    self::at(PieceKind::Cushion, 20, 18, 18, id: 'b'),
                    self::at(PieceKind::Cushion, 39, 18, 18, id: 'c'),
                ],
            ),
            Check::Air,
            'full',
        ];
        yield 'sofa: a cone on it' => [
            new Dressing(Make::spot(width: 60, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa), [self::at(PieceKind::Cone, 10, 5, 12)]),
            Check::Posture,
            'not here',
        ];
        yield 'bed: two in one place' => [
            new Dressing(
                Make::spot(width: 60, depth: 80, clear: null, kind: SpotKind::Bed),
                [self::at(PieceKind::Cushion, 10, 20, 20, id: 'a'), self::at(PieceKind::Cushion, 12, 20, 20, id: 'b')],
            ),
            Check::Room,
            'same place',
        ];
        yield 'corner: a glass thing where children are' => [
            new Dressing(
                Make::spot(width: 30, depth: 30, clear: null, hazards: [SpotHazard::Children], ledge: 0, kind: SpotKind::Floor),
                [self::at(PieceKind::Vase, 8, 10, 16, hazard: Hazard::Breakable)],
            ),
            Check::Surroundings,
            'BreaksInReach',
        ];
        yield 'porch: cloth in the rain' => [
            new Dressing(
                Make::spot(width: 60, depth: 30, clear: null, hazards: [SpotHazard::Weather], ledge: 0, kind: SpotKind::Porch),
                [self::at(PieceKind::Basket, 8, 10, 16, material: Material::Wool)],
            ),
            Check::Surroundings,
            'SpoilsInWeather',
        ];
        yield 'corner: it stands in the way' => [
            new Dressing(Make::spot(width: 30, depth: 30, clear: 20, ledge: 0, kind: SpotKind::Floor), [self::at(PieceKind::Basket, 8, 10, 26)]),
            Check::Room,
            'too tall',
        ];
        $tree = Make::spot(width: 54, depth: 54, clear: 96, ledge: 0, kind: SpotKind::Tree);
        yield 'tree: taller than the ceiling' => [new Dressing($tree, [self::at(PieceKind::Tree, 6, 42, 98, depth: 42)]), Check::Room, 'too tall'];
        yield 'tree: everything in one band' => [
            new Dressing(
                $tree,
                array_map(
                    static fn(int $i): PlacedPiece => self::at(PieceKind::Bauble, 10 + 5 * $i, 3, 3, tier: 1, posture: Posture::Trims, id: 'bauble-' . $i),
                    range(1, 6),
                ),
            ),
            Check::Bands,
            'bare band',
        ];
        yield 'tree: a jug on it' => [new Dressing($tree, [self::at(PieceKind::Jug, 20, 6, 9)]), Check::Posture, 'not here'];
        yield 'mantel: everything on the left' => [
            new Dressing($ledge, [self::at(PieceKind::Vase, 1, 7, 14), self::at(PieceKind::Jug, 12, 6, 9)]),
            Check::Balance,
            'lopsided',
        ];
        yield 'mantel: cream before a cream wall' => [new Dressing($ledge, [self::at(PieceKind::Vase, 26, 8, 16, hex: '#F2EFE6')]), Check::Contrast, 'lost'];
        yield 'mantel: a mirror that is mostly covered' => [
            new Dressing(
                Make::spot(width: 60, depth: 12, clear: 48),
                [
                    self::at(PieceKind::Mirror, 20, 18, 20, depth: 1, layer: Layer::Back),
                    self::at(PieceKind::Vase, 20, 8, 18),
                    self::at(PieceKind::Jug, 30, 8, 14),
                ],
            ),
            Check::Mirror,
            'covered',
        ];
        yield 'low table: five loose things' => [
            new Dressing(
                Make::spot(width: 48, depth: 30, clear: null, ledge: 17, kind: SpotKind::LowTable),
                array_map(static fn(int $i): PlacedPiece => self::at(PieceKind::Candlestick, 2 + 9 * $i, 3, 4 + $i, depth: 3, id: 'stick-' . $i), range(0, 4)),
            ),
            Check::Lift,
            'loose',
        ];
        yield 'console: the lead of a lamp in the middle of it' => [
            new Dressing(
                Make::spot(width: 60, depth: 14),
                [self::at(PieceKind::Lantern, 27, 6, 14, hazard: Hazard::Mains), self::at(PieceKind::Vase, 4, 7, 9)],
            ),
            Check::Cords,
            'in sight',
        ];
        yield 'table: a lead across it' => [$table(self::at(PieceKind::Lantern, 38, 4, 8, depth: 4, hazard: Hazard::Mains)), Check::Cords, 'across the table'];
        yield 'sofa: the taller cushion in front' => [
            new Dressing(
                Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa),
                [self::at(PieceKind::Cushion, 2, 16, 14, layer: Layer::Back, id: 'a'), self::at(PieceKind::Cushion, 4, 18, 18, layer: Layer::Front, id: 'b')],
            ),
            Check::Rows,
            'taller in front',
        ];
        yield 'table: all of it at one side' => [
            new Dressing(
                Make::spot(width: 84, depth: 42, clear: null, ledge: 30, kind: SpotKind::DiningTable, seenFrom: SeenFrom::BothSides),
                [self::at(PieceKind::Bowl, 30, 10, 6, layer: Layer::Back, depth: 8), self::at(PieceKind::Vase, 46, 6, 9, layer: Layer::Back, depth: 6)],
            ),
            Check::BothSides,
            'one side has more',
        ];
        yield 'wall: more than a hook bears' => [
            new Dressing(
                self::wall(below: null),
                [Make::placed(Make::piece('mirror', PieceKind::Mirror, 24, 30, grams: 6000, depth: 1), 36, Layer::Back, 25, 1, 0, Posture::Hangs)],
            ),
            Check::Hooks,
            'heavy',
        ];
        yield 'wall over a bed: a mirror no heavier than a hook bears' => [
            new Dressing(
                Make::spot(width: 60, depth: 2, clear: 40, hazards: [SpotHazard::Bed], ledge: 40, kind: SpotKind::Wall),
                [Make::placed(
                    Make::piece('mirror', PieceKind::Mirror, 24, 30, grams: 2000, depth: 1, materials: [Material::Glass]),
                    18,
                    Layer::Back,
                    5,
                    1,
                    0,
                    Posture::Hangs,
                )],
            ),
            Check::Hooks,
            'over a bed',
        ];
        yield 'hall: a fresh tree by the heat' => [
            new Dressing(
                Make::spot(width: 54, depth: 54, clear: 96, hazards: [SpotHazard::Heat], ledge: 0, kind: SpotKind::Tree),
                [self::at(PieceKind::Tree, 6, 42, 84, depth: 42, material: Material::FreshGreenery)],
            ),
            Check::Surroundings,
            'DriesByHeat',
        ];
        yield 'mantel with a stove: a garland that hangs down' => [
            new Dressing(
                Make::spot(width: 60, depth: 8, clear: 48, hazards: [SpotHazard::Heat]),
                [
                    new PlacedPiece(
                        'swag',
                        Make::piece('swag', PieceKind::Garland, 60, 5, materials: [Material::FauxGreenery]),
                        1,
                        new Stance(0, Layer::Front, 0, 0, Posture::Drapes, 2),
                    ),
                ],
            ),
            Check::Surroundings,
            'HangsIntoHeat',
        ];
        yield 'rail: a swag down to the floor' => [
            new Dressing(
                Make::spot(width: 144, depth: 4, clear: null, ledge: 20, kind: SpotKind::StairRail),
                [new PlacedPiece('swag', Make::piece('swag', PieceKind::Garland, 140, 5), 1, new Stance(0, Layer::Middle, 0, 0, Posture::Drapes, 1))],
            ),
            Check::Room,
            'on the floor',
        ];
        yield 'sideboard: two that draw the eye alike' => [
            new Dressing(
                Make::spot(width: 60, depth: 18, kind: SpotKind::Sideboard),
                [self::at(PieceKind::Vase, 4, 9, 15), self::at(PieceKind::Jug, 47, 9, 15), self::at(PieceKind::Bowl, 26, 6, 3)],
            ),
            Check::Focal,
            'alike in weight',
        ];
        yield from self::badByForm($tree);
    }

    /** @return iterable<string, array{Dressing, Check, string}> what only some forms are asked */
    private static function badByForm(Spot $corner): iterable
    {
        $fir = self::at(PieceKind::Tree, 6, 42, 84, depth: 42, hex: '#2F4A3A');
        $on = static fn(int $tier, string $hex, string $id): PlacedPiece => self::at(
            PieceKind::Bauble,
            20 + 3 * $tier,
            3,
            3,
            tier: $tier,
            posture: Posture::Trims,
            hex: $hex,
            id: $id,
        );
        $all = static fn(string $hex): array => array_map(static fn(int $tier): PlacedPiece => $on($tier, $hex, 'bauble-' . $tier), range(0, 4));
        yield 'tree: nothing on its tip' => [new Dressing($corner, [$fir, ...$all('#F0E7D4')]), Check::Focal, 'no topper'];
        $star = self::at(PieceKind::Star, 12, 30, 30, tier: 4, layer: Layer::Front, posture: Posture::Hangs, hex: '#F0E7D4');
        yield 'tree: a star too large for it' => [new Dressing($corner, [$fir, $star, ...$all('#F0E7D4')]), Check::Focal, 'large topper'];
        yield 'tree: green on green' => [new Dressing($corner, [$fir, ...$all('#2E4B3B')]), Check::Contrast, 'lost'];
        yield 'tree: an accent in one band' => [
            new Dressing($corner, [$fir, $on(1, '#B5532A', 'ember'), ...\array_slice($all('#F0E7D4'), 2), $on(0, '#F0E7D4', 'low')]),
            Check::Echo,
            'one band only',
        ];
        $table = Make::spot(width: 78, depth: 42, clear: null, ledge: 30, kind: SpotKind::DiningTable);
        yield 'table: three that draw the eye alike' => [
            new Dressing($table, [self::at(PieceKind::Vase, 24, 8, 9), self::at(PieceKind::Jug, 35, 8, 9), self::at(PieceKind::Crock, 46, 8, 9)]),
            Check::Focal,
            'alike in weight',
        ];
        yield 'table: an accent at one end' => [
            new Dressing($table, [
                self::at(PieceKind::Vase, 10, 8, 9, hex: '#B5532A'),
                self::at(PieceKind::Jug, 28, 7, 8),
                self::at(PieceKind::Bowl, 42, 8, 4),
                self::at(PieceKind::Crock, 58, 7, 8),
            ]),
            Check::Echo,
            'one side only',
        ];
        yield 'wall: all the weight at one end' => [
            new Dressing(self::wall(null), array_map(
                static fn(int $i): PlacedPiece => self::at(
                    PieceKind::Picture,
                    [6, 32, 41, 50][$i],
                    [24, 7, 7, 7][$i],
                    [30, 8, 8, 8][$i],
                    depth: 1,
                    layer: Layer::Back,
                    raise: 40,
                    posture: Posture::Hangs,
                    id: 'picture-' . $i,
                ),
                range(0, 3),
            )),
            Check::Balance,
            'lopsided',
        ];
        $rail = Make::spot(width: 144, depth: 4, clear: null, ledge: 36, kind: SpotKind::StairRail);
        $garland = self::at(PieceKind::Garland, 0, 140, 5, posture: Posture::Drapes);
        $bow = static fn(float $left, string $hex, string $id): PlacedPiece => self::at(
            PieceKind::Ribbon,
            $left,
            8,
            8,
            layer: Layer::Front,
            posture: Posture::Trims,
            hex: $hex,
            id: $id,
        );
        yield 'rail: two bows' => [new Dressing($rail, [$garland, $bow(30, '#F0E7D4', 'one'), $bow(100, '#F0E7D4', 'two')]), Check::Groups, 'even'];
        yield 'rail: bows bunched' => [
            new Dressing($rail, [$garland, $bow(10, '#F0E7D4', 'one'), $bow(24, '#F0E7D4', 'two'), $bow(110, '#F0E7D4', 'three')]),
            Check::Air,
            'uneven',
        ];
        yield 'rail: an accent at its foot only' => [
            new Dressing($rail, [$garland, $bow(10, '#B5532A', 'one'), $bow(66, '#F0E7D4', 'two'), $bow(120, '#F0E7D4', 'three')]),
            Check::Echo,
            'one side only',
        ];
        yield 'sofa: a cushion hidden behind another' => [
            new Dressing(Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa), [
                self::at(PieceKind::Cushion, 20, 18, 18, layer: Layer::Back, posture: Posture::Sits, id: 'behind'),
                self::at(PieceKind::Cushion, 19, 20, 17, layer: Layer::Front, posture: Posture::Sits, id: 'before'),
            ]),
            Check::Hidden,
            'hidden',
        ];
    }

    public static function at(
        PieceKind $kind,
        float $left,
        float $width,
        float $height,
        Layer $layer = Layer::Middle,
        float $depth = 5,
        float $raise = 0,
        int $tier = 0,
        ?Posture $posture = null,
        ?Hazard $hazard = null,
        Material $material = Material::Stoneware,
        string $hex = '#3E5F5A',
        ?string $id = null,
    ): PlacedPiece {
        $piece = Make::piece(
            $id ?? $kind->value,
            $kind,
            $width,
            $height,
            [[$hex, 100]],
            [$material],
            [],
            null === $hazard ? [] : [$hazard],
            1,
            $depth,
            Finish::Plain,
        );

        return Make::placed($piece, $left, $layer, $raise, 1, $tier, $posture);
    }

    private static function hutch(): Spot
    {
        return Make::spot(width: 40, depth: 12, clear: 14, kind: SpotKind::Hutch, layout: new Layout([Length::ofInches(14), Length::ofInches(14)]));
    }

    private static function wall(?float $below): Spot
    {
        return Make::spot(
            width: 96,
            depth: 4,
            clear: 76,
            ledge: 20,
            kind: SpotKind::Wall,
            layout: null === $below ? new Layout() : new Layout(belowWidth: Length::ofInches($below), belowTop: Length::ofInches(32)),
        );
    }
}
