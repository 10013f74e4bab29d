<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * What a piece needs while it stands, and every how many days.
 *
 * Usual rhythms by kind are from memory; what its own care says comes before them: "water every 3 days", "renew after
 * 10 days". A cut tree drinks every day and goes out after four weeks (NFPA: a dry tree burns; water it daily).
 * Where its cells are named, how long they last is reckoned (CellLife); otherwise they are looked at every two weeks.
 */
final readonly class CareRhythm
{
    private const USUAL = [
        'pot plant' => ['water' => 5, 'turn to the light' => 14],
        'tree' => ['water' => 1, 'renew' => 28],
        'wreath' => ['mist' => 3, 'renew' => 28],
        'garland' => ['mist' => 3, 'renew' => 28],
        'bunch' => ['fresh water, ends cut again' => 2, 'renew' => 10],
        'arrangement' => ['fresh water, ends cut again' => 2, 'renew' => 10],
    ];
    private const WORDS = [
        'water' => CareJob::Water, 'fresh water' => CareJob::FreshWater, 'mist' => CareJob::Mist, 'spray' => CareJob::Mist,
        'turn' => CareJob::Turn, 'renew' => CareJob::Renew, 'batteries' => CareJob::Batteries, 'battery' => CareJob::Batteries,
    ];
    private const BATTERY_DAYS = 14;
    private const LONGEST = 366;

    /**
     * @param string $care what is written of its care
     *
     * @return array<string, int> days by job, the job that comes most often first
     */
    public static function of(Piece $piece, string $care): array
    {
        $rhythm = \in_array(Material::FreshGreenery, $piece->materials, true) ? self::USUAL[$piece->kind->value] ?? [] : [];
        if (PieceKind::PotPlant === $piece->kind && [] === $piece->materials) {
            $rhythm = self::USUAL[$piece->kind->value];
        }
        $cells = CellLife::of($piece->kind, $care);
        if (null !== $cells) {
            $rhythm[CareJob::NewBatteries->value] = $cells->days();
        } elseif (1 === preg_match('/\bbatter(y|ies)\b/iu', $piece->name . ' ' . $care)) {
            $rhythm[CareJob::Batteries->value] = self::BATTERY_DAYS;
        }
        preg_match_all(
            '/\b(fresh water|water|mist|spray|turn|renew|batter(?:y|ies))\w*\s+(?:every|after)\s+(?:(\d{1,3})\s+)?(day|week)s?\b/iu',
            $care,
            $said,
            \PREG_SET_ORDER,
        );
        foreach ($said as [, $word, $number, $unit]) {
            $days = max(1, (int) $number) * ('week' === strtolower($unit) ? 7 : 1);
            $job = self::WORDS[strtolower($word)];
            if (CareJob::Batteries === $job) {
                unset($rhythm[CareJob::NewBatteries->value]);
            }
            $rhythm[$job->value] = min(self::LONGEST, $days);
        }
        asort($rhythm);

        return $rhythm;
    }
}
