<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

/** One place in a room that gets dressed. */
enum SpotKind: string
{
    case Mantel = 'mantel';
    case Hearth = 'hearth';
    case Console = 'console';
    case LowTable = 'low table';
    case DiningTable = 'dining table';
    case Sideboard = 'sideboard';
    case Shelf = 'shelf';
    case Hutch = 'hutch';
    case WindowSill = 'window sill';
    case Bench = 'bench';
    case Sofa = 'sofa';
    case Bed = 'bed';
    case CounterCorner = 'counter corner';
    case Drinks = 'drinks station';
    case Door = 'door';
    case Wall = 'wall';
    case StairRail = 'stair rail';
    case Floor = 'floor corner';
    case Porch = 'porch';
    case Tree = 'tree';
    case Bookcase = 'bookcase';
    case SideTable = 'side table';
    case Chair = 'chair';
    case Window = 'window';
    case Post = 'post';
    case Doorway = 'doorway';

    public function form(): Form
    {
        return match ($this) {
            self::Shelf, self::Bookcase, self::Hutch, self::Drinks => Form::Tiers,
            self::DiningTable, self::LowTable, self::SideTable => Form::Table,
            self::Door, self::Window, self::Wall => Form::Panel,
            self::StairRail, self::Post, self::Doorway => Form::Run,
            self::Sofa, self::Bed, self::Chair, self::Bench => Form::Seat,
            self::Floor, self::Porch => Form::Floor,
            self::Tree => Form::Cone,
            self::Mantel, self::Hearth, self::Console, self::Sideboard, self::WindowSill, self::CounterCorner => Form::Ledge,
        };
    }

    /** Whether wall is over it that belongs to it: its mirror, its wreath. Over seats and other furniture a wall is a spot of its own. */
    public function hasWallOver(): bool
    {
        return \in_array($this, [self::Mantel, self::Console, self::Sideboard], true);
    }

    /** What things stand, lie or hang on there, in a sentence. */
    public function surface(): string
    {
        return match ($this) {
            self::LowTable, self::DiningTable, self::SideTable => 'table',
            self::Bench => 'bench',
            self::Sofa => 'sofa',
            self::Bed => 'bed',
            self::CounterCorner, self::Drinks => 'counter',
            self::Door => 'door',
            self::Wall => 'wall',
            self::StairRail => 'rail',
            self::Post => 'post',
            self::Doorway => 'doorway',
            self::Hearth, self::Floor, self::Porch, self::Tree => 'floor',
            self::WindowSill => 'sill',
            self::Shelf, self::Hutch, self::Bookcase => 'shelf',
            self::Chair => 'chair',
            self::Window => 'window',
            self::Mantel, self::Console, self::Sideboard => 'ledge',
        };
    }
}
