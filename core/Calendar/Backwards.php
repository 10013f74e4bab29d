<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/**
 * What has to be done by when so that a swap day can be kept, and what follows it.
 *
 * All spans are common practice or from memory: the good things sell out weeks before a season, post takes ten days, one
 * lives with it for four days before the second look.
 */
final readonly class Backwards
{
    /** Days before (negative) or after the swap day. */
    private const SPANS = ['look' => -42, 'table' => -28, 'order' => -14, 'in the house' => -3, 'second look' => 4];
    private const WORDS = [
        'look' => ['choose the look by', 'the good things sell out weeks before'],
        'table' => ['decide the pieces by', 'so that there is time to shop the home first'],
        'order' => ['order by', 'ten days of post and some to spare'],
        'in the house' => ['haul in the house by', ''],
        'second look' => ['second look', 'after living with it for some days'],
    ];

    /** Between the swap day and the day by which it has to stand: for what is missing, and to stand back and look. */
    private const IN_HAND_DAYS = 2;

    /** The latest swap day that is wise when it has to stand by a day. */
    public static function swapDay(\DateTimeImmutable $dressBy): \DateTimeImmutable
    {
        return $dressBy->modify(sprintf('-%d days', self::IN_HAND_DAYS));
    }

    /** @return array<string, array{\DateTimeImmutable, string, string}> day, words and reason, by what it is */
    public static function from(\DateTimeImmutable $swapDay): array
    {
        $days = [];
        foreach (self::SPANS as $what => $span) {
            $days[$what] = [$swapDay->modify(sprintf('%+d days', $span)), ...self::WORDS[$what]];
        }

        return $days;
    }
}
