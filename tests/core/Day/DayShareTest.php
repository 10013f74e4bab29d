<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Calendar\FeastRule;
use BrightCupboard\Core\Calendar\Tradition;
use BrightCupboard\Core\Day\Carriers;
use BrightCupboard\Core\Day\DayShare;
use BrightCupboard\Core\Day\Wait;
use BrightCupboard\Core\Day\Waits;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
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
        $held = $moved = $carried = 0;
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
            $carriers = $this->carriers($random, $moves);
            $share = new DayShare($turns, 0, $waits, $dates, $own, new Carriers($carriers));
            $dayless = array_map(static fn(array $one): string => $one[0]->piece->id, $share->dayless($moves));
            $at = [];
            foreach ($moves as $move) {
                $at[$move->piece->id] = $move->from->key();
            }
            $arrived = $there = [];
            foreach ($dates as $turn => $date) {
                foreach ($share->on($turn, $moves) as $move) {
                    self::assertSame($at[$move->piece->id], $move->from->key(), "seed {$seed}: it is taken from where it is");
                    $at[$move->piece->id] = $move->to->key();
                    if (isset($own[$move->piece->id])) {
                        ++$moved;
                        self::assertTrue($turn >= $own[$move->piece->id], "seed {$seed}: a piece with a day of its own stays where it is until then");
                        $isCarried = isset($carriers[$move->to->id][$move->piece->id]);
                        self::assertTrue(
                            $turn === $own[$move->piece->id] || $isCarried || null !== $waits->ofMove($move),
                            "seed {$seed}: and is moved on it unless a tradition or what carries it holds it",
                        );
                        self::assertNotSame(PlaceKind::Table, $move->to->kind, "seed {$seed}: in one go");
                    }
                    $wait = PlaceKind::Spot === $move->to->kind ? $waits->ofMove($move) : null;
                    self::assertTrue(null === $wait || $date >= $wait->until, "seed {$seed}: {$move->piece->id} is not put out before its day");
                    $arrived[$move->piece->id] = $turn;
                    foreach (PlaceKind::Spot === $move->to->kind ? $carriers[$move->to->id][$move->piece->id] ?? [] : [] as $carrier) {
                        ++$carried;
                        $there[] = [$move->piece->id, $carrier->piece->id];
                    }
                }
            }
            foreach ($there as [$guest, $carrier]) {
                self::assertNotContains($carrier, $dayless, "seed {$seed}: what waits for another time takes along what it carries");
                self::assertGreaterThanOrEqual($arrived[$carrier], $arrived[$guest], "seed {$seed}: {$guest} does not come before {$carrier}");
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
        self::assertGreaterThan(100, $carried, 'things came onto others');
    }

    /** The star comes with its fir: by a day that the fir was given, and by a tradition that holds it; an earlier day of its own is too early for it. */
    public function testWhatTrimsOrStandsOnSomethingComesNoEarlier(): void
    {
        $fir = new PlannedMove(Make::piece('fir', PieceKind::Tree), 1, Place::tote('t'), Place::spot('corner'));
        $star = new PlannedMove(Make::piece('star', PieceKind::Bauble), 1, Place::tote('t'), Place::spot('corner'));
        $carriers = new Carriers(['corner' => ['star' => [$fir]]]);
        $dates = [-1 => new \DateTimeImmutable('2026-12-10'), 0 => new \DateTimeImmutable('2026-12-17'), 1 => new \DateTimeImmutable('2026-12-24')];
        $days = static function (DayShare $share) use ($fir, $star): array {
            $days = [];
            foreach ([-1, 0, 1] as $turn) {
                $days[] = array_map(static fn(PlannedMove $move): string => $move->piece->id, $share->on($turn, [$star, $fir]));
            }

            return $days;
        };
        $eve = new Waits([], [], ['fir' => new Wait(new \DateTimeImmutable('2026-12-20'), 'Tree')]);
        $never = new Waits([], [], ['fir' => new Wait(new \DateTimeImmutable('2027-02-01'), 'Tree')]);

        self::assertSame([[], [], ['star', 'fir']], $days(new DayShare(dates: $dates, own: ['fir' => 1], carriers: $carriers)));
        self::assertSame([[], [], ['star', 'fir']], $days(new DayShare(waits: $eve, dates: $dates, carriers: $carriers)));
        self::assertSame(
            [['fir'], ['star'], []],
            $days(new DayShare(dates: $dates, own: ['fir' => -1], carriers: $carriers)),
            'a tree may settle before it is trimmed',
        );
        $early = new DayShare(dates: $dates, own: ['star' => -1], carriers: $carriers);
        self::assertSame([[], ['star', 'fir'], []], $days($early));
        self::assertSame([$fir, null], [$early->carrierComingLater($star), $early->carrierComingLater($fir)]);
        self::assertNull((new DayShare(dates: $dates, own: ['star' => 1], carriers: $carriers))->carrierComingLater($star));
        $held = new DayShare(waits: $never, dates: $dates, carriers: $carriers);
        self::assertSame([[], [], []], $days($held));
        self::assertSame(['star', 'fir'], array_map(static fn(array $one): string => $one[0]->piece->id, $held->dayless([$star, $fir])));
        self::assertSame('2027-02-01', $held->dayless([$star])[0][1]->until->format('Y-m-d'), 'the star waits as long as its fir');
    }

    /** As planned: stems in the vase, the vase on the books, the bow on the garland; what is there already is waited for by nobody. */
    public function testWhatCarriesWhatIsReadFromThePlan(): void
    {
        $spot = Make::spot(width: 60, depth: 12);
        $stock = [
            'books' => Make::piece('books', PieceKind::Books, 8, 3),
            'vase' => Make::piece('vase', PieceKind::Vase, 6, 10),
            'stems' => Make::piece('stems', PieceKind::Bunch, 3, 20),
            'garland' => Make::piece('garland', PieceKind::Garland, 40, 4),
            'bow' => Make::piece('bow', PieceKind::Ribbon, 5, 6),
        ];
        $stances = [
            'books' => new Stance(2540, Layer::Middle, 0, 0, Posture::Carries),
            'vase' => new Stance(2540, Layer::Middle, 762),
            'stems' => new Stance(2921, Layer::Middle, 762, 0, Posture::Fills),
            'garland' => new Stance(4000, Layer::Front, 0, 0, Posture::Drapes),
            'bow' => new Stance(8000, Layer::Front, 0, 0, Posture::Trims),
        ];
        $plan = new Plan($stock, [], new Whereabouts(array_map(static fn(): array => ['tote:t' => 1], $stock)), ['spot' => $spot], [], []);
        $moves = [];
        foreach ($stances as $id => $stance) {
            $plan = $plan->with($plan->place("at-{$id}", $id, $spot, 1, $stance));
            $moves[$id] = new PlannedMove($stock[$id], 1, Place::tote('t'), Place::spot('spot'));
        }
        $bringing = static fn(string $id, array $moves): array => array_map(
            static fn(PlannedMove $move): string => $move->piece->id,
            Carriers::of($plan, $moves)->bringing(new PlannedMove($stock[$id], 1, Place::tote('t'), Place::spot('spot'))),
        );

        self::assertSame([['vase'], ['books'], [], [], ['garland']], array_map(
            static fn(string $id): array => $bringing($id, array_values($moves)),
            ['stems', 'vase', 'books', 'garland', 'bow'],
        ));
        self::assertSame([[], ['books']], [$bringing('stems', [$moves['books']]), $bringing('vase', [$moves['books']])], 'the vase stands there already');
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

    /**
     * @param list<PlannedMove> $moves
     *
     * @return array<string, array<string, list<PlannedMove>>> some of what comes to a spot carried by something that comes there too, in chains
     */
    private function carriers(Randomizer $random, array $moves): array
    {
        $carriers = $first = [];
        foreach ($moves as $move) {
            $spot = $move->to->id ?? '';
            if (PlaceKind::Spot === $move->to->kind && isset($first[$spot]) && 0 === $random->getInt(0, 1)) {
                $carriers[$spot][$move->piece->id] = [$first[$spot]];
            }
            $first[$spot] = $move;
        }

        return $carriers;
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
