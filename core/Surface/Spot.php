<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;

/** The measurements of one spot and what is about it. */
final readonly class Spot
{
    /** The bands that a tree is trimmed in, from foot to top. */
    public const BANDS = 5;
    private const BOARD = Length::TENTHS_PER_INCH;
    private const MOST = 200_000;
    private const CEILING = 96 * Length::TENTHS_PER_INCH;
    /** Of the way from the middle to an end, what still is the middle. */
    private const MIDDLE = 0.2;

    /** Of its kind: asked by every rule for every piece. */
    private Form $form;
    /** From where to where it can be dressed, without what stays clear at its ends, in tenths of a millimetre from the left end. */
    public int $from;
    public int $to;

    /**
     * @param Length           $width       of a post its height
     * @param Length           $ledgeHeight from the floor to the surface, of tiers to the lowest board, of a panel to its lower edge
     * @param Length|null      $clearHeight to what hangs above the surface (of tiers: the top board), of panel, doorway and tree its height; null: no limit
     * @param list<KeepClear>  $keepClear
     * @param list<SpotHazard> $hazards
     * @param list<string>     $assumed     measures that are usual of its kind and not taken yet: width, depth, ledgeHeight, clearHeight
     * @param Srgb|null        $cover       colour of what things are put on: the cover of a seat or bed, the top of a table; null where it was not said
     */
    public function __construct(
        public string $id,
        public string $name,
        public SpotKind $kind,
        public Length $width,
        public Length $depth,
        public Length $ledgeHeight,
        public ?Length $clearHeight,
        public SeenFrom $seenFrom,
        public array $keepClear,
        public Srgb $wall,
        public array $hazards,
        public array $assumed = [],
        public Layout $layout = new Layout(),
        public ?Srgb $cover = null,
    ) {
        $this->form = $kind->form();
        [$this->from, $this->to] = KeepClear::between($width->tenths(), $keepClear);
        if (0 === $width->tenths() || 0 === $depth->tenths()) {
            throw InvalidSpot::flat($name);
        }
        if (Form::Table === $this->form && $layout->seats > $most = $layout->mostSeats($width, $depth)) {
            throw InvalidSpot::seats($layout->seats, $most);
        }
        if (SpotKind::Doorway === $kind && 0 === $this->sides()) {
            throw InvalidSpot::withoutSides();
        }
        if (Form::Run === $this->form && !$this->isUpright() && null !== $layout->rise && $layout->rise->tenths() > $width->tenths()) {
            throw InvalidSpot::tooSteep();
        }
    }

    /**
     * Itself, when it is no larger than a room: asked where spots are entered, so that what was kept before stays readable.
     *
     * @throws InvalidSpot
     */
    public function roomSized(): self
    {
        if (max($this->width->tenths(), $this->depth->tenths(), $this->ledgeHeight->tenths(), $this->clearHeight?->tenths() ?? 0) > self::MOST) {
            throw InvalidSpot::tooLarge($this->name);
        }

        return $this;
    }

    /**
     * One measure of a spot, when a spot of a room can measure so.
     *
     * @param string $side width, depth, ledgeHeight or clearHeight; the first two are above 0
     *
     * @throws InvalidSpot
     */
    public static function requireSide(string $side, Length $length): Length
    {
        return match (true) {
            0 === $length->tenths() && \in_array($side, ['width', 'depth'], true) => throw InvalidSpot::without($side),
            $length->tenths() > self::MOST => throw InvalidSpot::beyondARoom(),
            default => $length,
        };
    }

    /** The middle of what can be dressed, from the left end: a kettle at one end of a counter is no part of it. */
    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    /** Half of what can be dressed. */
    public function half(): float
    {
        return ($this->to - $this->from) / 2;
    }

    /** Which side of it something in a place is on, the fifth about the middle being neither; of a post its foot or its top. */
    public function sideOf(float $x): string
    {
        $off = ($x - $this->middle()) / $this->half();

        [$low, $high] = $this->isUpright() ? ['foot', 'top'] : ['left', 'right'];

        return $off < -self::MIDDLE ? $low : ($off > self::MIDDLE ? $high : 'middle');
    }

    public function form(): Form
    {
        return $this->form;
    }

    /** Whether its width is how tall it is: places on it are measured from its foot, and its depth is how thick it is. */
    public function isUpright(): bool
    {
        return SpotKind::Post === $this->kind;
    }

    /** How far down what goes over it may hang at both ends: the sides of a doorway; 0 where there are none. */
    public function sides(): int
    {
        return SpotKind::Doorway === $this->kind ? $this->clearHeight?->tenths() ?? 0 : 0;
    }

    /**
     * How far at the most what is longer reaches: lights and beads along a rail or over a doorway, where they are woven to and fro, and
     * all that runs on a tree, where it goes round; 0 for all else.
     */
    public function reachOf(PieceKind $kind): int
    {
        return match (true) {
            Form::Cone === $this->form
                && ($kind->facts()->isStrung() || PieceKind::Garland === $kind || PieceKind::Ribbon === $kind) => $this->width->tenths(),
            Form::Ledge === $this->form && PieceKind::Lights === $kind => $this->to - $this->from, // in and out of the greenery there
            Form::Run === $this->form && !$this->isUpright() && $kind->facts()->isStrung() => $this->to - $this->from + 2 * $this->sides(),
            default => 0,
        };
    }

    /** How far it is round what things are wound round, in tenths of a millimetre; 0 where nothing is. */
    public function girth(): int
    {
        return $this->isUpright() ? (int) round(\M_PI * $this->depth->tenths()) : 0;
    }

    public function has(SpotHazard $hazard): bool
    {
        return \in_array($hazard, $this->hazards, true);
    }

    /** How many boards one over the other, or bands of a tree; 1 for every other form. */
    public function tierCount(): int
    {
        return match ($this->form()) {
            Form::Tiers => max(1, \count($this->layout->tiers)),
            Form::Cone => self::BANDS,
            default => 1,
        };
    }

    /** Height of a board or band over the lowest one, in tenths of a millimetre. */
    public function tierHeight(int $tier): int
    {
        if (Form::Cone === $this->form()) {
            return intdiv(($this->clearHeight?->tenths() ?? 0) * min($tier, self::BANDS - 1), self::BANDS);
        }
        $height = 0;
        foreach (\array_slice($this->layout->tiers, 0, $tier) as $clear) {
            $height += $clear->tenths() + self::BOARD;
        }

        return $height;
    }

    /** Height over the lowest board where something stands: its board or band, on a rail also the slope. */
    public function baseAt(int $tier, float $x): int
    {
        $slope = match (true) {
            $this->isUpright() => max(0.0, $x),
            SpotKind::Doorway === $this->kind => $this->sides(),
            Form::Run === $this->form() => ($this->layout->rise?->tenths() ?? 0) * max(0.0, min(1.0, $x / $this->width->tenths())),
            default => 0.0,
        };

        return $this->tierHeight($tier) + (int) round($slope);
    }

    /** The most that is clear over any board, in tenths of a millimetre; null when nothing limits one of them. */
    public function mostClear(): ?int
    {
        $most = 0;
        for ($tier = 0; $tier < $this->tierCount(); ++$tier) {
            $clear = $this->clearOver($tier);
            if (null === $clear) {
                return null;
            }
            $most = max($most, $clear);
        }

        return $most;
    }

    /** Clear height over a board, in tenths of a millimetre; null when nothing limits it. */
    public function clearOver(int $tier): ?int
    {
        return ($this->layout->tiers[$tier] ?? $this->clearHeight)?->tenths();
    }

    /**
     * How much is over a ledge or a table up to a usual ceiling of 8 ft (common practice), where nobody has measured what is clear; null
     * elsewhere. Nothing is offered higher up, and nothing scolded that is put there.
     */
    public function underCeiling(): ?int
    {
        return \in_array($this->form, [Form::Ledge, Form::Table], true) && null === $this->clearHeight
            ? max(0, self::CEILING - $this->ledgeHeight->tenths())
            : null;
    }

    /** How the kind is put here by habit; null when no posture of it suits such a spot. */
    public function postureOf(PieceKind $kind): ?Posture
    {
        return $this->posturesOf($kind)[0] ?? null;
    }

    /** @return list<Posture> how the kind may be put here, in order of habit */
    public function posturesOf(PieceKind $kind): array
    {
        return Takes::inOrder($this, $kind);
    }

    /** @return list<PieceKind> of which something may be put here, in some posture */
    public function kinds(): array
    {
        return array_values(array_filter(PieceKind::cases(), fn(PieceKind $kind): bool => null !== $this->postureOf($kind)));
    }

    /** Whether such a thing hangs on a wall here, its height its own, and not down from an edge, a rail or a branch. */
    public function isOnWall(PieceKind $kind, Posture $posture): bool
    {
        return Posture::Hangs === $posture && (Form::Panel === $this->form || ($this->kind->hasWallOver() && PieceKind::Stocking !== $kind));
    }

    /** Whether such a thing hangs down from an edge, a rail or a branch, so that it is below what it hangs from. */
    public function hangsDown(PieceKind $kind, Posture $posture): bool
    {
        return Posture::Hangs === $posture && !$this->isOnWall($kind, $posture);
    }

    /** From the floor, what things hang over here: the furniture below a wall, the ledge itself; null where nothing is below. */
    public function hungOver(): ?Length
    {
        return match (true) {
            Form::Panel === $this->form => $this->layout->belowTop,
            $this->kind->hasWallOver() => $this->ledgeHeight,
            default => null,
        };
    }

    /** Whether such a thing is put so at all, and goes here in such a posture (docs/rules.md, postures). */
    public function takes(PieceKind $kind, Posture $posture): bool
    {
        return \in_array($posture, $kind->facts()->postures, true) && Takes::of($this, $kind, $posture);
    }
}
