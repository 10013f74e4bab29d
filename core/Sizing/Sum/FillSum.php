<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Sizing\Vessel;
use BrightCupboard\Core\Stock\PieceKind;

/** What fills a vessel: over a false bottom only the top layer is decor; counted by how closely such things lie, or in litres. */
final readonly class FillSum implements Sum
{
    /** Random close packing of balls: 0.64 (Scott and Kilgour 1969); cones and mixed things 0.55 (memory). */
    private const PACKING = ['balls' => 0.64, 'cones' => 0.55, 'mixed' => 0.55];
    private const MOST = 5_000;

    public function asks(): array
    {
        return [
            ...Vessel::asks(),
            Ask::choice('filler', ['balls', 'cones', 'mixed', 'loose']),
            Ask::length('item', 2.5, 20)->when('filler', 'balls', 'mixed'),
            Ask::length('coneHeight', 2.5, 20)->when('filler', 'cones'),
            Ask::length('coneWidth', 2, 20)->when('filler', 'cones'),
            Ask::lengthOrNone('bottom', 0, 100),
            Ask::percent('rim', 0, 30),
            Ask::volume('packHolds', 1)->when('filler', 'loose')->alone(),
            ...Buying::asks(),
            Ask::money('insteadLitre')->alone(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $vessel = Vessel::of($given);
        $bottom = $given->tenths('bottom');
        $top = $vessel->height * (1 - $given->share('rim'));
        if ($bottom >= $top) {
            throw InvalidSum::at('bottom', 'bottom too high', ['bottom' => $given->length('bottom'), 'height' => Length::ofTenths((int) round($top))]);
        }
        $whole = $vessel->litres(0, $top);
        $shown = $vessel->litres($bottom, $top) * (1 + $given->share('allowance'));
        $isLoose = $given->is('filler', 'loose');
        $each = $isLoose ? 0.0 : self::litresEach($given);
        $packing = self::PACKING[$given->choice('filler')] ?? 1.0;
        $count = $isLoose ? (int) ceil($shown / $given->litres('packHolds') - 1e-9) : (int) floor($shown * $packing / $each + 1e-9);
        $without = $isLoose ? (int) ceil($whole / $given->litres('packHolds') - 1e-9) : (int) floor($whole * $packing / $each + 1e-9);
        if ($without > self::MOST) {
            throw InvalidSum::at(
                $isLoose ? 'packHolds' : ($given->is('filler', 'cones') ? 'coneHeight' : 'item'),
                'too many to fill',
                ['count' => $without, 'limit' => self::MOST],
            );
        }
        if (!$isLoose && $count < 1) {
            throw InvalidSum::at($given->is('filler', 'cones') ? 'coneHeight' : 'item', 'larger than the vessel');
        }
        $kind = $given->is('filler', 'cones') ? PieceKind::Cone : PieceKind::Bauble;
        $size = $isLoose ? Length::ofInches(6) : $given->length($given->is('filler', 'cones') ? 'coneHeight' : 'item');
        $taken = $isLoose
            ? []
            : $owned->take(
                $count,
                static fn($piece): ?float => abs($piece->size->height->tenths() - $size->tenths()) <= $size->tenths() * 0.3
                    ? (float) abs($piece->size->height->tenths() - $size->tenths())
                    : null,
                $kind,
            );
        $buying = Buying::of($given);
        $dear = $buying->price(max(1, $without))?->total;
        $now = $buying->price(max(1, $count))?->total;

        return new Answer(
            [
                $isLoose ? new Said('fill packs', ['count' => $count, 'litres' => Volume::ofLitres($shown)]) : new Said('fill count', ['count' => $count]),
                new Said('fill litres', ['shown' => Volume::ofLitres($shown), 'whole' => Volume::ofLitres($whole)]),
                ...$this->instead($given, $shown),
                ...(null !== $dear && null !== $now && $bottom > 0 ? [new Said('fill saved', ['now' => $now, 'whole' => $dear])] : []),
            ],
            [
                new Said(
                    'volume ' . $vessel->shape,
                    ['height' => $given->length('vesselHeight'), 'opening' => $given->length('opening'), 'whole' => Volume::ofLitres($whole)],
                ),
                ...($bottom > 0 ? [new Said('above the bottom', ['bottom' => $given->length('bottom'), 'shown' => Volume::ofLitres($shown)])] : []),
                ...($given->share('rim') > 0 ? [new Said('under the rim', ['percent' => $given->number('rim')])] : []),
                ...($isLoose
                    ? [new Said(
                        'packs of litres',
                        ['litres' => Volume::ofLitres($shown), 'pack' => Volume::ofLitres($given->litres('packHolds')), 'count' => $count],
                    )]
                    : [new Said(
                        'packed',
                        ['litres' => Volume::ofLitres($shown), 'packing' => $packing, 'each' => Volume::ofLitres($each), 'count' => $count],
                    )]),
                ...($bottom > 0 ? [new Said('without bottom', ['count' => $without])] : [new Said('try a bottom')]),
            ],
            $this->sketch($vessel, (float) $bottom, $top, $isLoose ? $vessel->opening / 14 : $size->tenths() / 2),
            [
                new Supply(
                    $isLoose ? 'packs of fill' : 'fill',
                    $isLoose ? PieceKind::Box : $kind,
                    $count,
                    $taken,
                    $buying,
                    width: $size,
                    height: $size,
                    per: $isLoose ? 'litre' : 'piece',
                    perUnit: $isLoose ? $given->litres('packHolds') : 1.0,
                ),
            ],
            [new Said('food apart')],
            amount: $count,
        );
    }

    /** @return list<Said> what something else would cost that is sold, or had for nothing, by the litre */
    private function instead(Given $given, float $litres): array
    {
        $price = $given->money('insteadLitre');

        return match (true) {
            null === $price => [],
            0 === $price->minor => [new Said('instead for nothing', ['litres' => Volume::ofLitres($litres)])],
            default => [new Said('instead', ['litres' => Volume::ofLitres($litres), 'cost' => $price->share((int) round($litres * 1000), 1000)])],
        };
    }

    private static function litresEach(Given $given): float
    {
        if ($given->is('filler', 'cones')) {
            return \M_PI * ($given->tenths('coneWidth') / 2) ** 2 * $given->tenths('coneHeight') / 3 / 1e9;
        }

        return \M_PI / 6 * $given->tenths('item') ** 3 / 1e9;
    }

    private function sketch(Vessel $vessel, float $bottom, float $top, float $radius): Sketch
    {
        $marks = [Mark::area(MarkRole::Surface, $vessel->outline(0, $vessel->height))];
        if ($bottom > 0) {
            $marks[] = Mark::area(MarkRole::Base, $vessel->outline(0, $bottom), new Said('false bottom'));
        }
        for ($y = $bottom + $radius, $row = 0; $y <= $top - $radius * 0.5 && \count($marks) < 300; $y += $radius * 1.75, ++$row) {
            $half = $vessel->half(min($y, $vessel->height)) - $radius;
            for ($x = -$half + (0 === $row % 2 ? 0 : $radius); $x <= $half + 1; $x += 2.05 * $radius) {
                $marks[] = Mark::round(MarkRole::Fill, $x, -$y, $radius);
            }
        }
        $marks[] = Mark::line(
            MarkRole::Level,
            [[-$vessel->opening * 0.7, -$top], [$vessel->opening * 0.7, -$top]],
            new Said('filled to', ['height' => Length::ofTenths((int) round($top))]),
        );

        return new Sketch($marks);
    }
}
