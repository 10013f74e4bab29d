<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/** What a spot's own measures answer of the sums' asks, so that nothing is filled in twice. */
final readonly class SpotMeasures
{
    private const SEAT_BACK = 16;
    /** Parts of the height of the room (memory). */
    private const TREE = 0.8;
    private const TOPPER = 0.1;

    /** @return array<string, Length|float|string> by name of the ask */
    public static function of(Spot $spot): array
    {
        $form = $spot->form();
        $sloped = Form::Run === $form && null !== $spot->layout->rise && $spot->layout->rise->tenths() > 0;

        return [
            'shape' => $spot->isUpright() ? 'post' : ($sloped ? 'slope' : 'level'),
            'run' => match (true) {
                Form::Cone === $form => $spot->clearHeight ?? $spot->width,
                default => Length::ofTenths($spot->width->tenths() + 2 * $spot->sides()), // up one side, across and down the other
            },
            ...($spot->isUpright() ? ['around' => $spot->depth] : []),
            ...($sloped ? ['rise' => $spot->layout->rise ?? Length::zero()] : []),
            ...(Form::Run === $form ? ['bows' => (float) $spot->layout->posts] : []),
            ...match ($form) {
                Form::Table => self::table($spot),
                Form::Panel => self::panel($spot),
                Form::Seat => self::seat($spot),
                Form::Cone => self::tree($spot),
                default => null === $spot->clearHeight ? [] : self::under(self::sum($spot->ledgeHeight, $spot->clearHeight)),
            },
        ];
    }

    /** @return array<string, Length|float|string> */
    private static function table(Spot $spot): array
    {
        $shape = $spot->layout->shape;

        return [
            'tableShape' => $shape->value,
            'tableWidth' => $spot->width,
            ...(TableShape::Round === $shape ? [] : ['tableDepth' => $spot->depth]),
            'tableHeight' => $spot->ledgeHeight->tenths() > 0 ? $spot->ledgeHeight : Length::ofInches(30),
            ...($spot->layout->seats > 0 ? ['people' => (float) $spot->layout->seats] : []),
        ];
    }

    /** @return array<string, Length|float|string> */
    private static function panel(Spot $spot): array
    {
        $ceiling = null === $spot->clearHeight ? [] : ['ceiling' => self::sum($spot->ledgeHeight, $spot->clearHeight)];
        if (SpotKind::Window === $spot->kind) {
            return [
                'tall' => 'curtains',
                'windowWidth' => $spot->width,
                'windowTop' => self::sum($spot->ledgeHeight, $spot->clearHeight ?? Length::ofInches(48)),
                'hangs' => 'on a wall',
                'wallWidth' => $spot->width,
            ];
        }
        if (SpotKind::Door === $spot->kind) {
            return ['hangs' => 'on a door', 'hung' => 'wreath', 'wallWidth' => $spot->width, 'hookDrop' => Length::zero(), ...$ceiling];
        }
        $below = $spot->layout->belowWidth;

        return [
            'hangs' => null === $below ? 'on a wall' : 'over furniture',
            'wallWidth' => $spot->width,
            ...(null === $below ? [] : ['below' => $below]),
            ...(null === $below ? [] : ['belowTop' => $spot->layout->belowTop ?? $spot->ledgeHeight]),
            ...$ceiling,
        ];
    }

    /**
     * Covers at the back of which a pair takes half the seat, in whole 2 in from 14 to 22 in (CP sizes); the front ones two sizes smaller.
     *
     * @return array<string, Length|float|string>
     */
    private static function seat(Spot $spot): array
    {
        $back = max(14, min(22, 2 * (int) floor($spot->width->inInches() / 8)));

        return [
            'seatWidth' => $spot->width,
            'backHeight' => Length::ofInches(self::SEAT_BACK),
            'backCover' => Length::ofInches($back),
            'frontCover' => Length::ofInches($back - 4),
        ];
    }

    /** @return array<string, Length|float|string> */
    private static function tree(Spot $spot): array
    {
        return ['treeFoot' => $spot->width, ...(null === $spot->clearHeight ? [] : self::under($spot->clearHeight))];
    }

    /**
     * A ceiling, and a tree with its topper that goes under it with room to spare.
     *
     * @return array<string, Length>
     */
    private static function under(Length $ceiling): array
    {
        $part = static fn(float $part): Length => Length::ofTenths(max(1, (int) round($ceiling->tenths() * $part)));

        return ['ceiling' => $ceiling, 'treeHeight' => $part(self::TREE), 'topper' => $part(self::TOPPER)];
    }

    private static function sum(Length $a, Length $b): Length
    {
        return Length::ofTenths(min(1_000_000, $a->tenths() + $b->tenths()));
    }
}
