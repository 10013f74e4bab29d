<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/**
 * The four turns of the sun in a year, to about a minute (J. Meeus, Astronomical Algorithms, 2nd edition, ch. 27, tables 27.B and 27.C).
 *
 * The difference between dynamical and universal time is taken from a table of decades up to 2000 (memory, good to some
 * seconds) and from the polynomials of Espenak and Meeus (NASA, Five Millennium Canon) after that.
 */
enum SunTurn: string
{
    case March = 'March equinox';
    case June = 'June solstice';
    case September = 'September equinox';
    case December = 'December solstice';

    /** Mean instants: day number, then the factors of the first four powers of millennia from 2000. */
    private const MEAN = [
        'March equinox' => [2451623.80984, 365242.37404, 0.05169, -0.00411, -0.00057],
        'June solstice' => [2451716.56767, 365241.62603, 0.00325, 0.00888, -0.00030],
        'September equinox' => [2451810.21715, 365242.01767, -0.11575, 0.00337, 0.00078],
        'December solstice' => [2451900.05952, 365242.74049, -0.06223, -0.00823, 0.00032],
    ];
    /** Periodic terms: hundred-thousandths of a day, degrees, degrees a century. */
    private const TERMS = [
        [485, 324.96, 1934.136], [203, 337.23, 32964.467], [199, 342.08, 20.186], [182, 27.85, 445267.112], [156, 73.14, 45036.886], [136, 171.52, 22518.443],
        [77, 222.54, 65928.934], [74, 296.72, 3034.906], [70, 243.58, 9037.513], [58, 119.81, 33718.147], [52, 297.17, 150.678], [50, 21.02, 2281.226],
        [45, 247.54, 29929.562], [44, 325.15, 31555.956], [29, 60.93, 4443.417], [18, 155.12, 67555.328], [17, 288.79, 4562.452], [16, 198.04, 62894.029],
        [14, 199.76, 31436.921], [12, 95.39, 14577.848], [12, 287.11, 31931.756], [12, 320.81, 34777.259], [9, 227.73, 1222.114], [8, 15.45, 16859.074],
    ];
    private const UNIX_EPOCH = 2440587.5;
    /** Seconds by year. */
    private const DELTA = [1900 => -3, 1920 => 21, 1940 => 24, 1960 => 33, 1980 => 51, 2000 => 64];

    /** The instant as a Julian day of dynamical time. */
    public function dynamicalDay(int $year): float
    {
        $y = ($year - 2000) / 1000;
        $mean = 0.0;
        foreach (array_reverse(self::MEAN[$this->value]) as $factor) {
            $mean = $mean * $y + $factor;
        }
        $t = ($mean - 2451545.0) / 36525;
        $w = deg2rad(35999.373 * $t - 2.47);
        $lambda = 1 + 0.0334 * cos($w) + 0.0007 * cos(2 * $w);
        $s = array_sum(array_map(static fn(array $term): float => $term[0] * cos(deg2rad($term[1] + $term[2] * $t)), self::TERMS));

        return $mean + 0.00001 * $s / $lambda;
    }

    /** The instant in universal time, to the minute. */
    public function instant(int $year): \DateTimeImmutable
    {
        $seconds = ($this->dynamicalDay($year) - self::UNIX_EPOCH) * 86400 - self::delta($year);

        return (new \DateTimeImmutable('@' . 60 * (int) round($seconds / 60)))->setTimezone(new \DateTimeZone('UTC'));
    }

    private static function delta(int $year): float
    {
        $t = $year - 2000;
        if ($year >= 2050) {
            return -20 + 32 * (($year - 1820) / 100) ** 2 - 0.5628 * (2150 - $year);
        }
        if ($year >= 2000) {
            return 62.92 + 0.32217 * $t + 0.005589 * $t ** 2;
        }
        $from = max(1900, 20 * intdiv($year, 20));
        [$low, $high] = [self::DELTA[min(1980, $from)], self::DELTA[min(2000, $from + 20)]];

        return $low + ($high - $low) * ($year - $from) / 20;
    }
}
