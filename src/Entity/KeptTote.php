<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * How a tote is kept, and read again: lengths in tenths of a millimetre, named as their columns.
 *
 * @phpstan-type ToteRow array{
 *   id: string, code: string, place: string, width: int, depth: int, height: int, conditions: list<string>, most_grams: int|null
 * }
 */
final readonly class KeptTote
{
    /** @param ToteRow $row */
    public static function read(array $row): StoredTote
    {
        return new StoredTote(
            $row['id'],
            $row['code'],
            $row['place'],
            new Size(Length::ofTenths($row['width']), Length::ofTenths($row['depth']), Length::ofTenths($row['height'])),
            array_map(Condition::from(...), $row['conditions']),
            null === $row['most_grams'] ? null : Weight::ofGrams($row['most_grams']),
        );
    }
}
