<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/**
 * How the measures of a spot are kept, and read again: lengths in tenths of a millimetre, named as their columns.
 *
 * @phpstan-type ZoneRow array{from: int, to: int, reason: string}
 * @phpstan-type SpotRow array{
 *   id: string, name: string, kind: string, width: int, depth: int, ledge_height: int, clear_height: int|null, seen_from: string,
 *   keep_clear: list<ZoneRow>, wall: string, cover: string|null, hazards: list<string>, assumed: list<string>, tiers: list<int>, table_shape: string,
 *   seats: int, rise: int|null, posts: int, below_width: int|null, below_top: int|null
 * }
 */
final readonly class StoredSpot
{
    /** @param SpotRow $row */
    public static function read(array $row): SpotMeasures
    {
        return new SpotMeasures(
            $row['id'],
            $row['name'],
            SpotKind::from($row['kind']),
            Length::ofTenths($row['width']),
            Length::ofTenths($row['depth']),
            Length::ofTenths($row['ledge_height']),
            self::length($row['clear_height']),
            SeenFrom::from($row['seen_from']),
            array_map(
                static fn(array $zone): KeepClear => new KeepClear(Length::ofTenths($zone['from']), Length::ofTenths($zone['to']), $zone['reason']),
                $row['keep_clear'],
            ),
            Srgb::ofHex($row['wall']),
            array_map(SpotHazard::from(...), $row['hazards']),
            $row['assumed'],
            new Layout(
                array_map(Length::ofTenths(...), $row['tiers']),
                TableShape::from($row['table_shape']),
                $row['seats'],
                self::length($row['rise']),
                $row['posts'],
                self::length($row['below_width']),
                self::length($row['below_top']),
            ),
            null === $row['cover'] ? null : Srgb::ofHex($row['cover']),
        );
    }

    private static function length(?int $tenths): ?Length
    {
        return null === $tenths ? null : Length::ofTenths($tenths);
    }
}
