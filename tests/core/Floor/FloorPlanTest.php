<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Floor;

use BrightCupboard\Core\Floor\FloorFinding;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\FloorPlan;
use BrightCupboard\Core\Floor\FloorRoom;
use BrightCupboard\Core\Floor\Furniture;
use BrightCupboard\Core\Floor\FurnitureKind;
use BrightCupboard\Core\Floor\InvalidFloor;
use BrightCupboard\Core\Floor\Opening;
use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Floor\Rearrangement;
use BrightCupboard\Core\Floor\Wall;
use BrightCupboard\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** 30 in for a way, front legs on the rug, leads not across a room: common practice and memory, said so in docs/rules.md. */
final class FloorPlanTest extends TestCase
{
    public function testAGroupOnItsRugWithAWayToItIsLeftInPeace(): void
    {
        self::assertSame([], $this->found([
            'rug' => [FurnitureKind::Rug, 96, 60, 30, 20, 0],
            'sofa' => [FurnitureKind::Sofa, 84, 36, 36, 0, 0],
            'armchair' => [FurnitureKind::Armchair, 34, 34, 60, 70, 2],
            'low table' => [FurnitureKind::LowTable, 40, 20, 58, 46, 0],
            'lamp' => [FurnitureKind::Lamp, 14, 14, 8, 8, 0],
        ]));
    }

    public function testWhatDoesNotGoIsNamedWithWhatItIsAbout(): void
    {
        self::assertSame(['inside sofa'], $this->found(['sofa' => [FurnitureKind::Sofa, 84, 36, 130, 40, 0]]));
        self::assertSame(
            ['overlap sofa console'],
            $this->found(['sofa' => [FurnitureKind::Sofa, 84, 36, 30, 10, 0], 'console' => [FurnitureKind::Console, 48, 14, 40, 40, 0]]),
        );
        self::assertSame(['rug sofa rug'], $this->found(['sofa' => [FurnitureKind::Sofa, 84, 36, 30, 0, 0], 'rug' => [FurnitureKind::Rug, 96, 60, 30, 40, 0]]));
        self::assertSame(
            ['cord lamp 183'],
            $this->found(['lamp' => [FurnitureKind::Lamp, 14, 14, 170, 130, 0]]),
            'the outlet is in the far corner on the left',
        );
    }

    public function testALampStandsOnATopAndAThingOnARugIsNoOverlap(): void
    {
        self::assertSame(
            [],
            $this->found(
                [
                    'sideboard' => [FurnitureKind::Sideboard, 60, 18, 0, 0, 0],
                    'lamp' => [FurnitureKind::Lamp, 14, 14, 10, 2, 0],
                    'rug' => [FurnitureKind::Rug, 96, 60, 60, 30, 1],
                ],
            ),
        );
    }

    public function testATurnedSofaIsAsWideAsItIsDeep(): void
    {
        self::assertSame([], $this->found(['sofa' => [FurnitureKind::Sofa, 84, 36, 154, 50, 1]]));
        self::assertSame(['inside sofa'], $this->found(['sofa' => [FurnitureKind::Sofa, 84, 36, 156, 50, 1]]));
    }

    public function testASeatBehindThingsSaysHowWideTheWayToItIs(): void
    {
        $found = $this->found(['shelf' => [FurnitureKind::Shelf, 166, 14, 0, 70, 0], 'armchair' => [FurnitureKind::Armchair, 34, 34, 20, 10, 0]]);

        self::assertSame(['way armchair 24'], $found, 'the door is in the near wall, and 24 in are left beside the shelf');
    }

    public function testTheRugIsMovedFirstAndAloneGoesOnlyWhatIsLight(): void
    {
        $now = $this->standing([
            'chair' => [FurnitureKind::Chair, 18, 20, 0, 0, 0],
            'rug' => [FurnitureKind::Rug, 96, 60, 0, 40, 0],
            'sofa' => [FurnitureKind::Sofa, 84, 36, 90, 0, 0],
        ]);
        $then = $this->standing([
            'chair' => [FurnitureKind::Chair, 18, 20, 30, 0, 0],
            'rug' => [FurnitureKind::Rug, 96, 60, 0, 40, 1],
            'sofa' => [FurnitureKind::Sofa, 84, 36, 90, 0, 4],
        ]);
        $rearrangement = Rearrangement::of($now, $then);

        self::assertSame(['rug', 'chair'], array_map(static fn(array $move): string => $move[0]->id, $rearrangement->moves), 'four quarters are none');
        self::assertSame([13, true], [$rearrangement->minutes(), $rearrangement->isForTwo()]);
        self::assertFalse(Rearrangement::of(\array_slice($now, 0, 1), \array_slice($then, 0, 1))->isForTwo());
    }

    public function testRefusesWhatNoRoomHas(): void
    {
        foreach ([
            static fn(): FloorRoom => new FloorRoom(Length::ofInches(20), Length::ofInches(100)),
            static fn(): FloorRoom => new FloorRoom(
                Length::ofInches(100),
                Length::ofInches(100),
                [new Opening(OpeningKind::Door, Wall::Left, Length::ofInches(80), Length::ofInches(32))],
            ),
            static fn(): Furniture => new Furniture('x', 'X', FurnitureKind::Other, Length::zero(), Length::ofInches(10)),
        ] as $make) {
            try {
                $make();
                self::fail('It was taken.');
            } catch (InvalidFloor $refusal) {
                self::assertStringEndsWith('.', $refusal->getMessage());
            }
        }
    }

    /**
     * In a room of 190 by 150 in with a door in the near wall and an outlet in the far one, both on the left.
     *
     * @param array<string, array{FurnitureKind, int, int, int, int, int}> $things kind, width, depth, left, top, turns
     *
     * @return list<string>
     */
    private function found(array $things): array
    {
        $in = Length::ofInches(...);
        $room = new FloorRoom(
            $in(190),
            $in(150),
            [new Opening(OpeningKind::Door, Wall::Near, $in(20), $in(36)), new Opening(OpeningKind::Outlet, Wall::Far, $in(40), $in(3))],
        );

        return array_map(
            static fn(FloorFinding $one): string => rtrim($one->check->value . ' ' . implode(' ', $one->furniture) . (null === $one->figure
                ? ''
                : ' ' . round($one->figure->tenths() / Length::TENTHS_PER_INCH))),
            (new FloorPlan($room, $this->standing($things)))->lookOver(),
        );
    }

    /**
     * @param array<string, array{FurnitureKind, int, int, int, int, int}> $things
     *
     * @return array<string, array{Furniture, FloorPlace}>
     */
    private function standing(array $things): array
    {
        $standing = [];
        foreach ($things as $id => [$kind, $width, $depth, $left, $top, $turns]) {
            $standing[$id] = [
                new Furniture($id, ucfirst($id), $kind, Length::ofInches($width), Length::ofInches($depth)),
                new FloorPlace(Length::ofInches($left), Length::ofInches($top), $turns),
            ];
        }

        return $standing;
    }
}
