<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;

/** Whether a piece has the size for what it would do at a spot, 0 to 1 (common practice). */
final readonly class RoleSize
{
    private const USUAL_CLEAR = 36 * Length::TENTHS_PER_INCH;
    /** Shares of the clear height, the width of a door or of the furniture below that a role is best at: from, to. */
    private const BACKDROP = [0.5, 0.9];
    private const GREENERY = [0.35, 0.8];
    private const ON_DOOR = [0.5, 0.75];
    private const ON_WALL = [0.15, 0.75];
    /** One piece alone over a ledge leads there: up to three quarters of its width (common practice), and not much less than half. */
    private const OVER_LEDGE = [0.4, 0.75];
    /** Of the height of the tree. */
    private const ON_TREE = [0.0, 0.2];
    private const STATEMENT = [0.4, 0.8];
    private const OVER_TABLE = 12 * Length::TENTHS_PER_INCH;

    /** @param list<int> $tops of what stands there already, in tenths of a millimetre */
    public static function score(PlacedPiece $put, SpotRole $role, Spot $spot, array $tops): float
    {
        $clear = $spot->clearOver(0) ?? self::USUAL_CLEAR;
        $share = $put->height / max(1, $clear);
        if (Form::Table === $spot->form() && $spot->layout->seats > 0) {
            return $put->height <= self::OVER_TABLE ? 1.0 : 0.2;
        }

        if (PieceKind::Lights === $put->piece->kind) {
            return 1.0; // strung along, whatever their height
        }

        return match ($role) {
            SpotRole::Backdrop => Posture::Hangs === $put->posture
                ? self::within($put->width / $spot->width->tenths(), self::OVER_LEDGE)
                : self::within($share, self::BACKDROP),
            SpotRole::Greenery => self::within($share, self::GREENERY),
            SpotRole::Tree => self::within($put->height / max(1, $spot->clearHeight?->tenths() ?? $put->height), [0.75, 1.0]),
            SpotRole::Garland => min(1.0, $put->width / $spot->width->tenths() * 2),
            SpotRole::Hung, SpotRole::Wreath => self::within(
                $put->width / ($spot->layout->belowWidth?->tenths() ?? $spot->width->tenths()),
                Form::Panel === $spot->form() && null === $spot->layout->belowWidth && 'wall' !== $spot->kind->value ? self::ON_DOOR : self::ON_WALL,
            ),
            SpotRole::Tall, SpotRole::Middle, SpotRole::Low, SpotRole::Light => self::level($put, $share, $tops),
            SpotRole::Trim => Form::Cone === $spot->form() && [] !== $tops ? self::within(max($put->width, $put->height) / max($tops), self::ON_TREE) : 1.0,
            SpotRole::Ground, SpotRole::Cushion, SpotRole::Throw => 1.0,
        };
    }

    /**
     * On a bare spot 40 to 80 % of the clear height, elsewhere a level of its own, a sixth off every other.
     *
     * @param list<int> $tops
     */
    private static function level(PlacedPiece $put, float $share, array $tops): float
    {
        if ([] === $tops) {
            return self::within($share, self::STATEMENT);
        }
        $apart = 1.0;
        $tallest = 1;
        $height = $put->height;
        foreach ($tops as $top) {
            $by = $top > $height ? ($top - $height) / $top : ($height - $top) / max(1, $height);
            $apart = $by < $apart ? $by : $apart;
            $tallest = $top > $tallest ? $top : $tallest;
        }

        return min(1.0, 0.4 + $apart / 0.15 * 0.6) * min(1.0, $height / (0.25 * $tallest));
    }

    /** @param array{float, float} $bounds */
    private static function within(float $share, array $bounds): float
    {
        return max(0.0, 1 - max(0.0, $bounds[0] - $share, $share - $bounds[1]) / 0.4);
    }
}
