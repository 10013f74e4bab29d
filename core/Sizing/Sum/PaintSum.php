<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
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
use BrightCupboard\Core\Stock\PieceKind;

/** Paint for a restyle: the area of what is painted, coats, and how far a litre goes. */
final readonly class PaintSum implements Sum
{
    /** Square metres a litre covers once (memory; the tin goes first). */
    private const COVERAGE = ['usual' => 10.0, 'thirsty' => 6.0, 'smooth' => 12.0];

    /** Half widths of the jar in the picture, from the foot up, as parts of its width. */
    private const PROFILE = [0.3, 0.34, 0.41, 0.47, 0.5, 0.49, 0.45, 0.38, 0.3, 0.25, 0.24, 0.3];

    public function asks(): array
    {
        return [
            Ask::choice('painted', ['round', 'boxed', 'flat']),
            Ask::length('itemHeight', 10, 120),
            Ask::length('itemWidth', 6, 120),
            Ask::length('itemDepth', 6, 120)->when('painted', 'boxed'),
            Ask::count('items', 3, 1, 200),
            Ask::count('coats', 2, 1, 6),
            Ask::choice('surface', ['usual', 'thirsty', 'smooth']),
            Ask::volume('tin', 0.25)->alone(),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        [$w, $h, $d] = [$given->tenths('itemWidth'), $given->tenths('itemHeight'), $given->tenths('itemDepth')];
        $area = match ($given->choice('painted')) {
            'boxed' => 2 * ($w * $h + $d * $h) + $w * $d,
            'flat' => $w * $h,
            default => \M_PI * $w * $h + \M_PI * $w ** 2 / 4,
        } / 1e8;
        $all = $area * $given->count('items');
        $litres = $all * $given->count('coats') / self::COVERAGE[$given->choice('surface')] * (1 + $given->share('allowance'));
        $tins = max(1, (int) ceil($litres / $given->litres('tin') - 1e-9));
        $marks = [];
        for ($i = 0; $i < min(12, $given->count('items')); ++$i) {
            $marks[] = 'round' === $given->choice('painted')
                ? Mark::area(MarkRole::Hung, self::turned($i * 1.25 * $w + $w / 2, $w, $h))
                : Mark::box(MarkRole::Hung, $i * 1.25 * $w, -$h, $w, $h);
        }

        return new Answer(
            [new Said('paint', ['litres' => Volume::ofLitres($litres), 'tins' => $tins])],
            [
                new Said('area ' . $given->choice('painted'), ['each' => new Area($area), 'count' => $given->count('items'), 'all' => new Area($all)]),
                new Said(
                    'coats',
                    [
                        'coats' => $given->count('coats'),
                        'coverage' => new Area(self::COVERAGE[$given->choice('surface')]),
                        'litres' => Volume::ofLitres($litres),
                    ],
                ),
                new Said('tins', ['tin' => Volume::ofLitres($given->litres('tin')), 'count' => $tins]),
            ],
            new Sketch($marks),
            [new Supply('tins', PieceKind::Jar, $tins, [], Buying::of($given), width: Length::ofInches(3), height: Length::ofInches(4))],
            [new Said('paint care')],
            amount: $tins,
        );
    }

    /** @return list<array{float, float}> a jar from the front, its foot at 0 */
    private static function turned(float $middle, float $width, float $height): array
    {
        $left = $right = [];
        foreach (self::PROFILE as $i => $half) {
            $y = -$height * $i / (\count(self::PROFILE) - 1);
            $left[] = [$middle - $half * $width, $y];
            $right[] = [$middle + $half * $width, $y];
        }

        return [...$left, ...array_reverse($right)];
    }
}
