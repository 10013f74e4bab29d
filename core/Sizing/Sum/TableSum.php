<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Sizing\TableTop;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\TableShape;

/** Who can sit at a table, what is laid before each, and what is left free in the middle for a centre that hides nobody. */
final readonly class TableSum implements Sum
{
    /** Diameters in inches: a charger, and what is still a dinner plate; a bowl (common sizes, memory). */
    private const CHARGER = 11.75;
    private const PLATE = 9.0;
    private const BOWL = 9.0;
    /** Between these heights over the table faces meet (memory). */
    private const SIGHT_FROM = 12;
    private const SIGHT_TO = 24;
    /** Inches round a flame that stay free (NFPA candle safety guidance). */
    private const FLAME_CLEAR = 12;

    public function asks(): array
    {
        return [
            ...TableTop::asks(),
            Ask::count('people', 6, 1, 60)->ofThePlace(),
            Ask::choice('comfort', ['comfortable', 'close']),
            Ask::choice('setting', ['charger, plate, bowl, napkin', 'plate, bowl, napkin', 'plate, napkin']),
            Ask::length('settingDepth', 15, 40),
            Ask::count('chairs', 6, 0, 60),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $top = TableTop::of($given);
        $people = $given->count('people');
        $seats = $top->seats($given->choice('comfort'));
        $across = Length::ofTenths((int) round($top->across($people)));
        $centre = $this->centre($top, $people, $given->tenths('settingDepth'));
        $isFree = $centre[0] > 0 && $centre[1] > 0;
        $edge = TableTop::edge($given->choice('comfort'));

        return new Answer(
            [
                new Said(1 === $seats ? 'one seat' : 'seats', ['seats' => $seats]),
                $isFree
                    ? new Said(
                        TableShape::Round === $top->shape ? 'free centre round' : 'free centre',
                        ['width' => Length::ofTenths($centre[0]), 'depth' => Length::ofTenths($centre[1])],
                    )
                    : new Said('no centre'),
                new Said('centre height', ['from' => Length::ofInches(self::SIGHT_FROM), 'to' => Length::ofInches(self::SIGHT_TO)]),
            ],
            [
                new Said('seats ' . $top->shape->value, ['edge' => $edge, 'seats' => $seats]),
                new Said('each has', ['people' => $people, 'across' => $across]),
                new Said('settings deep', ['depth' => $given->length('settingDepth')]),
                ...($given->count('chairs') < $people ? [new Said('chairs missing', ['missing' => $people - $given->count('chairs')])] : []),
            ],
            $this->sketch($top, $given, $people, $centre),
            $this->supplies($given, $owned, $people),
            [
                ...($people > $seats ? [new Said('too close', ['people' => $people, 'seats' => $seats, 'across' => $across])] : []),
                new Said('flames at table', ['clear' => Length::ofInches(self::FLAME_CLEAR)]),
            ],
        );
    }

    /**
     * What the settings leave free: they come in from every side at which somebody sits.
     *
     * @return array{int, int} 0 where nothing is left
     */
    private function centre(TableTop $top, int $people, int $deep): array
    {
        [$wide, $long] = [0.0, 0.0];
        foreach ($top->places($people) as [, , $out, $down]) {
            $wide = max($wide, abs($out));
            $long = max($long, abs($down));
        }

        return [(int) max(0, $top->width - 2 * $deep * ($wide > 0.5 ? 1 : 0)), (int) max(0, $top->depth - 2 * $deep * ($long > 0.5 ? 1 : 0))];
    }

    /** @return list<Supply> */
    private function supplies(Given $given, Owned $owned, int $people): array
    {
        $needed = (int) ceil($people * (1 + $given->share('allowance')) - 1e-9);
        $round = static fn(float $from, float $to): \Closure => static function (Piece $piece) use ($from, $to): ?int {
            $inches = $piece->size->width->inInches();

            return $inches >= $from && $inches < $to ? -$piece->count : null; // large sets first: alike looks better
        };
        $rows = [
            'charger' => [PieceKind::Plate, $round(self::CHARGER, 16), 13.0],
            'plate' => [PieceKind::Plate, $round(self::PLATE, self::CHARGER), 10.5],
            'bowl' => [PieceKind::Bowl, $round(4, self::BOWL), 7.0],
            'napkin' => [PieceKind::Napkin, $round(1, 30), 18.0],
        ];
        $supplies = [];
        foreach ($rows as $what => [$kind, $off, $inches]) {
            if (str_contains($given->choice('setting'), $what)) {
                $supplies[] = new Supply(
                    $what,
                    $kind,
                    $needed,
                    $owned->take($needed, $off, $kind),
                    Buying::of($given),
                    width: Length::ofInches($inches),
                    height: Length::ofInches('bowl' === $what ? 3 : $inches),
                );
            }
        }

        return $supplies;
    }

    /** @param array{int, int} $centre */
    private function sketch(TableTop $top, Given $given, int $people, array $centre): Sketch
    {
        $inch = Length::TENTHS_PER_INCH;
        [$w, $d] = [$top->width, $top->depth];
        $isRound = TableShape::Rectangular !== $top->shape;
        $marks = [];
        $places = $top->places($people);
        foreach ($places as [$x, $y, $out, $down]) {
            $marks[] = Mark::round(MarkRole::Seat, $x + $out * 9 * $inch, $y + $down * 9 * $inch, 8 * $inch);
        }
        $marks[] = $isRound ? Mark::round(MarkRole::Cloth, 0, 0, $w / 2, $d / 2) : Mark::box(MarkRole::Cloth, -$w / 2, -$d / 2, $w, $d);
        if ($centre[0] > 0 && $centre[1] > 0) {
            $label = new Said('centre mark');
            $marks[] = $isRound
                ? Mark::round(MarkRole::Centre, 0, 0, $centre[0] / 2, $centre[1] / 2, $label)
                : Mark::box(MarkRole::Centre, -$centre[0] / 2, -$centre[1] / 2, $centre[0], $centre[1], $label);
        }
        $plate = str_contains($given->choice('setting'), 'charger') ? 6.5 : 5.25;
        foreach ($places as [$x, $y, $out, $down]) {
            $in = ($plate + 1.5) * $inch;
            $marks[] = Mark::round(MarkRole::Setting, $x - $out * $in, $y - $down * $in, $plate * $inch);
            $marks[] = Mark::round(MarkRole::Setting, $x - $out * $in, $y - $down * $in, $plate * $inch * 0.68);
        }

        return new Sketch($marks);
    }
}
