<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Circuit;
use BrightCupboard\Core\Sizing\Curves;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\MixedSizes;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\StrandCautions;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Spot;

/** A tree as a cone: lights by its height, baubles by the surface that is seen, ribbon wound round it, skirt, topper and water. */
final readonly class TreeSum implements Sum
{
    /** What is seen of it, by where it stands. */
    private const SEEN = ['in the room' => 1.0, 'at a wall' => 0.6, 'in a corner' => 0.4];
    /** Left free between topper and ceiling (memory). */
    private const CLEAR = 6 * Length::TENTHS_PER_INCH;
    /**
     * A stand holds a quart for each inch of the trunk (widely given advice, from memory), and a trunk is about an
     * inch for each foot and a half of tree (memory).
     */
    private const LITRES_PER_INCH = 0.946;
    private const FEET_PER_TRUNK_INCH = 1.5;

    public function asks(): array
    {
        return [
            Ask::length('treeHeight', 84, 480)->ofThePlace(),
            Ask::length('treeFoot', 54, 240)->ofThePlace(),
            Ask::length('ceiling', 96, 480)->ofThePlace(),
            Ask::lengthOrNone('topper', 10, 40),
            Ask::choice('stands', ['in the room', 'at a wall', 'in a corner'])->ofThePlace(),
            Ask::choice('real', ['faux', 'real']),
            Ask::count('bulbsPerFoot', 100, 5, 500),
            Ask::count('strandBulbs', 100, 5, 1000),
            Ask::length('baubleSpacing', 8, 60),
            Ask::choice('sizes', ['mixed', 'alike']),
            Ask::number('ribbonTurns', 5, 0, 30),
            Ask::length('roll', 360, 3600)->when('ribbonTurns', Ask::SOME),
            ...StrandCautions::asks(),
            ...Circuit::asks(),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        [$height, $foot, $topper] = [(float) $given->tenths('treeHeight'), (float) $given->tenths('treeFoot'), (float) $given->tenths('topper')];
        if ($height + $topper > $given->tenths('ceiling')) {
            throw InvalidSum::at(
                'treeHeight',
                'taller than the room',
                ['tree' => Length::ofTenths((int) ($height + $topper)), 'ceiling' => $given->length('ceiling')],
            );
        }
        $seen = self::SEEN[$given->choice('stands')];
        $more = 1 + $given->share('allowance');
        $feet = $height / 12 / Length::TENTHS_PER_INCH;
        $bulbs = (int) ceil($feet * $given->count('bulbsPerFoot') * $more - 1e-6);
        $strands = (int) ceil($bulbs / $given->count('strandBulbs'));
        $surface = \M_PI * $foot / 2 * hypot($height, $foot / 2) * $seen;
        $baubles = (int) ceil($surface / $given->tenths('baubleSpacing') ** 2 * $more);
        if ($baubles > 2_000) {
            throw InvalidSum::at('baubleSpacing', 'too many baubles', ['count' => $baubles, 'limit' => 2_000]);
        }
        $ribbon = $given->number('ribbonTurns') > 0
            ? Curves::cone($height, $foot / 2, $given->number('ribbonTurns')) * (1 === (int) $seen ? 1.0 : $seen) * $more
            : 0.0;
        $rolls = (int) ceil($ribbon / $given->tenths('roll') - 1e-9);
        $watts = $given->is('power', 'plug') ? $strands * $given->number('strandWatts') : 0.0;
        $circuit = Circuit::of($given, $watts);
        $length = static fn(float $tenths): Length => Length::ofTenths((int) round($tenths));
        $free = $given->tenths('ceiling') - $height - $topper;
        $litres = $feet / self::FEET_PER_TRUNK_INCH * self::LITRES_PER_INCH;
        $spoken = static fn(PieceKind $kind, int $count): array => $owned->take($count, static fn(): float => 0.0, $kind);

        return new Answer(
            [
                new Said('tree lights', ['bulbs' => $bulbs, 'count' => $strands]),
                new Said('tree baubles', ['count' => $baubles]),
                ...($given->is('sizes', 'mixed') ? [MixedSizes::of($baubles)] : []),
                ...($ribbon > 0 ? [new Said('tree ribbon', ['total' => $length($ribbon), 'rolls' => $rolls])] : []),
                new Said('skirt', ['across' => $length($foot)]),
            ],
            [
                new Said('tree bulbs', ['height' => $given->length('treeHeight'), 'per' => $given->count('bulbsPerFoot'), 'bulbs' => $bulbs]),
                new Said('strands of', ['bulbs' => $bulbs, 'each' => $given->count('strandBulbs'), 'count' => $strands]),
                new Said(
                    'tree surface',
                    ['foot' => $given->length('treeFoot'), 'height' => $given->length('treeHeight'), 'seen' => $seen * 100, 'area' => new Area($surface / 1e8)],
                ),
                new Said('baubles by area', ['spacing' => $given->length('baubleSpacing'), 'count' => $baubles]),
                ...($ribbon > 0 ? [new Said('tree spiral', ['turns' => $given->number('ribbonTurns'), 'total' => $length($ribbon)])] : []),
                new Said('topper', ['topper' => $given->length('topper'), 'free' => $length($free)]),
                ...($given->is('real', 'real') ? [new Said('tree water', ['litres' => Volume::ofLitres($litres)])] : []),
                ...($given->is('power', 'plug') ? $circuit->working($watts) : []),
            ],
            $this->sketch($given, $height, $foot, $topper, [$bulbs, $baubles]),
            [
                new Supply(
                    'lights',
                    PieceKind::Lights,
                    $strands,
                    $spoken(PieceKind::Lights, $strands),
                    Buying::of($given),
                    width: Length::ofInches(10),
                    height: Length::ofInches(4),
                    per: 'bulb',
                    perUnit: $given->count('strandBulbs'),
                ),
                new Supply(
                    'baubles',
                    PieceKind::Bauble,
                    $baubles,
                    $spoken(PieceKind::Bauble, $baubles),
                    Buying::unknown(),
                    width: Length::ofInches(3),
                    height: Length::ofInches(3),
                ),
                ...($rolls > 0
                    ? [new Supply(
                        'ribbon',
                        PieceKind::Ribbon,
                        $rolls,
                        $spoken(PieceKind::Ribbon, $rolls),
                        Buying::unknown(),
                        run: $given->length('roll'),
                        width: Length::ofInches(4),
                        height: Length::ofInches(4),
                        per: 'length',
                        perUnit: $given->tenths('roll') / 10_000,
                    )]
                    : []),
            ],
            [
                ...($free < self::CLEAR ? [new Said('close to the ceiling', ['free' => $length($free)])] : []),
                ...StrandCautions::of($given, $strands),
                ...($given->is('power', 'plug') ? $circuit->cautions() : []),
                ...($given->is('real', 'real') ? [new Said('water the tree', ['litres' => Volume::ofLitres($litres)])] : []),
                new Said('tree and ladder'),
            ],
            amount: $baubles,
            tasks: [
                new Said('task tree', ['strands' => $strands, 'count' => $baubles]),
                ...($given->is('real', 'real') ? [new Said('task water', ['litres' => Volume::ofLitres($litres)])] : []),
            ],
        );
    }

    /** @param array{int, int} $counts bulbs and baubles, shared among the bands by their surface */
    private function sketch(Given $given, float $height, float $foot, float $topper, array $counts): Sketch
    {
        $half = $foot / 2;
        $marks = [
            Mark::line(MarkRole::Limit, [[-$half * 1.3, -$given->tenths('ceiling')], [$half * 1.3, -$given->tenths('ceiling')]], new Said('ceiling')),
            Mark::round(MarkRole::Cloth, 0, 0, $half, $half * 0.16, new Said('skirt mark')),
            Mark::area(MarkRole::Tree, [[-$half, 0], [$half, 0], [0, -$height]]),
        ];
        for ($band = 0; $band < Spot::BANDS; ++$band) {
            [$from, $to] = [$band / Spot::BANDS, ($band + 1) / Spot::BANDS];
            $share = (1 - $from) ** 2 - (1 - $to) ** 2;
            $y = -$height * ($from + $to) / 2;
            $wide = $half * (1 - ($from + $to) / 2);
            $marks[] = Mark::line(MarkRole::Level, [[-$half * (1 - $from), -$height * $from], [$half * (1 - $from), -$height * $from]]);
            $marks[] = Mark::round(
                MarkRole::Light,
                $half * 1.02,
                $y,
                60,
                null,
                new Said('band', ['bulbs' => (int) round($counts[0] * $share), 'count' => (int) round($counts[1] * $share)]),
            );
            $shown = min(14, (int) round($counts[1] * $share / 2));
            for ($i = 0; $i < $shown; ++$i) {
                $marks[] = Mark::round(
                    MarkRole::Ball,
                    $wide * (fmod($i * 0.618 + $band * 0.3, 1.0) * 1.7 - 0.85),
                    $y + $height / Spot::BANDS * (fmod($i * 0.414, 1.0) - 0.5) * 0.8,
                    $height / 70,
                );
            }
        }
        $marks[] = Mark::line(MarkRole::Ribbon, self::spiral($height, $half, $given->number('ribbonTurns')));
        if ($topper > 0) {
            $marks[] = Mark::box(MarkRole::Bow, -$topper / 4, -$height - $topper, $topper / 2, $topper);
        }

        return new Sketch($marks);
    }

    /** @return list<array{float, float}> */
    private static function spiral(float $height, float $half, float $turns): array
    {
        $points = [];
        $steps = max(2, (int) ($turns * 24));
        for ($i = 0; $i <= $steps; ++$i) {
            $up = $i / $steps;
            $points[] = [sin(2 * \M_PI * $turns * $up) * $half * (1 - $up), -$height * $up];
        }

        return $points;
    }
}
