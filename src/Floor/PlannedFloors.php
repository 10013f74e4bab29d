<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Swap;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\Furniture;
use BrightCupboard\Core\Floor\FurnitureKind;
use BrightCupboard\Core\Measure\Length;
use Doctrine\DBAL\Connection;

/** What a day is worked out from where furniture is moved on it: rows rather than entities, since nothing of them is changed. */
final readonly class PlannedFloors
{
    private const ROWS = 'SELECT r.id, r.name, f.id, f.name, f.kind, f.width, f.depth, f.left_edge, f.far_edge, f.turns, p.left_edge, p.far_edge, p.turns '
        . 'FROM furniture f JOIN room r ON r.id = f.room_id LEFT JOIN furniture_plan p ON p.furniture_id = f.id AND p.swap_id = :swap '
        . 'WHERE r.removed_at IS NULL AND r.id IN (SELECT o.room_id FROM furniture_plan q JOIN furniture o ON o.id = q.furniture_id WHERE q.swap_id = :swap) '
        . 'ORDER BY r.round, r.id, f.name, f.id';

    public function __construct(private Connection $db) {}

    /** @return list<PlannedFloor> in the order of the walk */
    public function of(Swap $swap): array
    {
        /** @var list<array{string, string, string, string, string, int, int, int, int, int, int|null, int|null, int|null}> $rows */
        $rows = $this->db->fetchAllNumeric(self::ROWS, ['swap' => $swap->id()]);
        $rooms = $now = $planned = [];
        foreach ($rows as [$room, $called, $id, $name, $kind, $width, $depth, $left, $far, $turns, $toLeft, $toFar, $toTurns]) {
            $rooms[$room] = $called;
            $furniture = new Furniture($id, $name, FurnitureKind::from($kind), Length::ofTenths($width), Length::ofTenths($depth));
            $now[$room][$id] = [$furniture, self::place($left, $far, $turns)];
            if (null !== $toLeft && null !== $toFar) {
                $planned[$room][$id] = self::place($toLeft, $toFar, $toTurns ?? 0);
            }
        }
        $floors = [];
        foreach ($rooms as $id => $name) {
            $floors[] = new PlannedFloor((string) $id, $name, $now[$id], $planned[$id] ?? []);
        }

        return $floors;
    }

    private static function place(int $left, int $far, int $turns): FloorPlace
    {
        return new FloorPlace(Length::ofTenths($left), Length::ofTenths($far), $turns);
    }
}
