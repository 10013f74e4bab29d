<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Calendar\FeastRule;
use BrightCupboard\Core\Calendar\Tradition;
use BrightCupboard\Core\Day\DayShare;
use BrightCupboard\Core\Day\Wait;
use BrightCupboard\Core\Day\Waits;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A plan shared among the days of a swap, some of it held back by traditions. */
final class DayShareTest extends TestCase
{
    /**
     * However days, spots and traditions fall: over all days every unit ends where the plan wants it, once, unless it waits for a day that is not there;
     * and nothing comes to a spot before it may.
     */
    public function testEveryUnitArrivesOnceAndNothingTooEarly(): void
    {
        $held = $moved = 0;
        for ($seed = 1; $seed <= 300; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $dates = [];
            foreach (range(0, $random->getInt(0, 3)) as $turn) {
                $dates[$turn] = new \DateTimeImmutable(sprintf('2026-12-%02d', 5 + 7 * $turn));
            }
            $turns = [];
            for ($spot = 0; $spot < 6; ++$spot) {
                if (0 === $random->getInt(0, 2)) {
                    $turns['s' . $spot] = $random->getInt(0, \count($dates) - 1);
                }
            }
            $waits = $this->waits($random);
            $moves = $this->moves($random);
            $own = [];
            for ($piece = 0; $piece < 12; ++$piece) {
                if (0 === $random->getInt(0, 3)) {
                    $own['p' . $piece] = $random->getInt(0, \count($dates) - 1);
                }
            }
            $share = new DayShare($turns, 0, $waits, $dates, $own);
            $dayless = array_map(static fn(array $one): string => $one[0]->piece->id, $share->dayless($moves));
            $at = [];
            foreach ($moves as $move) {
                $at[$move->piece->id] = $move->from->key();
            }
            foreach ($dates as $turn => $date) {
                foreach ($share->on($turn, $moves) as $move) {
                    self::assertSame($at[$move->piece->id], $move->from->key(), "seed {$seed}: it is taken from where it is");
                    $at[$move->piece->id] = $move->to->key();
                    if (isset($own[$move->piece->id])) {
                        ++$moved;
                        self::assertTrue($turn >= $own[$move->piece->id], "seed {$seed}: a piece with a day of its own stays where it is until then");
                        self::assertTrue($turn === $own[$move->piece->id] || null !== $waits->ofMove($move), "seed {$seed}: and is moved on it unless a tradition holds it");
                        self::assertNotSame(PlaceKind::Table, $move->to->kind, "seed {$seed}: in one go");
                    }
                    $wait = PlaceKind::Spot === $move->to->kind ? $waits->ofMove($move) : null;
                    self::assertTrue(null === $wait || $date >= $wait->until, "seed {$seed}: {$move->piece->id} is not put out before its day");
                }
            }
            foreach ($moves as $move) {
                $id = $move->piece->id;
                if (\in_array($id, $dayless, true)) {
                    ++$held;
                    self::assertSame($move->from->key(), $at[$id], "seed {$seed}: {$id} is left where it is");
                } elseif (PlaceKind::Spot === $move->to->kind || isset($own[$id])) {
                    self::assertSame($move->to->key(), $at[$id], "seed {$seed}: {$id} arrives");
                } else {
                    $leaves = $share->turnOf(PlaceKind::Spot === $move->from->kind ? $move->from->id : null);
                    self::assertSame((null === $leaves ? $move->from : $move->to)->key(), $at[$id], "seed {$seed}: {$id} is put away");
                }
            }
        }
        self::assertGreaterThan(100, $held, 'traditions held something back');
        self::assertGreaterThan(200, $moved, 'pieces had days of their own');
    }

    /** The tree stands until the second day, though the bench is dressed on the first. */
    public function testWhatStandsWhereSomethingElseHasComeIsInTheWay(): void
    {
        $leaves = new PlannedMove(Make::piece('fir', PieceKind::Tree), 1, Place::spot('bench'), Place::tote('t'));
        $comes = new PlannedMove(Make::piece('bowl', PieceKind::Bowl), 1, Place::tote('t'), Place::spot('bench'));
        $inTheWay = static fn(array $own): array => array_map(
            static fn(PlannedMove $move): string => $move->piece->id,
            (new DayShare(own: $own))->inTheWay([$leaves, $comes]),
        );

        self::assertSame(['fir'], $inTheWay(['fir' => 1]));
        self::assertSame([], $inTheWay(['fir' => 1, 'bowl' => 1]), 'both on the second day');
        self::assertSame([], $inTheWay(['bowl' => 1]), 'taken down before');
        self::assertSame([], $inTheWay([]));
    }

    /** By hand: three lanterns, two of which leave on the swap day; a bowl comes on the second day. */
    public function testASpotIsDressedThroughADayWhileSomethingStaysThere(): void
    {
        $now = new Whereabouts(['lantern' => ['spot:step' => 3], 'cone' => ['spot:sill' => 1]]);
        $moves = [
            new PlannedMove(Make::piece('lantern', PieceKind::Lantern), 2, Place::spot('step'), Place::tote('t')),
            new PlannedMove(Make::piece('cone'), 1, Place::spot('sill'), Place::tote('t')),
            new PlannedMove(Make::piece('bowl', PieceKind::Bowl), 1, Place::tote('t'), Place::spot('sill')),
        ];
        $share = new DayShare(['sill' => 0], own: ['bowl' => 1]);

        self::assertSame(['step' => true, 'sill' => true], $share->dressedThrough(-1, $moves, $now), 'before anything was moved');
        self::assertSame(['step' => true], $share->dressedThrough(0, $moves, $now), 'the sill is emptied');
        self::assertSame(['step' => true], $share->dressedThrough(1, $moves, $now), 'and bare when the bowl comes');
        self::assertSame(['step' => true, 'sill' => true], $share->dressedThrough(2, $moves, $now));
    }

    public function testTheLaterOfTwoTraditionsCounts(): void
    {
        [$eve, $day] = [new Wait(new \DateTimeImmutable('2026-12-24'), 'Stockings'), new Wait(new \DateTimeImmutable('2026-12-26'), 'Mantel')];
        $move = new PlannedMove(Make::piece('p', PieceKind::Stocking), 1, Place::of(PlaceKind::Table), Place::spot('mantel'));

        self::assertSame($day, (new Waits(['mantel' => $day], ['stocking' => $eve]))->ofMove($move));
        self::assertSame($eve, (new Waits([], ['stocking' => $eve]))->ofMove($move));
        self::assertNull((new Waits(['hearth' => $day]))->ofMove($move));
    }

    #[TestWith(['24 Dec', '2026-12-05', '2026-12-24'])]
    #[TestWith(['24 Dec', '2026-12-24', null], 'on the day itself nothing waits')]
    #[TestWith(['24 Dec', '2027-01-02', null], 'next winter is another swap')]
    #[TestWith(['5 Jan', '2026-12-12', '2027-01-05'], 'over the turn of the year')]
    #[TestWith(['1 day after Easter', '2026-03-20', '2026-04-06'], 'Easter Sunday 2026 is 5 April')]
    #[TestWith(['29 Feb', '2026-12-20', null], 'a year without that day')]
    public function testATraditionWaitsForItsNextDay(string $rule, string $from, ?string $until): void
    {
        self::assertSame($until, (new Tradition('Stockings', FeastRule::read($rule)))->waitsUntil(new \DateTimeImmutable($from))?->format('Y-m-d'));
    }

    private function waits(Randomizer $random): Waits
    {
        $wait = static fn(): Wait => new Wait(new \DateTimeImmutable(sprintf('2026-12-%02d', $random->getInt(1, 31))), 'it');

        return new Waits(
            0 === $random->getInt(0, 1) ? ['s' . $random->getInt(0, 5) => $wait()] : [],
            0 === $random->getInt(0, 1) ? ['stocking' => $wait()] : [],
            0 === $random->getInt(0, 1) ? ['p' . $random->getInt(0, 9) => $wait()] : [],
        );
    }

    /** @return list<PlannedMove> */
    private function moves(Randomizer $random): array
    {
        $place = static fn(): Place => 0 === $random->getInt(0, 2) ? Place::tote('t' . $random->getInt(0, 2)) : Place::spot('s' . $random->getInt(0, 5));
        $moves = [];
        foreach (range(0, $random->getInt(1, 12)) as $i) {
            [$from, $to] = [$place(), $place()];
            if ($from->key() !== $to->key()) {
                $moves[] = new PlannedMove(Make::piece('p' . $i, 0 === $i % 3 ? PieceKind::Stocking : PieceKind::Vase), 1, $from, $to);
            }
        }

        return $moves;
    }
}
