<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;

/** The lengths that are cut for one sum of ribbon, gathered part by part, and the answer they make. */
final class RibbonCuts
{
    /** Altogether, in tenths of a millimetre: 100 m. */
    private const MOST = 1_000_000;

    /** @var list<array{string, int, int}> what for, how many, how long each in tenths of a millimetre */
    private array $parts = [];

    /**
     * @param string $what  code of the part, for the words
     * @param string $field at which too many are refused
     */
    public function add(string $what, int $count, int $each, string $field): void
    {
        if ($count < 1) {
            return;
        }
        if ($this->count() + $count > CuttingStock::MOST_CUTS) {
            throw InvalidSum::at($field, 'too many cuts', ['count' => $this->count() + $count, 'limit' => CuttingStock::MOST_CUTS]);
        }
        $this->parts[] = [$what, $count, $each];
    }

    /** Something in hand, as it came out last time, in lengths like the shortest cut. */
    public function allow(float $share, int $each): void
    {
        if ($share > 0.0 && $each > 0) {
            $this->add('in hand', (int) ceil($this->total() * $share / $each), $each, 'allowance');
        }
    }

    public function total(): int
    {
        return array_sum(array_map(static fn(array $part): int => $part[1] * $part[2], $this->parts));
    }

    /** @param list<Said> $working */
    public function answer(Given $given, Owned $owned, array $working, Sketch $sketch): Answer
    {
        $roll = $given->tenths('roll');
        $cuts = [];
        foreach ($this->parts as [$what, $count, $each]) {
            if ($each > $roll) {
                throw InvalidSum::at('roll', 'roll too short', ['roll' => $given->length('roll'), 'cut' => Length::ofTenths($each)]);
            }
            array_push($cuts, ...array_fill(0, $count, $each));
        }
        if ([] === $cuts) {
            throw InvalidSum::at('accents', 'no ribbon');
        }
        if ($this->total() > self::MOST) {
            throw InvalidSum::at('run', 'too much ribbon', ['limit' => Length::ofTenths(self::MOST)]);
        }
        $rolls = $owned->ofKind(PieceKind::Ribbon);
        $unmeasured = array_filter($rolls, static fn(OwnedPiece $one): bool => $one->isUnmeasured);
        $measured = array_values(array_filter($rolls, static fn(OwnedPiece $one): bool => !$one->isUnmeasured));
        $plan = CuttingStock::plan($cuts, $measured, $roll);
        $used = [];
        foreach ($plan->rolls as $one) {
            if (null !== $one->from) {
                $used[$one->from->piece->id] = new Taken($one->from, ($used[$one->from->piece->id]->units ?? 0) + 1);
            }
        }
        $longest = max(0, ...array_map(static fn(CutRoll $one): int => $one->rest, $plan->rolls));
        $parts = array_map(
            static fn(array $part): Said => new Said('cut ' . $part[0], ['count' => $part[1], 'each' => Length::ofTenths($part[2])]),
            $this->parts,
        );
        $gap = $plan->isProven()
            ? new Said(0 === $plan->bought ? 'cut owned' : 'cut proven', ['bought' => $plan->bought])
            : new Said('cut gap', ['bought' => $plan->bought, 'least' => $plan->atLeast]);

        return new Answer(
            [
                new Said('ribbon', ['total' => Length::ofTenths($this->total()), 'cuts' => \count($cuts)]),
                new Said(match (true) {
                    0 === $plan->bought => 'rolls owned', [] === $used => 'rolls new', 1 === $plan->bought => 'roll to buy', default => 'rolls to buy',
                }, [
                    'owned' => array_sum(array_map(static fn(Taken $one): int => $one->units, $used)),
                    'bought' => $plan->bought,
                    'roll' => $given->length('roll'),
                ]),
                new Said(0 === $longest ? 'no offcut' : 'ribbon left', ['left' => Length::ofTenths($longest)]),
            ],
            [...$working, ...$parts, new Said('ribbon sum', ['total' => Length::ofTenths($this->total())]), $gap],
            $sketch,
            [
                new Supply(
                    'ribbon',
                    PieceKind::Ribbon,
                    \count($plan->rolls),
                    array_values($used),
                    Buying::of($given),
                    $plan->bought,
                    $given->length('roll'),
                    Length::ofInches(4),
                    Length::ofInches(4),
                    'length',
                    $roll / 10_000,
                    $measured,
                ),
            ],
            array_values(array_map(static fn(OwnedPiece $one): Said => new Said('unmeasured', ['name' => $one->piece->name]), $unmeasured)),
            $plan->rolls,
            amount: Length::ofTenths($this->total()),
            tasks: [new Said('task ribbon', ['cuts' => \count($cuts), 'total' => Length::ofTenths($this->total())])],
        );
    }

    private function count(): int
    {
        return array_sum(array_column($this->parts, 1));
    }
}
