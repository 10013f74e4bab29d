<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

use BrightCupboard\Core\CoreException;

final class InvalidFeast extends \DomainException implements CoreException
{
    public static function unreadable(string $line): self
    {
        return new self(sprintf(
            '“%s” is not understood. Write the name, a colon and when: “Tree day: 24 Dec”, “Harvest supper: last Sunday of September”, '
                . '“Egg hunt: 1 day after Easter”.',
            mb_strimwidth($line, 0, 60, '…'),
        ));
    }

    public static function noSuchDay(string $line): self
    {
        return new self(sprintf('“%s”: there is no such day in any year.', mb_strimwidth($line, 0, 60, '…')));
    }

    /** @param string $what that is to wait */
    public static function unknownThing(string $what): self
    {
        return new self(sprintf(
            '“%s” is no spot, room, kind or piece of this home, so nothing would wait. Write it as it is called here: “Stockings: not before Christmas Eve”.',
            mb_strimwidth($what, 0, 60, '…'),
        ));
    }

    public static function tooMany(int $most): self
    {
        return new self(sprintf('A calendar keeps %d feasts; leave some out.', $most));
    }
}
