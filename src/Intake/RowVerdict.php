<?php

declare(strict_types=1);

namespace App\Intake;

/** What was found of a row when its table was looked through; kept as a letter a row, so that taking in follows what was shown. */
enum RowVerdict: string
{
    case Good = 'g';
    case Unreadable = 'u';
    /** Looks like something owned, or like an earlier row. */
    case Double = 'd';
    /** Somebody said that it is not to be taken in. */
    case LeftOut = 'x';

    public static function of(ReadRow $row): self
    {
        return match (true) {
            $row->isLeftOut => self::LeftOut,
            [] !== $row->problems => self::Unreadable,
            '' !== $row->like => self::Double,
            default => self::Good,
        };
    }
}
