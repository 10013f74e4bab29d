<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * What is usual of a kind of spot until it is measured: a spot can be entered in one line and measured later.
 *
 * Sizes are from memory of common furniture; whoever shows one says that it is not measured yet.
 */
final readonly class SpotFacts
{
    /** Width, depth, height from the floor and clear height in inches (null: to the ceiling), from where it is seen, and how early it is dressed. */
    private const TABLE = [
        'mantel' => [60, 8, 54, 36, SeenFrom::Front, 1],
        'hearth' => [48, 18, 2, null, SeenFrom::Front, 4],
        'console' => [48, 14, 30, null, SeenFrom::Front, 2],
        'low table' => [42, 24, 17, null, SeenFrom::AllRound, 3],
        'dining table' => [72, 38, 30, null, SeenFrom::BothSides, 2],
        'sideboard' => [60, 18, 34, null, SeenFrom::Front, 3],
        'shelf' => [36, 11, 48, 12, SeenFrom::Front, 5],
        'hutch' => [42, 14, 36, 14, SeenFrom::Front, 4],
        'window sill' => [36, 5, 34, 40, SeenFrom::Front, 6],
        'bench' => [48, 16, 18, null, SeenFrom::Front, 6],
        'sofa' => [84, 22, 17, null, SeenFrom::Front, 4],
        'bed' => [60, 80, 24, null, SeenFrom::Front, 4],
        'counter corner' => [24, 24, 36, 18, SeenFrom::Front, 7],
        'drinks station' => [36, 18, 36, null, SeenFrom::Front, 5],
        'door' => [36, 4, 0, 80, SeenFrom::Outside, 1],
        'wall' => [60, 4, 40, 50, SeenFrom::Front, 3],
        'stair rail' => [120, 4, 36, null, SeenFrom::Front, 3],
        'floor corner' => [30, 30, 0, null, SeenFrom::Front, 6],
        'porch' => [48, 30, 0, null, SeenFrom::Outside, 1],
        'bookcase' => [32, 11, 3, 12, SeenFrom::Front, 5],
        'side table' => [20, 20, 24, null, SeenFrom::Front, 5],
        'chair' => [24, 20, 17, null, SeenFrom::Front, 6],
        'window' => [36, 4, 34, 48, SeenFrom::Front, 4],
        'doorway' => [36, 4, 0, 80, SeenFrom::Front, 3],
        'post' => [96, 6, 0, null, SeenFrom::Outside, 3],
        'tree' => [54, 54, 0, 96, SeenFrom::AllRound, 1],
    ];

    /** Boards of tiered things, by their clear heights in inches, the lowest first. */
    private const TIERS = ['hutch' => [14, 12, 12], 'bookcase' => [12, 12, 12, 12]];
    /** Tops of the backs of seats in inches. */
    private const BACKS = ['sofa' => 33, 'chair' => 36, 'bed' => 46];
    private const SEATS = ['dining table' => 6];
    private const POSTS = ['stair rail' => 3];

    private function __construct(
        public Length $width,
        public Length $depth,
        public Length $ledgeHeight,
        public ?Length $clearHeight,
        public SeenFrom $seenFrom,
        public int $focalRank,
        public Layout $layout,
        private ?Length $back,
    ) {}

    /** Its highest edge from the floor, for what hangs over it: of a seat the back, from memory. */
    public function top(): Length
    {
        return $this->back ?? $this->ledgeHeight;
    }

    /** @param LengthUnit $unit that people measure by: whole 5 cm where that is centimetres */
    public static function of(SpotKind $kind, LengthUnit $unit = LengthUnit::Inch): self
    {
        [$width, $depth, $height, $clear, $seenFrom, $focalRank] = self::TABLE[$kind->value];
        $inches = static fn(int $inches): Length => LengthUnit::Inch === $unit
            ? Length::ofTenths($inches * Length::TENTHS_PER_INCH)
            : Length::ofMillimetres(50 * round($inches * 25.4 / 50));

        return new self($inches($width), $inches($depth), $inches($height), null === $clear ? null : $inches($clear), $seenFrom, $focalRank, new Layout(
            array_map($inches, self::TIERS[$kind->value] ?? []),
            seats: self::SEATS[$kind->value] ?? 0,
            posts: self::POSTS[$kind->value] ?? 0,
        ), isset(self::BACKS[$kind->value]) ? $inches(self::BACKS[$kind->value]) : null);
    }
}
