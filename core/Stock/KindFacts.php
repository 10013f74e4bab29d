<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;

/**
 * What is known of every piece of a kind until somebody says otherwise: one table, asked by all who need to know.
 *
 * Sizes and proportions are from memory and are shown as usual, never as measured; which hazards and materials are
 * usual is common practice.
 */
final readonly class KindFacts
{
    /**
     * Postures in order of habit; the side that one bare measure means; that measure in inches; width, depth and height as
     * parts of it; how it is kept; what it is usually of; what to take care with; and in words what else is so: it
     * can be cut to a length, is tied with a bow, is measured laid out, is slow to set up, has a cord, is
     * seen through, is never painted over, goes within or on others, is strung.
     */
    private const TABLE = [
        'arrangement' => ['stands', 'height', 16, [0.7, 0.5, 1.0], Kept::Rigid, null, null, 'tied'],
        'basket' => ['stands carries', 'height', 9, [1.2, 0.9, 1.0], Kept::Nests, Material::Reed, null, 'tied'],
        'bauble' => ['trims fills', 'round', 3, [1.0, 1.0, 1.0], Kept::Rigid, null, null, 'within'],
        'beads' => ['drapes trims', 'width', 72, [1.0, 0.03, 0.03], Kept::Coils, null, null, 'cut runs within strung'],
        'bell' => ['stands hangs', 'height', 6, [0.7, 0.7, 1.0], Kept::Rigid, null, null, 'tied'],
        'boat' => ['stands', 'width', 12, [1.0, 0.3, 0.9], Kept::Rigid, null, null, ''],
        'books' => ['carries stands', 'height', 4, [2.2, 1.6, 1.0], Kept::Rigid, Material::Paper, null, 'bare'],
        'bowl' => ['stands', 'width', 10, [1.0, 1.0, 0.4], Kept::Nests, null, null, ''],
        'box' => ['stands carries', 'height', 6, [1.3, 0.9, 1.0], Kept::Rigid, null, null, ''],
        'bunch' => ['fills lies', 'height', 20, [0.6, 0.4, 1.0], Kept::Soft, Material::FauxGreenery, null, 'tied within'],
        'candlestick' => ['stands', 'height', 9, [0.35, 0.35, 1.0], Kept::Rigid, null, Hazard::OpenFlame, ''],
        'candle group' => ['stands', 'height', 8, [0.9, 0.5, 1.0], Kept::Rigid, Material::Wax, Hazard::OpenFlame, ''],
        'clock' => ['stands hangs leans', 'height', 10, [0.85, 0.4, 1.0], Kept::Rigid, null, null, ''],
        'cone' => ['stands', 'height', 10, [0.4, 0.4, 1.0], Kept::Rigid, null, null, ''],
        'crock' => ['stands', 'height', 9, [0.8, 0.8, 1.0], Kept::Nests, null, null, ''],
        'cushion' => ['sits', 'round', 18, [1.0, 0.35, 1.0], Kept::Soft, null, null, 'bare'],
        'figure' => ['stands', 'height', 9, [0.45, 0.35, 1.0], Kept::Rigid, null, null, ''],
        'garland' => ['drapes', 'width', 72, [1.0, 0.06, 0.06], Kept::Coils, Material::FauxGreenery, null, 'cut tied runs slow within'],
        'gourd' => ['stands fills', 'height', 8, [0.6, 0.5, 1.0], Kept::Rigid, null, null, ''],
        'hare' => ['stands', 'height', 9, [0.6, 0.5, 1.0], Kept::Rigid, null, null, ''],
        'heron' => ['stands', 'height', 16, [0.5, 0.3, 1.0], Kept::Rigid, null, null, ''],
        'hooks' => ['hangs stands', 'width', 16, [1.0, 0.1, 0.3], Kept::Rigid, null, null, ''],
        'little house' => ['stands', 'height', 7, [0.7, 0.6, 1.0], Kept::Rigid, null, null, ''],
        'jar' => ['stands', 'height', 8, [0.6, 0.6, 1.0], Kept::Rigid, null, null, 'clear'],
        'jug' => ['stands', 'height', 10, [0.7, 0.6, 1.0], Kept::Rigid, null, null, ''],
        'lamp' => ['stands', 'height', 24, [0.5, 0.5, 1.0], Kept::Rigid, null, Hazard::Mains, 'cord'],
        'lantern' => ['stands', 'height', 12, [0.5, 0.5, 1.0], Kept::Rigid, null, null, 'tied'],
        'lights' => ['trims drapes', 'width', 120, [1.0, 0.05, 0.05], Kept::Coils, null, Hazard::Mains, 'runs cord slow within strung'],
        'machine' => ['stands', 'height', 13, [0.75, 0.9, 1.0], Kept::Rigid, null, Hazard::Mains, 'cord'],
        'mirror' => ['leans hangs', 'height', 30, [0.7, 0.08, 1.0], Kept::Rigid, Material::Glass, null, ''],
        'napkin' => ['lies', 'width', 8, [1.0, 0.5, 0.5], Kept::Folds, Material::Cotton, null, ''],
        'picture' => ['leans hangs', 'height', 20, [0.75, 0.08, 1.0], Kept::Rigid, null, null, 'bare'],
        'pillar candle' => ['stands', 'height', 6, [0.4, 0.4, 1.0], Kept::Rigid, Material::Wax, Hazard::OpenFlame, ''],
        'plate' => ['leans lies hangs', 'round', 10, [1.0, 0.1, 1.0], Kept::Nests, null, null, ''],
        'pot plant' => ['stands', 'height', 14, [0.7, 0.7, 1.0], Kept::Rigid, Material::FreshGreenery, null, ''],
        'pumpkin' => ['stands', 'height', 7, [1.25, 1.25, 1.0], Kept::Rigid, null, null, ''],
        'ribbon' => ['trims drapes', 'width', 4, [1.0, 0.375, 1.0], Kept::Coils, null, null, 'cut runs within'],
        'runner' => ['lies', 'width', 14, [1.0, 0.2, 0.03], Kept::Folds, null, null, 'cut runs'],
        'sign' => ['leans hangs stands', 'height', 16, [0.75, 0.06, 1.0], Kept::Rigid, Material::Wood, null, 'bare'],
        'sled' => ['stands leans', 'width', 24, [1.0, 0.4, 0.35], Kept::Rigid, Material::Wood, null, ''],
        'stand' => ['stands carries', 'width', 11, [1.0, 1.0, 0.55], Kept::Rigid, null, null, ''],
        'star' => ['trims hangs stands', 'round', 10, [1.0, 0.1, 1.0], Kept::Rigid, null, null, ''],
        'stocking' => ['hangs', 'height', 18, [0.5, 0.15, 1.0], Kept::Folds, null, null, ''],
        'storm glass' => ['stands', 'height', 11, [0.5, 0.5, 1.0], Kept::Rigid, Material::Glass, null, 'clear'],
        'throw' => ['drapes', 'width', 16, [1.0, 0.7, 0.4], Kept::Folds, null, null, 'runs'],
        'tray' => ['lies carries leans', 'width', 16, [1.0, 0.7, 0.08], Kept::Nests, null, null, ''],
        'tree' => ['stands', 'height', 24, [0.5, 0.5, 1.0], Kept::Rigid, Material::FauxGreenery, null, 'slow'],
        'tree skirt' => ['lies', 'width', 14, [1.0, 0.75, 0.3], Kept::Folds, null, null, 'runs'],
        'truck' => ['stands', 'width', 11, [1.0, 0.45, 0.5], Kept::Rigid, null, null, ''],
        'vase' => ['stands', 'height', 11, [0.55, 0.55, 1.0], Kept::Rigid, null, null, ''],
        'wreath' => ['hangs leans', 'round', 20, [1.0, 0.2, 1.0], Kept::Rigid, Material::FauxGreenery, null, 'tied'],
    ];

    /**
     * @param list<Posture>                 $postures    in order of habit
     * @param 'height'|'round'|'width'      $measuredBy  the side that one bare measure means; round means width and height alike
     * @param array{float, float, float}    $proportions width, depth and height as parts of the measure
     * @param list<Hazard>                  $hazards     usual ones
     * @param array<string, true>           $words       what else is so
     */
    private function __construct(
        public PieceKind $kind,
        public array $postures,
        public string $measuredBy,
        private int $measure,
        public array $proportions,
        public Kept $kept,
        public ?Material $material,
        public array $hazards,
        private array $words,
    ) {}

    public static function of(PieceKind $kind): self
    {
        /** @var array<string, self> $facts */
        static $facts = [];
        if (isset($facts[$kind->value])) {
            return $facts[$kind->value];
        }
        [$postures, $measuredBy, $measure, $proportions, $kept, $material, $hazard, $words] = self::TABLE[$kind->value];

        return $facts[$kind->value] = new self(
            $kind,
            array_map(Posture::from(...), explode(' ', $postures)),
            $measuredBy,
            $measure,
            $proportions,
            $kept,
            $material,
            null === $hazard ? [] : [$hazard],
            array_fill_keys(explode(' ', $words), true),
        );
    }

    public function usualSize(): Size
    {
        return new Size(...array_map(
            fn(float $part): Length => Length::ofTenths(max(1, (int) round($part * $this->measure * Length::TENTHS_PER_INCH))),
            $this->proportions,
        ));
    }

    /** Goes in or on other things and takes no room beside them: stems in a vase, a bow on a wreath. */
    public function goesInOthers(): bool
    {
        return $this->is('within');
    }

    public function canBeCut(): bool
    {
        return $this->is('cut');
    }

    /** Takes a bow that can be swapped for another. */
    public function isTied(): bool
    {
        return $this->is('tied');
    }

    /** Is kept rolled, coiled or folded, and runs along when it is laid out. */
    public function isLaidOut(): bool
    {
        return $this->is('runs');
    }

    /** Whether it is no thicker than a string with something on it: woven to and fro where it is too long, out of the way of what is tied on. */
    public function isStrung(): bool
    {
        return $this->is('strung');
    }

    public function isSlowToSetUp(): bool
    {
        return $this->is('slow');
    }

    public function hasCord(): bool
    {
        return $this->is('cord');
    }

    public function isSeeThrough(): bool
    {
        return $this->is('clear');
    }

    public function isNeverPainted(): bool
    {
        return $this->is('bare');
    }

    private function is(string $word): bool
    {
        return isset($this->words[$word]);
    }
}
