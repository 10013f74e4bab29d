<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Storage;

use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Storage\TotePacker;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Packing against the volume bound, and against what was proved of packing the largest first. */
final class TotePackerTest extends TestCase
{
    public function testSeededStockIsPackedWithoutOverfillingAndNothingLooseWouldStillFit(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $totes = array_map(static fn(int $i): StoredTote => self::tote("t{$i}", $random->getInt(12, 24), $random->getInt(10, 18), $random->getInt(8, 14)), range(1, 4));
            $content = [Place::tote('t1')->key() => $totes[0]->inside->litres() * $random->getInt(0, 85) / 100];
            $packer = new TotePacker($totes, $content);
            $packed = array_fill_keys(['t1', 't2', 't3', 't4'], 0.0);
            $packed['t1'] = $content[Place::tote('t1')->key()];
            $loose = [];
            foreach ($this->largestFirst($random) as $piece) {
                $tote = $packer->toteFor($piece, 1, null);
                null === $tote ? $loose[] = $piece : $packed[$tote] += $piece->packedLitres();
            }
            foreach ($totes as $tote) {
                self::assertLessThanOrEqual(0.85 * $tote->inside->litres() + 1e-6, $packed[$tote->id], "seed {$seed}: {$tote->id} is overfilled");
                foreach ($loose as $piece) {
                    self::assertFalse($piece->size->fitsInto($tote->inside) && $packed[$tote->id] + $piece->packedLitres() <= 0.85 * $tote->inside->litres() - 1e-6, "seed {$seed}: {$piece->id} still fits {$tote->id}");
                }
            }
        }
    }

    /** Alike totes opened one after the other: at most 11/9 of the fewest and 6/9 of one more (G. Dósa, 2007); the fewest are found by trying all. */
    public function testLargestFirstNeedsHardlyMoreTotesThanTheFewest(): void
    {
        $worst = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $room = 0.85 * Make::size(20, 20, 20)->litres();
            $sides = array_map(static fn(): float => $random->getInt(90, 160) / 10, range(1, 8));
            rsort($sides);
            $pieces = array_map(static fn(float $side, int $i): Piece => Make::piece("p{$i}", PieceKind::Box, width: $side, height: $side, materials: [Material::Wood], depth: $side), $sides, array_keys($sides));
            $packer = new TotePacker(array_map(static fn(int $i): StoredTote => self::tote("t{$i}", 20, 20, 20), range(1, 8)), []);
            $used = \count(array_unique(array_map(static fn(Piece $piece): ?string => $packer->toteFor($piece, 1, null), $pieces)));
            $fewest = $this->fewest(array_map(static fn(Piece $piece): float => $piece->packedLitres(), $pieces), $room);

            self::assertGreaterThanOrEqual($fewest, $used);
            self::assertLessThanOrEqual(11 / 9 * $fewest + 6 / 9, $used, "seed {$seed}");
            $worst = max($worst, $used - $fewest);
        }
        self::assertLessThanOrEqual(1, $worst);
    }

    public function testItsOwnToteComesFirstAndAFullOneSendsItToTheFullestThatTakesIt(): void
    {
        $piece = Make::piece('vase', width: 6, height: 10, depth: 6, materials: [Material::Clay]);
        $half = 0.5 * Make::size(20, 14, 12)->litres();
        $totes = [self::tote('own', 20, 14, 12), self::tote('emptier', 20, 14, 12), self::tote('fuller', 20, 14, 12)];

        self::assertSame('own', (new TotePacker($totes, [Place::tote('fuller')->key() => $half]))->toteFor($piece, 1, 'own'));
        self::assertSame('fuller', (new TotePacker($totes, [Place::tote('own')->key() => 2 * $half, Place::tote('fuller')->key() => $half]))->toteFor($piece, 1, 'own'));
        self::assertNull((new TotePacker($totes, []))->toteFor(Make::piece('pole', width: 2, height: 60, depth: 2), 1, 'own'));
    }

    /** @return list<Piece> */
    private function largestFirst(Randomizer $random): array
    {
        $pieces = [];
        for ($i = 0; $i < 24; ++$i) {
            $pieces[] = Make::piece("p{$i}", PieceKind::Vase, width: $random->getInt(3, 14), height: $random->getInt(3, 16), depth: $random->getInt(3, 12), materials: [0 === $i % 3 ? Material::Wool : Material::Stoneware]);
        }
        usort($pieces, static fn(Piece $a, Piece $b): int => [$b->size->litres(), $a->id] <=> [$a->size->litres(), $b->id]);

        return $pieces;
    }

    /**
     * The fewest alike totes, each piece tried in every tote opened so far and in a new one.
     *
     * @param list<float> $litres
     * @param list<float> $left   room in the totes opened so far
     */
    private function fewest(array $litres, float $room, array $left = [], int $best = 99): int
    {
        if (\count($left) >= $best) {
            return $best;
        }
        if ([] === $litres) {
            return \count($left);
        }
        $piece = array_shift($litres);
        foreach ($left as $i => $free) {
            if ($free + 1e-9 >= $piece) {
                $best = min($best, $this->fewest($litres, $room, array_replace($left, [$i => $free - $piece]), $best));
            }
        }

        return min($best, $this->fewest($litres, $room, [...$left, $room - $piece], $best));
    }

    private static function tote(string $id, float $width, float $depth, float $height): StoredTote
    {
        return new StoredTote($id, $id, 'attic', Make::size($width, $depth, $height));
    }
}
