<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * What measures mean for a kind of spot: "high" is how tall a door is and how far a shelf is from the floor; who measures a sofa measures
 * all of it; a bookcase is measured from the floor to its top, a stair by its steps.
 *
 * @internal
 */
final class KindMeasures
{
    /** No seat is as high or as deep as this, in inches: it is the back, or the whole sofa, that was measured. */
    private const MOST_SEAT = 24;
    private const MOST_BED = 38;
    private const MOST_SEAT_DEPTH = 28;
    /** No rail is as broad as this, in inches. */
    private const MOST_RAIL = 12;
    /** No post is as thick as this, and none as low, in inches. */
    private const MOST_POST = 20;
    /** A step is usually 7 1/2 in high and 10 in deep (at the most 7 3/4 and at the least 10: International Residential Code, R311.7.5). */
    private const STEP_RISE = 7.5;
    private const STEP_RUN = 10.0;
    /** A board, and the least that is worth calling a shelf, in inches. */
    private const BOARD = 1.0;
    private const LEAST_TIER = 4.0;
    /** No hutch or bookcase is as low as this, in inches. */
    private const MOST_TIER = 24.0;
    /** What a tree leaves to the ceiling for its topper, in inches (memory). */
    private const OVER_A_TREE = 12.0;
    /** A wall as tall as this begins at the floor, in inches. */
    private const WHOLE_WALL = 84.0;

    public ?Length $width;
    public ?Length $depth;
    public ?Length $ledgeHeight = null;
    public ?Length $clearHeight;
    public ?Length $rise;
    /** Over each of so many boards, where the whole was measured. */
    public ?Length $each;
    /** @var list<string> what was made of a measure beyond its words */
    public array $remarks = [];
    /** @var list<string> measures that a spot does not have, to be kept as a note */
    public array $notes = [];
    private ?Length $high;
    private ?Length $up;

    /** @param int $boards how many it has, said or usual */
    public function __construct(
        private readonly SpotKind $kind,
        private readonly SpotMeasures $measures,
        private readonly LengthText $lengths,
        private readonly string $line,
        int $boards,
    ) {
        $said = $measures->sides;
        $isAlike = isset($said['across']) || 1 === preg_match('/\b(?:round|circular)\b/iu', $line);
        $this->width = $said['width'] ?? $said['across'] ?? $said['bare'] ?? null;
        $this->depth = $said['depth'] ?? ($isAlike || 1 === preg_match('/\bsquare\b/iu', $line) ? $this->width : null);
        [$this->high, $this->up, $this->clearHeight] = [$said['high'] ?? null, $said['up'] ?? null, $said['clear'] ?? null];
        [$this->rise, $this->each] = [$said['rise'] ?? null, $said['each'] ?? null];
        match ($kind->form()) {
            Form::Panel => $this->panel(),
            Form::Cone => $this->tree(),
            Form::Run => match ($kind) {
                SpotKind::Post => $this->post(),
                SpotKind::Doorway => $this->panel(),
                default => $this->run(),
            },
            Form::Seat => $this->seat(),
            Form::Tiers => $this->tiers($boards),
            Form::Ledge, Form::Floor => $this->underTheCeiling(),
            Form::Table => $this->ledgeHeight = $this->up ?? $this->high,
        };
    }

    /** The second measure of what is flat and upright is its height, a third one how far it is from the floor. */
    private function panel(): void
    {
        $second = $this->measures->sides['depth'] ?? null;
        [$tall, $up] = null === $second ? [$this->high, $this->up] : [$second, $this->up ?? $this->high];
        [$this->depth, $this->clearHeight] = [null, $tall ?? $this->clearHeight];
        $isWhole = SpotKind::Wall === $this->kind && $tall?->inInches() >= self::WHOLE_WALL;
        $this->ledgeHeight = $up ?? ($isWhole ? Length::ofTenths(0) : null);
    }

    /** A tree is called by its height: "7 ft tree", "fir 7.5 ft x 52 in". */
    private function tree(): void
    {
        $said = $this->measures->sides;
        $ceiling = $said['ceiling'] ?? null;
        if (isset($said['width'], $said['depth']) && null === $this->high && $said['width']->tenths() > $said['depth']->tenths()) {
            [$this->high, $this->width] = [$said['width'], $said['depth']];
        } elseif (null === $this->high && isset($said['bare'])) {
            [$this->high, $this->width] = [$said['bare'], $said['width'] ?? $said['across'] ?? null];
        } elseif (null === $this->high && null !== $ceiling) {
            $most = Length::ofInches(max(self::OVER_A_TREE, $ceiling->inInches() - self::OVER_A_TREE));
            $usual = SpotFacts::of($this->kind, $this->lengths->unit)->clearHeight;
            $this->high = null === $usual || $most->tenths() < $usual->tenths() ? $most : $usual;
        }
        $this->depth = $this->width;
        [$this->ledgeHeight, $this->clearHeight] = [$this->up, $this->high ?? $this->clearHeight];
    }

    /** A post is called by its height; whatever else is measured of it is how thick it is: "porch post 8 ft", "column 10 in across, 9 ft tall". */
    private function post(): void
    {
        $said = $this->measures->sides;
        $all = array_values(array_filter([$this->high, $said['width'] ?? null, $said['depth'] ?? null, $said['across'] ?? null, $said['bare'] ?? null]));
        usort($all, static fn(Length $a, Length $b): int => $b->tenths() <=> $a->tenths());
        $tall = $this->high ?? $all[0] ?? null;
        $isThin = null !== $tall && $tall->inInches() <= self::MOST_POST; // "post 6 x 6": nobody said how tall
        $this->width = $isThin ? null : $tall;
        $this->depth = $isThin ? $tall : (1 < \count($all) ? $all[\count($all) - 1] : null);
        [$this->ledgeHeight, $this->clearHeight] = [$this->up, null];
    }

    private function run(): void
    {
        $this->rise ??= $this->up;
        $isHeight = $this->depth?->inInches() > self::MOST_RAIL; // fence 20 ft x 4 ft
        [$this->ledgeHeight, $this->depth] = $isHeight ? [$this->high ?? $this->depth, null] : [$this->high, $this->depth];
        $steps = $this->measures->steps;
        if (null === $steps) {
            return;
        }
        $rise = Length::ofInches($steps * self::STEP_RISE);
        if (null === $this->rise) {
            $this->remarks[] = sprintf(
                '%d steps: %s of rise at %s each, until it is measured.',
                $steps,
                $this->lengths->writeRun($rise),
                $this->lengths->write(Length::ofInches(self::STEP_RISE)),
            );
        }
        $this->rise ??= $rise;
        if ($this->width?->tenths() < $this->rise->tenths() && null !== $this->width) {
            // So wide is each step: a stair runs further than it rises.
            $this->notes[] = sprintf('steps %s wide', $this->lengths->write($this->width));
            $this->width = null;
        }
        $this->width ??= Length::ofInches($steps * self::STEP_RUN);
    }

    private function seat(): void
    {
        $this->ledgeHeight = $this->up ?? $this->high;
        $most = SpotKind::Bed === $this->kind ? self::MOST_BED : self::MOST_SEAT;
        $isBack = $this->ledgeHeight?->inInches() > $most;
        $back = $this->measures->sides['back'] ?? ($isBack ? $this->ledgeHeight : null);
        if (null !== $back) {
            $this->remarks[] = sprintf('%s is taken for its back.', $this->lengths->write($back));
            $this->notes[] = sprintf('back %s high', $this->lengths->write($back));
        }
        $this->ledgeHeight = $isBack ? null : $this->ledgeHeight;
        if (\in_array($this->kind, [SpotKind::Sofa, SpotKind::Chair], true) && $this->depth?->inInches() > self::MOST_SEAT_DEPTH) {
            $this->remarks[] = sprintf('%s is taken for how deep all of it is; the seat is usual.', $this->lengths->write($this->depth));
            $this->notes[] = sprintf('%s deep in all', $this->lengths->write($this->depth));
            $this->depth = null;
        }
    }

    private function tiers(int $boards): void
    {
        $said = $this->measures->sides;
        $isWhole = \in_array($this->kind, [SpotKind::Bookcase, SpotKind::Hutch], true);
        if ($isWhole && isset($said['bare']) && null === $this->high && 1 === preg_match('/\b(?:tall|high)\s+\pL+/iu', $this->line)) {
            [$this->high, $this->width] = [$said['bare'], null];
        }
        $this->ledgeHeight = $this->up ?? $this->high;
        $this->each ??= $boards > 1 ? $this->clearHeight : null;
        if ($boards < 2) {
            $this->underTheCeiling();
        }
        if (!$isWhole || null === $this->high || $boards < 2) {
            return;
        }
        $foot = SpotFacts::of($this->kind, $this->lengths->unit)->ledgeHeight;
        if (null === $this->each && $this->high->inInches() <= self::MOST_TIER) {
            $this->each = $this->high; // so tall is each of them, not the whole
            $this->ledgeHeight = $this->up;

            return;
        }
        $each = ($this->high->inInches() - $foot->inInches()) / $boards - self::BOARD;
        if (null === $this->each && $each >= self::LEAST_TIER) {
            $this->each = Length::ofInches($each);
            $this->remarks[] = sprintf('%d boards in %s: %s clear over each.', $boards, $this->lengths->write($this->high), $this->lengths->write($this->each));
        }
        $this->ledgeHeight = $this->up ?? $foot;
    }

    private function underTheCeiling(): void
    {
        $this->ledgeHeight = $this->up ?? $this->high;
        $ceiling = $this->measures->sides['ceiling'] ?? null;
        $ledge = $this->ledgeHeight
            ?? UsualSizes::of($this->kind, $this->line, $this->lengths->unit, null)->ledgeHeight
            ?? SpotFacts::of($this->kind, $this->lengths->unit)->ledgeHeight;
        if (null === $this->clearHeight && $ceiling?->tenths() > $ledge->tenths()) {
            $this->clearHeight = Length::ofTenths($ceiling->tenths() - $ledge->tenths());
        }
    }
}
