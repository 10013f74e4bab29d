<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

/** What stands on the floor of a room and is moved seldom. Usual sizes, minutes and who it takes are from memory. */
enum FurnitureKind: string
{
    case Sofa = 'sofa';
    case Armchair = 'armchair';
    case Chair = 'chair';
    case Bed = 'bed';
    case Table = 'table';
    case LowTable = 'low table';
    case Console = 'console';
    case Sideboard = 'sideboard';
    case Shelf = 'shelf';
    case Lamp = 'lamp';
    case Machine = 'machine';
    case Rug = 'rug';
    case Other = 'other';

    /** @return array{int, int} usual width and depth in inches */
    public function usual(): array
    {
        return match ($this) {
            self::Sofa => [84, 36],
            self::Armchair => [34, 34],
            self::Chair => [18, 20],
            self::Bed => [62, 82],
            self::Table => [72, 38],
            self::LowTable => [48, 24],
            self::Console => [48, 14],
            self::Sideboard => [60, 18],
            self::Shelf => [36, 14],
            self::Lamp => [14, 14],
            self::Machine => [12, 16],
            self::Rug => [96, 60],
            self::Other => [24, 24],
        };
    }

    public function isSeat(): bool
    {
        return \in_array($this, [self::Sofa, self::Armchair, self::Chair, self::Bed], true);
    }

    public function isFlat(): bool
    {
        return self::Rug === $this;
    }

    public function hasCord(): bool
    {
        return self::Lamp === $this || self::Machine === $this;
    }

    /** Whether a lamp or a machine may stand on it. */
    public function isTop(): bool
    {
        return \in_array($this, [self::Table, self::LowTable, self::Console, self::Sideboard, self::Shelf], true);
    }

    /** Whether one person moves it alone. */
    public function isLight(): bool
    {
        return \in_array($this, [self::Chair, self::Lamp, self::Machine, self::LowTable], true);
    }

    /** To move it within a room, emptied, for one pair of hands or for both. */
    public function minutes(): int
    {
        return match ($this) {
            self::Sofa, self::Bed, self::Rug => 10,
            self::Table, self::Sideboard, self::Shelf => 8,
            self::Armchair, self::Console, self::Other => 5,
            default => 3,
        };
    }
}
