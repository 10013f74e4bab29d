<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/** What a home does not put out before a day: "Stockings: not before Christmas Eve". */
final readonly class Tradition
{
    /** A swap dresses for a season; what waits longer than this waits for another one (from memory). */
    private const WITHIN_DAYS = 92;

    /** @param string $what waits, in the words of the home: a spot, a room, a kind or a piece */
    public function __construct(public string $what, private FeastRule $rule) {}

    /** What waits as things are called, without "the", "all" or "our" before it, in small letters. */
    public static function plain(string $words): string
    {
        return (string) preg_replace('/^(the|all|our)\s+/u', '', mb_strtolower(trim($words)));
    }

    /** The day until which it waits when a day is dressed; null when that day is not before it. */
    public function waitsUntil(\DateTimeImmutable $day): ?\DateTimeImmutable
    {
        $day = $day->setTime(0, 0);
        foreach ([0, 1] as $years) {
            $next = $this->rule->on((int) $day->format('Y') + $years);
            if (null !== $next && $next > $day) {
                return $next <= $day->modify(sprintf('+%d days', self::WITHIN_DAYS)) ? $next : null;
            }
        }

        return null;
    }

    /** The day it is in a year; null where that year has none. */
    public function on(int $year): ?\DateTimeImmutable
    {
        return $this->rule->on($year);
    }
}
