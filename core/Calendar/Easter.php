<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/** Easter Sunday by the Gregorian computus (Meeus, Astronomical Algorithms, ch. 8; after an anonymous correspondent of Nature, 1876). */
final readonly class Easter
{
    /** @param int $year from 1583 on */
    public static function sunday(int $year): \DateTimeImmutable
    {
        $a = $year % 19;
        [$b, $c] = [intdiv($year, 100), $year % 100];
        [$d, $e] = [intdiv($b, 4), $b % 4];
        $g = intdiv($b - intdiv($b + 8, 25) + 1, 3);
        $h = (19 * $a + $b - $d - $g + 15) % 30;
        [$i, $k] = [intdiv($c, 4), $c % 4];
        $l = (32 + 2 * $e + 2 * $i - $h - $k) % 7;
        $m = intdiv($a + 11 * $h + 22 * $l, 451);
        $n = $h + $l - 7 * $m + 114;

        return new \DateTimeImmutable(sprintf('%04d-%02d-%02d', $year, intdiv($n, 31), $n % 31 + 1));
    }
}
