<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Measure\Length;

/**
 * What some forms have beyond width, depth and height: the boards of a hutch, the seats of a table, the rise of a stair,
 * the furniture under a wall. Whatever a form has no use for is ignored by it.
 */
final readonly class Layout
{
    public const MOST_TIERS = 12;
    public const MOST_SEATS = 24;
    public const MOST_POSTS = 40;
    /** A place at a table takes 24 in of its edge, elbows closed (Panero and Zelnik, Human Dimension and Interior Space, 1979). */
    private const SEAT = 24 * Length::TENTHS_PER_INCH;
    private const MOST_CLEAR = 80 * Length::TENTHS_PER_INCH;

    /**
     * @param list<Length> $tiers      clear height over each board, the lowest first; empty for a single board
     * @param int          $seats      places set at a table; 0 when nobody eats there
     * @param Length|null  $rise       from the foot of a run to its top; null when it is level
     * @param int          $posts      along a run, its ends included
     * @param Length|null  $belowWidth of the furniture under a panel; null when nothing stands there
     * @param Length|null  $belowTop   its top, from the floor
     */
    public function __construct(
        public array $tiers = [],
        public TableShape $shape = TableShape::Rectangular,
        public int $seats = 0,
        public ?Length $rise = null,
        public int $posts = 0,
        public ?Length $belowWidth = null,
        public ?Length $belowTop = null,
    ) {
        if (\count($tiers) > self::MOST_TIERS) {
            throw InvalidSpot::tooMany('boards', \count($tiers), self::MOST_TIERS);
        }
        foreach ($tiers as $i => $clear) {
            self::requireTier($i + 1, $clear);
        }
        if ($seats < 0 || $seats > self::MOST_SEATS) {
            throw InvalidSpot::tooMany('seats', $seats, self::MOST_SEATS);
        }
        if ($posts < 0 || $posts > self::MOST_POSTS) {
            throw InvalidSpot::tooMany('posts', $posts, self::MOST_POSTS);
        }
    }

    /**
     * @param int $number of the board, from 1
     *
     * @throws InvalidSpot when nothing could stand on it, or it is no board any more
     */
    public static function requireTier(int $number, Length $clear): void
    {
        if (0 === $clear->tenths() || $clear->tenths() > self::MOST_CLEAR) {
            throw InvalidSpot::tier($number);
        }
    }

    /** How many can sit at a top of this shape and size, each with 24 in of the edge; the ends of a long top seat one each. */
    public function mostSeats(Length $width, Length $depth): int
    {
        [$long, $short] = [max($width->tenths(), $depth->tenths()), min($width->tenths(), $depth->tenths())];
        if (TableShape::Rectangular === $this->shape) {
            return 2 * intdiv($long, self::SEAT) + 2 * intdiv($short, self::SEAT);
        }
        $h = (($long - $short) / ($long + $short)) ** 2;
        $edge = \M_PI * ($long + $short) / 2 * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h))); // Ramanujan's second approximation

        return (int) floor($edge / self::SEAT);
    }
}
